<?php

declare(strict_types=1);

namespace FoxCorner\App\Practice\Need;

use FoxCorner\App\Club\Team;
use FoxCorner\App\Practice\Book\Practice;
use FoxCorner\App\Practice\Drills\DrillShelf;
use FoxCorner\Core\People\RosterPlayer;
use FoxCorner\Core\Plan\Audit\PlanAudit;
use FoxCorner\Core\Practice\Need\Demand;
use FoxCorner\Core\Practice\Need\FloorsLeft;
use FoxCorner\Core\Practice\Need\JobNeed;
use FoxCorner\Core\Practice\Need\JobNeeds;
use FoxCorner\Core\Practice\Need\PlanDemand;
use FoxCorner\Core\Practice\Need\Record;
use FoxCorner\Core\Practice\Need\StandingDemand;
use FoxCorner\Core\Practice\Need\Taught;

/** What a team should practise: what its plan and the game ask, less what is fresh. */
final readonly class TeamNeeds
{
    public function __construct(private PracticeHistory $history, private DrillShelf $shelf) {}

    /**
     * @param PlanAudit          $audit   of the team's plan
     * @param list<RosterPlayer> $players who come
     * @param FloorsLeft|null    $floors  of the week; null: none is asked for
     *
     * @return list<JobNeed> the heaviest first
     */
    public function under(
        PlanAudit $audit,
        Team $team,
        array $players,
        Record $record,
        ?FloorsLeft $floors = null,
    ): array {
        return JobNeeds::of($this->demands($audit, $team), $players, $record, $floors);
    }

    /** @return list<Demand> what plan and game ask */
    public function demands(PlanAudit $audit, Team $team): array
    {
        return [...PlanDemand::of($audit->asked), ...StandingDemand::of($team->rules())];
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
}
