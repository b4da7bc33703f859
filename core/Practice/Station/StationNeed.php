<?php

declare(strict_types=1);

namespace FoxCorner\Core\Practice\Station;

/** Repetitions that a position should get at a station, all players together. */
final readonly class StationNeed
{
    /** @param float $weight of one repetition */
    public function __construct(
        public string $id,
        public int $position,
        public string $station,
        public int $reps,
        public float $weight,
    ) {}
}
