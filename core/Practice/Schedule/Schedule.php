<?php

declare(strict_types=1);

namespace FoxCorner\Core\Practice\Schedule;

use FoxCorner\Core\Level\AgeGroup;
use FoxCorner\Core\Practice\Build\Helpers;
use FoxCorner\Core\Practice\Build\Placement;
use FoxCorner\Core\Practice\Daily\DailyCore;
use FoxCorner\Core\Practice\Drill\Drill;
use FoxCorner\Core\Practice\Need\JobNeed;
use FoxCorner\Core\Practice\Need\MetNeed;
use FoxCorner\Core\Practice\Need\Taught;
use FoxCorner\Core\Practice\Team\TeamDefence;
use FoxCorner\Core\Practice\Time\BlockKind;
use FoxCorner\Core\Practice\Time\Round;
use FoxCorner\Core\Practice\Time\TimePlan;

/** A whole practice: the blocks on the clock, the rounds with their groups, the needs and what they get. */
final readonly class Schedule
{
    /**
     * @param list<Round>   $rounds
     * @param list<MetNeed> $needs
     * @param list<JobNeed> $unserved floors of the week that none of its stations gives
     */
    public function __construct(
        public TimePlan $time,
        public array $rounds,
        public array $needs,
        public float $objective,
        public Placement $placement,
        public DailyCore $core,
        public array $unserved = [],
    ) {}

    /** @return list<array<string, list<string>>> who helps where: by round names by the drill's key */
    public function duties(Helpers $helpers): array
    {
        $duties = $before = [];
        foreach ($this->rounds as $round) {
            $stations = $round->stations();
            $before =
                $helpers->duties(
                    array_map(static fn(array $turns): Drill => $turns[0]->drill, array_values($stations)),
                    $before,
                    array_map(static fn(array $turns): int => $turns[0]->receiver?->helpers() ?? 0, $stations),
                ) + $before;
            $duties[] = $before;
        }

        return $duties;
    }

    /** @return list<Taught> what everybody has when it is over */
    public function taught(AgeGroup $age): array
    {
        $positions = [];
        $turns = $this->core->taught();
        foreach ($this->rounds as $round) {
            foreach ($round->turns as $turn) {
                $turns[] = new Taught($turn->player->id, $turn->drill->key, $turn->position, $turn->reps, 0.0);
            }
            foreach ([...$round->turns, ...$round->helping] as $turn) {
                $positions[$turn->player->id] = $turn->player->positions[0];
            }
        }

        return [
            ...$turns,
            ...TeamDefence::taught($positions, $this->time->minutesOf(BlockKind::TeamDefence), $age, 0.0),
        ];
    }

    /** @return array<string, int> hard throws by player, those of the daily core among them */
    public function throws(): array
    {
        return $this->counted(static fn(Drill $drill): int => $drill->throwsPerRep, $this->core->throws());
    }

    /** @return array<string, int> full sprints by player */
    public function sprints(): array
    {
        return $this->counted(static fn(Drill $drill): int => $drill->sprintsPerRep, []);
    }

    /**
     * @param \Closure(Drill): int $each in a repetition
     * @param array<string, int>   $sum  before the first round, by player
     *
     * @return array<string, int>
     */
    private function counted(\Closure $each, array $sum): array
    {
        foreach ($this->rounds as $round) {
            foreach ($round->turns as $turn) {
                $sum[$turn->player->id] = ($sum[$turn->player->id] ?? 0) + $turn->reps * $each($turn->drill);
            }
        }

        return $sum;
    }

    /** Rounds of somebody who waits. */
    public function idle(): int
    {
        return array_sum(array_map(static fn(Round $round): int => \count($round->idle), $this->rounds));
    }

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
