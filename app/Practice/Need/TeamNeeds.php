<?php

declare(strict_types=1);

namespace FoxCorner\App\Practice\Need;

use FoxCorner\App\Club\Team;
use FoxCorner\App\Plan\CoverageReports;
use FoxCorner\App\Plan\PlanReader;
use FoxCorner\App\Plan\ReadPlan;
use FoxCorner\App\Plan\RunTables;
use FoxCorner\App\Practice\Book\Practice;
use FoxCorner\App\Practice\Drills\DrillShelf;
use FoxCorner\Core\Game\Context;
use FoxCorner\Core\People\NoLineup;
use FoxCorner\Core\People\RosterPlayer;
use FoxCorner\Core\Plan\Audit\AuditedPlay;
use FoxCorner\Core\Practice\Need\Demand;
use FoxCorner\Core\Practice\Need\FloorsLeft;
use FoxCorner\Core\Practice\Need\JobNeed;
use FoxCorner\Core\Practice\Need\JobNeeds;
use FoxCorner\Core\Practice\Need\PlanDemand;
use FoxCorner\Core\Practice\Need\Record;
use FoxCorner\Core\Practice\Need\StandingDemand;
use FoxCorner\Core\Practice\Need\Taught;
use FoxCorner\Core\Runs\RunChain;

/** What a team should practise: what its plan and the game ask, less what is fresh. */
final readonly class TeamNeeds
{
    public function __construct(
        private PlanReader $plans,
        private CoverageReports $reports,
        private PracticeHistory $history,
        private DrillShelf $shelf,
        private RunTables $tables,
    ) {}

    /**
     * @param list<RosterPlayer> $players who come
     *
     * @return list<JobNeed> the heaviest first
     */
    public function of(Team $team, array $players, \DateTimeImmutable $when): array
    {
        return $this->under($this->plays($team), $team, $players, $this->record($team, $when));
    }

    /**
     * The same where the plays are known already.
     *
     * @param list<AuditedPlay>  $plays
     * @param list<RosterPlayer> $players who come
     * @param FloorsLeft|null    $floors  of the week; null: none is asked for
     *
     * @return list<JobNeed> the heaviest first
     */
    public function under(array $plays, Team $team, array $players, Record $record, ?FloorsLeft $floors = null): array
    {
        return JobNeeds::of($this->demands($plays, $team), $players, $record, $floors);
    }

    /**
     * @param list<AuditedPlay> $plays
     *
     * @return list<Demand> what plan and game ask
     */
    public function demands(array $plays, Team $team): array
    {
        return [...PlanDemand::of($plays), ...StandingDemand::of($team->rules())];
    }

    /** @param list<Practice>|null $practices of the team, where they are known already */
    public function record(Team $team, \DateTimeImmutable $when, ?array $practices = null): Record
    {
        return Record::of($this->history->taught($team, $when, $practices), $this->shelf->ever($team));
    }

    /**
     * @param list<Practice>|null $practices of the team, where they are known already
     *
     * @return list<Taught> what was practised before
     */
    public function taught(Team $team, \DateTimeImmutable $when, ?array $practices = null): array
    {
        return $this->history->taught($team, $when, $practices);
    }

    /** @return list<AuditedPlay> of every situation with a coverage; none when the roster does not make nine */
    public function plays(Team $team): array
    {
        try {
            return $this->audited($team, $this->plans->plans($team, RunChain::situations(), Context::ordinary()));
        } catch (NoLineup) {
            return [];
        }
    }

    /**
     * @param list<ReadPlan> $plans in an ordinary context
     *
     * @return list<AuditedPlay> those with a coverage
     */
    public function audited(Team $team, array $plans): array
    {
        return $this->reports->audited(
            array_merge(...array_map($this->plans->plays(...), $plans)),
            $this->tables->cost($team, Context::ordinary()),
        );
    }
}
