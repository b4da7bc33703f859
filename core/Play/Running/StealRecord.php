<?php

declare(strict_types=1);

namespace FoxCorner\Core\Play\Running;

use FoxCorner\Core\Problem\OutOfRange;
use FoxCorner\Core\Problem\Problem;

/**
 * How often runners went on somebody, and were caught; blended with what the clock says by their number.
 *
 * The clock's chance of the out is moved, in odds, by as much as the record, blended with the ordinary share for so
 * many attempts as {@see self::ORDINARY}, lies off that share.
 */
final readonly class StealRecord
{
    /** Attempts that what is ordinary counts for (ours). */
    private const ORDINARY = 20;
    private const MOST = 999;

    private function __construct(public int $attempts, public int $caught) {}

    public static function none(): self
    {
        return new self(0, 0);
    }

    /** @throws Problem when more were caught than went */
    public static function of(int $attempts, int $caught): self
    {
        OutOfRange::unlessBetween('attempts', $attempts, 0, self::MOST, 'steals');
        OutOfRange::unlessBetween('caught', $caught, 0, $attempts, 'of the steals');

        return new self($attempts, $caught);
    }

    public function and(self $other): self
    {
        return new self($this->attempts + $other->attempts, $this->caught + $other->caught);
    }

    /** How much of the figure is his own, 0 to 1. */
    public function share(): float
    {
        return $this->attempts / ($this->attempts + self::ORDINARY);
    }

    /**
     * The chance that a runner is safe, with the record in it.
     *
     * @param float $success  as the clock says it
     * @param float $ordinary share of the level's steals that succeed
     */
    public function success(float $success, float $ordinary): float
    {
        $out = 1 - $ordinary;
        $blended = ($this->caught + self::ORDINARY * $out) / ($this->attempts + self::ORDINARY);
        $odds = self::odds($success) - (self::odds($blended) - self::odds($out));

        return 1 / (1 + exp(-$odds));
    }

    private static function odds(float $chance): float
    {
        $within = min(0.999, max(0.001, $chance));

        return log($within / (1 - $within));
    }
}
