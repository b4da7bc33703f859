<?php

declare(strict_types=1);

namespace FoxCorner\Core\Practice\Station;

use FoxCorner\Core\Problem\OutOfRange;
use FoxCorner\Core\Problem\Problem;
use FoxCorner\Core\Problem\Refused;

/** One station: whom it serves, how many at once, and what it costs in people, pieces and arms. */
final readonly class Station
{
    /**
     * @param list<int>          $positions     that it serves
     * @param int                $atOnce        players who work at the same time
     * @param int                $secondsPerRep for one player's repetition
     * @param array<string, int> $equipment     pieces by name
     * @param bool               $tosses        whether its players toss or throw softly
     *
     * @throws Problem when no group fits it
     */
    public function __construct(
        public string $id,
        public array $positions,
        public int $min,
        public int $max,
        public int $atOnce,
        public int $secondsPerRep,
        public int $throwsPerRep,
        public int $helpers,
        public array $equipment,
        public Ground $ground,
        public bool $tosses = false,
    ) {
        if ($min > $max) {
            throw Refused::because(
                "station $id",
                "it needs $min players and takes $max",
                'a smallest group that is not above the largest',
            );
        }
        OutOfRange::unlessBetween("station $id, seconds per repetition", $secondsPerRep, 1, 3600, 'seconds');
        OutOfRange::unlessBetween("station $id, at once", $atOnce, 1, 100, 'players');
        OutOfRange::unlessBetween("station $id, min", $min, 1, 100, 'players');
    }

    /** Repetitions that each of a group gets: floor(length / (seconds × turns)); none when the group does not fit. */
    public function repetitions(int $group, float $minutes): int
    {
        return $group < $this->min || $group > $this->max
            ? 0
            : (int) floor((60 * $minutes) / ($this->secondsPerRep * ceil($group / $this->atOnce)));
    }
}
