<?php

declare(strict_types=1);

namespace FoxCorner\Core\Practice\Station;

use FoxCorner\Core\Practice\Floor\Share;

/**
 * Repetitions that a position should get at a station, all players together; or what each of some players should have,
 * of which his first repetitions are worth more than his last.
 */
final readonly class StationNeed
{
    /** Of the weight, a share beyond what is wanted, up to so many. Source: the project's practice. */
    private const BEYOND = 0.6 / 28;
    private const MOST = 1.6;

    /**
     * @param float                    $weight of one repetition; where it is each player's own, of all that he wants
     * @param array<int, int>          $each   by player's index what of it is his: nobody else's counts for it;
     *                                         empty: whoever works there
     * @param array<string, list<int>> $also   other stations that give it, and at which positions; with each alone
     */
    public function __construct(
        public string $id,
        public int $position,
        public string $station,
        public int $reps,
        public float $weight,
        public array $each = [],
        public array $also = [],
    ) {}

    /**
     * Where it is had: positions by station.
     *
     * @return array<string, list<int>>
     */
    public function places(): array
    {
        $places = $this->also;
        $places[$this->station][] = $this->position;

        return array_map(static fn(array $positions): array => array_values(array_unique($positions)), $places);
    }

    /**
     * What repetitions of his own are worth to somebody who wants so many: all of the weight when he has them, a share
     * of them more than that share, and a little for some beyond. Source: the project's practice.
     *
     * @return non-empty-list<float> by repetitions, none first; more than the last are worth as much
     */
    public function worth(int $wanted): array
    {
        $worth = [0.0];
        for ($had = 1; $had <= ceil(self::MOST * $wanted); ++$had) {
            $share = $had / $wanted;
            $met = min(1.0, $share);
            $worth[] =
                Share::worth($met, $this->weight) +
                self::BEYOND * $this->weight * (min(self::MOST, max(1.0, $share)) - 1.0);
        }

        return $worth;
    }
}
