<?php

declare(strict_types=1);

namespace FoxCorner\Core\Practice\Station;

use FoxCorner\Core\Practice\Drill\Pace;
use FoxCorner\Core\Practice\Drill\Repetitions;
use FoxCorner\Core\Practice\Ground\Ground;
use FoxCorner\Core\Problem\OutOfRange;
use FoxCorner\Core\Problem\Problem;
use FoxCorner\Core\Problem\Refused;
use FoxCorner\Core\Value\ButFor;

/** One station: whom it serves, how many at once, and what it costs in people, pieces and arms. */
final readonly class Station
{
    use ButFor;

    /**
     * @param list<int>          $positions     that it serves
     * @param int                $atOnce        players who work at the same time
     * @param int                $secondsPerRep for one player's repetition
     * @param array<string, int> $equipment     pieces by name
     * @param bool               $tosses        whether its players toss or throw softly
     * @param string|null        $way           id of the station of which this is one way to run it: needs name that,
     *                                          and no two ways of it run at the same time; null: it has only this one
     * @param bool               $oneReceives   whether one of the group takes the others' throws, in turn
     * @param int|null           $must          position at which at least one of a group works
     * @param Pace|null          $pace          how its repetitions come about; null: by the clock
     * @param int                $sprintsPerRep at full speed
     * @param int                $beside        groups at most that do it side by side
     * @param int                $extra         players besides who can help: run, feed, receive
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
        public ?string $way = null,
        public bool $oneReceives = false,
        public ?int $must = null,
        public ?Pace $pace = null,
        public int $sprintsPerRep = 0,
        public int $beside = 1,
        public int $extra = 0,
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

    /** What needs call it, however it is run. */
    public function key(): string
    {
        return $this->way ?? $this->id;
    }

    /** Whether both cannot run at the same time, pieces and people aside. */
    public function excludes(self $other): bool
    {
        return $this->key() === $other->key() || $this->ground->conflictsWith($other->ground);
    }

    /**
     * Whether a group can begin.
     *
     * @param array<int, int> $group positions by player
     */
    public function isComplete(array $group): bool
    {
        return \count($group) >= $this->min && (null === $this->must || \in_array($this->must, $group, true));
    }

    /** Repetitions that each of a group gets; none when the group does not fit. */
    public function repetitions(int $group, float $minutes): int
    {
        return $group < $this->min || $group > $this->max
            ? 0
            : ($this->pace ?? Pace::plain())->each(
                $this->together($group),
                $this->atOnce,
                $this->secondsPerRep,
                $minutes,
                $this->oneReceives,
            );
    }

    /** Of a round, what each of a group spends in a line. */
    public function inLine(int $group): float
    {
        return $group < 1 ? 0.0 : Pace::inLine($this->together($group), $this->atOnce, $this->secondsPerRep);
    }

    private function together(int $group): int
    {
        return Repetitions::together($group, $this->min, $this->beside);
    }

    /** The same elsewhere. */
    public function on(Ground $ground): self
    {
        return $this->but(ground: $ground);
    }
}
