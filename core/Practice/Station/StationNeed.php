<?php

declare(strict_types=1);

namespace FoxCorner\Core\Practice\Station;

/** Repetitions that a position should get at a station, all players together. */
final readonly class StationNeed
{
    /**
     * @param float           $weight of one repetition
     * @param array<int, int> $each   by player's index what of it is his: no more of it counts, and nobody else's;
     *                                empty: whoever works there
     */
    public function __construct(
        public string $id,
        public int $position,
        public string $station,
        public int $reps,
        public float $weight,
        public array $each = [],
    ) {}

    /**
     * What of his own each still wants.
     *
     * @param callable(int): int $had repetitions of a player by his index
     *
     * @return array<int, int> by player's index
     */
    public function lacks(callable $had): array
    {
        $lacks = [];
        foreach ($this->each as $player => $reps) {
            $lacks[$player] = $reps - $had($player);
        }

        return array_filter($lacks, static fn(int $lack): bool => $lack > 0);
    }
}
