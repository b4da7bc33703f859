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

    public const WARM_UP = 12;
    public const ROUND = 8;
    public const TEAM_DEFENCE = 10;
    public const FINISH = 5;
    public const CORE = 10;
    public const MOST_CORE = 15;
    private const LEAST_CORE = 5;
    private const CORE_SHARE = 2 / 15;
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
    ) {}

    public static function usual(): self
    {
        return new self(self::WARM_UP, self::ROUND, self::TEAM_DEFENCE, self::FINISH, false, self::CORE);
    }

    /** min of the daily core in so many: 6 in 45, 12 in 90. Source: the project's practice. */
    public static function coreWithin(int $minutes): int
    {
        return (int) max(self::LEAST_CORE, min(self::MOST_CORE, round($minutes * self::CORE_SHARE)));
    }

    /**
     * @param int $teamDefence min at least; 0 for none
     *
     * @throws Problem when a part is too short to be of use or too long to bear
     */
    public static function of(int $warmUp, int $round, int $teamDefence, int $finish, bool $isHot): self
    {
        OutOfRange::unlessBetween('warm-up', $warmUp, 5, $isHot ? 14 : 20, 'minutes');
        OutOfRange::unlessBetween('round', $round, 4, $isHot ? 13 : 18, 'minutes, water in between');
        OutOfRange::unlessBetween('team defence', $teamDefence, 0, 90, 'minutes');
        OutOfRange::unlessBetween('finish', $finish, 0, 15, 'minutes');

        return new self($warmUp, $round, $teamDefence, $finish, $isHot, 0);
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

    public function waterEvery(): int
    {
        return $this->isHot ? self::WATER_EVERY_IN_HEAT : self::WATER_EVERY;
    }
}
