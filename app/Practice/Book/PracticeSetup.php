<?php

declare(strict_types=1);

namespace FoxCorner\App\Practice\Book;

use FoxCorner\Core\Field\Point;
use FoxCorner\Core\People\Limit;
use FoxCorner\Core\Practice\Build\FieldPart;
use FoxCorner\Core\Practice\Build\Helper;
use FoxCorner\Core\Practice\Build\Helpers;
use FoxCorner\Core\Practice\Time\TimeShape;
use FoxCorner\Core\Problem\Problem;
use FoxCorner\Core\Value\ButFor;

/** What a practice has to work with, and what the coach has decided about its stations. */
final readonly class PracticeSetup
{
    use ButFor;

    /** What a club usually has in the shed. */
    public const SHED = ['bucket of balls' => 4, 'bag' => 3, 'net' => 1, 'screen' => 1, 'helmet' => 4, 'cone' => 12];

    /**
     * @param list<Helper>                       $helpers
     * @param array<string, int>                 $equipment  pieces by name
     * @param string                             $part       as in {@see FieldPart}
     * @param list<string>|null                  $stations   keys of the drills that the coach wants; null: whatever is
     *                                                       needed most
     * @param array<string, array{float, float}> $shifts     ft by which the coach has moved a station
     * @param list<string>                       $locks      "round/drill": these groups stay when it is solved again
     * @param bool                               $isWatched  whether there is a grown-up at every station
     * @param array<string, string>              $limits     for this evening, as in {@see Limit}, by player's id
     * @param int|null                           $core       min of the daily core; null, as for the other parts: by the
     *                                                       length of the practice
     * @param list<array{int|string, int}>       $throwsLeft shirt numbers of counted arms, and the throws that each
     *                                                       has left for the day
     */
    public function __construct(
        public array $helpers,
        public array $equipment = self::SHED,
        public string $part = FieldPart::Whole->value,
        public ?int $warmUp = null,
        public ?int $round = null,
        public ?int $teamDefence = null,
        public ?int $finish = null,
        public bool $isHot = false,
        public ?array $stations = null,
        public array $shifts = [],
        public array $locks = [],
        public int $seed = 1,
        public bool $isWatched = false,
        public array $limits = [],
        public ?int $core = null,
        public array $throwsLeft = [],
    ) {}

    /** The limit of a player that holds for this practice; null: the roster's. */
    public function limitOf(string $player): ?Limit
    {
        return Limit::tryFrom($this->limits[$player] ?? '');
    }

    /** Hard throws that an arm has left for the day; null: nobody has counted it. */
    public function throwsLeftOf(string $number): ?int
    {
        return array_column($this->throwsLeft, 1, 0)[$number] ?? null;
    }

    /** @throws Problem when the minutes are out of bounds */
    public function shape(int $minutes): TimeShape
    {
        return TimeShape::of(
            $minutes,
            $this->warmUp,
            $this->round,
            $this->teamDefence,
            $this->finish,
            $this->isHot,
        )->withCore($this->core ?? TimeShape::coreWithin($minutes));
    }

    /** @throws Problem when nobody helps */
    public function crew(): Helpers
    {
        return Helpers::named($this->helpers);
    }

    public function fieldPart(): FieldPart
    {
        return FieldPart::from($this->part);
    }

    /** @return array<string, Point> */
    public function points(): array
    {
        return array_map(static fn(array $shift): Point => Point::of($shift[0], $shift[1]), $this->shifts);
    }

    /** @param list<string> $stations */
    public function withStations(array $stations): self
    {
        return $this->changed(stations: $stations, shifts: array_intersect_key($this->shifts, array_flip($stations)));
    }

    public function withShift(string $drill, float $x, float $y): self
    {
        return $this->changed(shifts: [...$this->shifts, $drill => [$x, $y]]);
    }

    public function withLockTurned(string $lock): self
    {
        return $this->changed(
            locks: \in_array($lock, $this->locks, true)
                ? array_values(array_diff($this->locks, [$lock]))
                : [...$this->locks, $lock],
        );
    }

    /**
     * The same with other pieces from the shed.
     *
     * @param array<string, int> $equipment by name
     */
    public function having(array $equipment): self
    {
        return $this->changed(equipment: $equipment);
    }

    /** As if the coach had decided nothing about the stations. */
    public function choosingAgain(): self
    {
        return $this->but(stations: null, shifts: [], locks: [], seed: 1);
    }

    public function withSeed(int $seed): self
    {
        return $this->changed(seed: $seed);
    }

    /** Whether another one asks for the same, the beginning of the search aside. */
    public function asks(self $other): bool
    {
        return serialize($this->withSeed(0)) === serialize($other->withSeed(0));
    }

    /** What the coach had decided about the stations before, with what there is to work with now. */
    public function decidedAs(self $before): self
    {
        return $this->changed($before->stations, $before->shifts, $before->locks, $before->seed);
    }

    /**
     * @param list<string>|null                       $stations  null: as they are
     * @param array<string, array{float, float}>|null $shifts
     * @param list<string>|null                       $locks
     * @param array<string, int>|null                 $equipment
     */
    private function changed(
        ?array $stations = null,
        ?array $shifts = null,
        ?array $locks = null,
        ?int $seed = null,
        ?array $equipment = null,
    ): self {
        return $this->but(
            equipment: $equipment ?? $this->equipment,
            stations: $stations ?? $this->stations,
            shifts: $shifts ?? $this->shifts,
            locks: $locks ?? $this->locks,
            seed: $seed ?? $this->seed,
        );
    }
}
