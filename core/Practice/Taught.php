<?php

declare(strict_types=1);

namespace FoxCorner\Core\Practice;

use FoxCorner\Core\People\Position;

/** Repetitions that a position had in an earlier practice. */
final readonly class Taught
{
    /** Days after which a repetition counts half. Source: the project's model. */
    private const HALF_LIFE = 14.0;

    public function __construct(public string $drill, public Position $position, public int $reps, public float $daysAgo)
    {
    }

    public function stillCounts(): float
    {
        return $this->reps * 0.5 ** ($this->daysAgo / self::HALF_LIFE);
    }
}
