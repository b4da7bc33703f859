<?php

declare(strict_types=1);

namespace FoxCorner\Core\Play\Running;

use FoxCorner\Core\Level\Skills;
use FoxCorner\Core\Motion\Giving;
use FoxCorner\Core\Motion\OutChance;

/**
 * A throw after which somebody has to be tagged: one that is off the bag is caught, but the glove is later on the
 * runner, by {@see self::BACK} for each foot.
 *
 * P(out) = held · ∫ P(out | m − c r) over the bell of the misses r up to the reach, with P(out | m) the model's curve.
 */
final readonly class TagThrow
{
    /** s by which the glove is later on the runner for each foot that the throw is off (ours). */
    private const BACK = 0.06;
    /** Equal shares of the throws that can be reached, each taken at its middle. */
    private const SHARES = 8;
    /** A throw by somebody who did not expect to make it scatters so much wider. Source: the project's model. */
    private const SURPRISED = 2.0;

    /**
     * @param float       $caught 0 to 1
     * @param list<float> $late   s, of each share of the caught throws
     */
    private function __construct(public float $caught, private array $late) {}

    /**
     * @param float $feet  that it flies
     * @param float $reach ft around the bag, {@see Giving::reach()}
     * @param float $wider the scatter by another factor
     */
    public static function over(float $feet, float $reach, Skills $skills, float $wider = 1.0): self
    {
        $scatter = $skills->perfect ? 0.0 : $feet * Giving::scatter($skills->throw) * $wider;
        if ($scatter < 1e-6) {
            return new self(1.0, [0.0]);
        }
        $reached = Giving::within($reach, $scatter, 0.0);
        $late = [];
        for ($share = 0; $share < self::SHARES; ++$share) {
            $missed = $scatter * sqrt(-2 * log(1 - (($share + 0.5) / self::SHARES) * $reached));
            $late[] = self::BACK * $missed;
        }

        return new self(Giving::held($skills->bag) * $reached, $late);
    }

    /** The same of somebody who did not know that he would throw. */
    public static function surprised(float $feet, float $reach, Skills $skills, float $wider = 1.0): self
    {
        return self::over($feet, $reach, $skills, $wider * self::SURPRISED);
    }

    /**
     * The chance of the out.
     *
     * @param float $margin s by which a true throw, tag made, comes before the runner; negative: after him
     * @param float $spread s of the out curve
     */
    public function out(float $margin, float $spread): float
    {
        $sum = 0.0;
        foreach ($this->late as $late) {
            $sum += OutChance::ofMargin($margin - $late, $spread);
        }

        return ($this->caught * $sum) / \count($this->late);
    }
}
