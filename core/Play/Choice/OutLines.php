<?php

declare(strict_types=1);

namespace FoxCorner\Core\Play\Choice;

use FoxCorner\Core\Problem\OutOfRange;
use FoxCorner\Core\Problem\Problem;
use FoxCorner\Core\Problem\Refused;

/** How sure an out in front must be to be wanted, by the coach's own word. */
final readonly class OutLines
{
    /** Ours, until a coach says otherwise. */
    public const SURE = 0.8;
    public const CHANCE = 0.35;

    /**
     * Unchecked: {@see self::of()} checks.
     *
     * @param float $sure   the lead out "when sure", 0 to 1
     * @param float $chance the lead runner "whenever there is a chance", 0 to 1
     */
    public function __construct(public float $sure = self::SURE, public float $chance = self::CHANCE) {}

    /** @throws Problem when one is no chance worth the name, or a chance is surer than sure */
    public static function of(float $sure, float $chance): self
    {
        OutOfRange::unlessBetween('sure from', $sure, 0.5, 0.99, 'of 1');
        OutOfRange::unlessBetween('a chance from', $chance, 0.05, 0.95, 'of 1');
        if ($chance > $sure) {
            throw Refused::because(
                'a chance from',
                \sprintf('%d %% is more than the %d %% of “sure”', round(100 * $chance), round(100 * $sure)),
                'at most as much as “sure from”',
            );
        }

        return new self($sure, $chance);
    }

    public function isOrdinary(): bool
    {
        return self::SURE === $this->sure && self::CHANCE === $this->chance;
    }
}
