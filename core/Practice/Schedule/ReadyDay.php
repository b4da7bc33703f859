<?php

declare(strict_types=1);

namespace FoxCorner\Core\Practice\Schedule;

use FoxCorner\Core\Practice\Drill\Drill;
use FoxCorner\Core\Practice\Need\JobNeed;

/** A day of practice with all that is to be solved. */
final readonly class ReadyDay
{
    /**
     * @param list<JobNeed>        $needs  the heaviest first
     * @param array<string, Drill> $wanted stations, by key; those that cannot be run among them
     */
    public function __construct(
        public PracticeDay $day,
        public array $needs,
        public array $wanted,
        public PracticeRequest $request,
    ) {}

    public function solve(): SolvedDay
    {
        return new SolvedDay($this, Scheduler::solve($this->request));
    }
}
