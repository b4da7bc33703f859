<?php

declare(strict_types=1);

namespace FoxCorner\Core\Practice\Need;

use FoxCorner\Core\People\Position;

/** Repetitions that a player had at a position in an earlier practice, and how they went. */
final readonly class Taught
{
    /** Days after which a repetition counts half. Source: the project's model. */
    private const HALF_LIFE = 14.0;

    public function __construct(
        public string $player,
        public string $drill,
        public Position $position,
        public int $reps,
        public float $daysAgo,
        public ?Grade $grade = null,
    ) {}

    /** Repetitions that still count. */
    public function stillCounts(): float
    {
        return $this->reps * ($this->grade?->counts() ?? 1.0) * 0.5 ** ($this->daysAgo / self::HALF_LIFE);
    }
}
