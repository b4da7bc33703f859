<?php

declare(strict_types=1);

namespace FoxCorner\Core\Practice\Time;

use FoxCorner\Core\Problem\OutOfRange;
use FoxCorner\Core\Problem\Problem;
use FoxCorner\Core\Value\ButFor;

/** How the coach wants the minutes to be spent. */
final readonly class TimeShape
{
    use ButFor;

    /** min of a whole practice, and of its parts in so many; in between in between. Source: the project's practice. */
    private const LENGTHS = [45, 60, 75, 90, 110];
    private const WARM_UP = [9, 12, 12, 15, 15];
    private const CORE = [6, 8, 10, 12, 15];
    private const TEAM_DEFENCE = [7, 10, 12, 15, 18];
    private const FINISH = [3, 4, 5, 5, 6];
    /** min that a round may last, moving aside, where nobody says how long. Source: the project's practice. */
    private const ROUNDS = [7, 6, 5];
    public const MOST_CORE = 15;
    private const LEAST_CORE = 5;
    private const LEAST_WARM_UP = 5;
    /** min without water, and in heat. Source: the project's model. */
    private const WATER_EVERY = 20;
    private const WATER_EVERY_IN_HEAT = 15;

    private function __construct(
        public int $warmUp,
        public int $round,
        public int $teamDefence,
        public int $finish,
        public bool $isHot,
        public int $core,
        private bool $isFree = false,
    ) {}

    /** As good coaches share out so many minutes; rounds as long as there is most of them. */
    public static function usual(int $minutes, bool $isHot = false): self
    {
        return self::of($minutes, isHot: $isHot)->withCore(self::coreWithin($minutes));
    }

    /** min of the daily core in so many */
    public static function coreWithin(int $minutes): int
    {
        return max(self::LEAST_CORE, self::within($minutes, self::CORE));
    }

    /**
     * What is not said is as usual in so many minutes.
     *
     * @param int      $minutes     of all of it
     * @param int|null $teamDefence min at least; 0 for none
     *
     * @throws Problem when a part is too short to be of use or too long to bear
     */
    public static function of(
        int $minutes,
        ?int $warmUp = null,
        ?int $round = null,
        ?int $teamDefence = null,
        ?int $finish = null,
        bool $isHot = false,
    ): self {
        $isFree = null === $round;
        $warmUp ??= max(self::LEAST_WARM_UP, min(self::within($minutes, self::WARM_UP), $isHot ? 12 : 20));
        $round ??= self::ROUNDS[0];
        $teamDefence ??= self::within($minutes, self::TEAM_DEFENCE);
        $finish ??= self::within($minutes, self::FINISH);
        OutOfRange::unlessBetween('warm-up', $warmUp, 5, $isHot ? 14 : 20, 'minutes');
        OutOfRange::unlessBetween('round', $round, 4, $isHot ? 13 : 18, 'minutes, water in between');
        OutOfRange::unlessBetween('team defence', $teamDefence, 0, 90, 'minutes');
        OutOfRange::unlessBetween('finish', $finish, 0, 15, 'minutes');

        return new self($warmUp, $round, $teamDefence, $finish, $isHot, 0, $isFree);
    }

    /** @return non-empty-list<self> one for each length of its rounds; the coach's alone where he says it */
    public function rounds(): array
    {
        return $this->isFree
            ? array_map(fn(int $round): self => $this->but(round: $round, isFree: false), self::ROUNDS)
            : [$this];
    }

    /**
     * The same with a daily core of so many minutes.
     *
     * @throws Problem when it is too long
     */
    public function withCore(int $core): self
    {
        OutOfRange::unlessBetween('daily core', $core, 0, self::MOST_CORE, 'minutes');

        return $this->but(core: $core);
    }

    /**
     * min of a part in so many of all.
     *
     * @param array{int, int, int, int, int} $part in each of the lengths
     */
    private static function within(int $minutes, array $part): int
    {
        if ($minutes <= self::LENGTHS[0]) {
            return (int) round(($part[0] * $minutes) / self::LENGTHS[0]);
        }
        [$from, $least] = [self::LENGTHS[0], $part[0]];
        foreach (self::LENGTHS as $index => $length) {
            if ($minutes <= $length) {
                $share = ($minutes - $from) / max(1, $length - $from);

                return (int) round($least + $share * ($part[$index] - $least));
            }
            [$from, $least] = [$length, $part[$index]];
        }

        return $least;
    }

    public function waterEvery(): int
    {
        return $this->isHot ? self::WATER_EVERY_IN_HEAT : self::WATER_EVERY;
    }
}
