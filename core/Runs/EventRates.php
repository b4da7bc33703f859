<?php

declare(strict_types=1);

namespace FoxCorner\Core\Runs;

use FoxCorner\Core\Problem\OutOfRange;
use FoxCorner\Core\Problem\Problem;
use FoxCorner\Core\Problem\Refused;

/** How often each thing happens in a plate appearance, as shares of one; what is left over are outs in play. */
final readonly class EventRates
{
    private const SINGLES_ON_THE_GROUND = 0.5;
    private const TO_OUTFIELDERS = 0.75;

    /** In the order of {@see self::of()}. */
    public const NAMES = ['walk', 'single', 'double', 'triple', 'home_run', 'strikeout', 'error'];

    /** @param float $walk walks and hit batters */
    private function __construct(
        public float $walk,
        public float $single,
        public float $double,
        public float $triple,
        public float $homeRun,
        public float $strikeout,
        public float $error,
    ) {}

    /**
     * @param float $walk walks and hit batters
     *
     * @throws Problem when a share is not one, or together they leave no room for outs in play
     */
    public static function of(
        float $walk,
        float $single,
        float $double,
        float $triple,
        float $homeRun,
        float $strikeout,
        float $error,
    ): self {
        $shares = [
            'walk' => $walk,
            'single' => $single,
            'double' => $double,
            'triple' => $triple,
            'home run' => $homeRun,
            'strikeout' => $strikeout,
            'error' => $error,
        ];
        foreach ($shares as $name => $share) {
            OutOfRange::unlessBetween($name, $share, 0.0, 0.9, '(share of plate appearances)');
        }
        $sum = array_sum($shares);
        if ($sum > 0.98) {
            throw Refused::because(
                'rates',
                \sprintf('together they are %.3f', $sum),
                'less than 0.98 together: the rest are outs in play',
            );
        }

        return new self($walk, $single, $double, $triple, $homeRun, $strikeout, $error);
    }

    /**
     * From a season's counts.
     *
     * @param int $appearances plate appearances, more than twenty
     *
     * @throws Problem when there are too few, or a count is more than there were appearances
     */
    public static function fromCounts(
        int $appearances,
        int $walks,
        int $hitBatters,
        int $singles,
        int $doubles,
        int $triples,
        int $homeRuns,
        int $strikeouts,
        int $errors,
    ): self {
        OutOfRange::unlessBetween('plate appearances', $appearances, 20, 100000, 'plate appearances');
        $share = static fn(int $count): float => $count / $appearances;

        return self::of(
            $share($walks + $hitBatters),
            $share($singles),
            $share($doubles),
            $share($triples),
            $share($homeRuns),
            $share($strikeouts),
            $share($errors),
        );
    }

    /** @return array<string, float> by {@see self::NAMES} */
    public function shares(): array
    {
        return array_combine(self::NAMES, [
            $this->walk,
            $this->single,
            $this->double,
            $this->triple,
            $this->homeRun,
            $this->strikeout,
            $this->error,
        ]);
    }

    public function outInPlay(): float
    {
        return 1 -
            $this->walk -
            $this->single -
            $this->double -
            $this->triple -
            $this->homeRun -
            $this->strikeout -
            $this->error;
    }

    /** Ground balls in a plate appearance: outs on the ground, errors, and about half of the singles (ours). */
    public function onTheGround(float $groundShare): float
    {
        return $groundShare * $this->outInPlay() + $this->error + self::SINGLES_ON_THE_GROUND * $this->single;
    }

    /** Balls that come to an outfielder: hits that stay in the field, and most of the outs in the air (ours). */
    public function toTheOutfield(float $groundShare): float
    {
        return $this->single +
            $this->double +
            $this->triple +
            self::TO_OUTFIELDERS * (1 - $groundShare) * $this->outInPlay();
    }
}
