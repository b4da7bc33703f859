<?php

declare(strict_types=1);

namespace FoxCorner\Core\Practice\Need;

use FoxCorner\Core\People\Position;
use FoxCorner\Core\Practice\Drill\Drill;

/** What a position should get of the drills that are run: how often in all, how much it counts, and why. */
final readonly class DrillNeed
{
    /** Wanted of everybody together. */
    public int $reps;

    /**
     * @param string                   $what    "bunts"
     * @param Drill                    $drill   that gives most of it
     * @param int                      $at      position at which it does
     * @param array<string, list<int>> $also    other drills that give it, by key, with the positions there
     * @param array<string, int>       $each    wanted of each, by player
     * @param float                    $weight  of what each wants
     * @param string                   $reason  a sentence
     * @param bool                     $isFloor whether it is of the week's floors; else the plan asks for it
     */
    public function __construct(
        public Position $position,
        public string $what,
        public Drill $drill,
        public int $at,
        public array $also,
        public array $each,
        public float $weight,
        public string $reason,
        public bool $isFloor = false,
    ) {
        $this->reps = array_sum($each);
    }

    public function key(): string
    {
        return $this->what . '/' . $this->position->value;
    }

    /**
     * What each wants, of those who come.
     *
     * @param array<string, int> $players their indexes by id
     *
     * @return array<int, int> by index
     */
    public function eachOf(array $players): array
    {
        $found = [];
        foreach (array_intersect_key($this->each, $players) as $id => $reps) {
            $found[$players[$id]] = $reps;
        }

        return $found;
    }
}
