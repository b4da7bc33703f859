<?php

declare(strict_types=1);

namespace FoxCorner\Core\Practice\Schedule;

use FoxCorner\Core\Practice\Build\Placement;
use FoxCorner\Core\Practice\Daily\DailyCore;
use FoxCorner\Core\Practice\Need\MetNeed;
use FoxCorner\Core\Practice\Time\Round;
use FoxCorner\Core\Practice\Time\TimePlan;

/** A whole practice: the blocks on the clock, the rounds with their groups, the needs and what they get. */
final readonly class Schedule
{
    /**
     * @param list<Round>   $rounds
     * @param list<MetNeed> $needs
     */
    public function __construct(
        public TimePlan $time,
        public array $rounds,
        public array $needs,
        public float $objective,
        public Placement $placement,
        public DailyCore $core,
    ) {}

    /** @return list<MetNeed> */
    public function unmet(): array
    {
        return array_values(array_filter($this->needs, static fn(MetNeed $need): bool => !$need->isMet()));
    }

    public function metCount(): int
    {
        return \count($this->needs) - \count($this->unmet());
    }
}
