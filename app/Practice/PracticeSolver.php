<?php

declare(strict_types=1);

namespace FoxCorner\App\Practice;

use FoxCorner\App\Plan\CoverageReports;
use FoxCorner\App\Plan\PlanReader;
use FoxCorner\App\Practice\Sheet\Sheet;
use FoxCorner\App\Practice\Sheet\SheetWriter;
use FoxCorner\App\Team\PlayerRepository;
use FoxCorner\App\Team\Team;
use FoxCorner\Core\Game\Context;
use FoxCorner\Core\Game\Situation;
use FoxCorner\Core\InvalidValue;
use FoxCorner\Core\People\Position;
use FoxCorner\Core\People\RosterPlayer;
use FoxCorner\Core\Practice\Drill\ShippedDrills;
use FoxCorner\Core\Practice\Needs;
use FoxCorner\Core\Practice\PracticeRequest;
use FoxCorner\Core\Practice\Scheduler;
use FoxCorner\Core\Practice\Taught;

/** From the team's plan and a draft to a sheet: what the plan asks, who comes, what fits the minutes. */
final readonly class PracticeSolver
{
    /** The situation whose bunt coverage is drilled: runner on first, nobody out. */
    private const SITUATION = 'R1-0';

    public function __construct(private PlanReader $plans, private CoverageReports $reports, private PlayerRepository $players, private PracticeRepository $practices, private SheetCodec $codec)
    {
    }

    /** @throws InvalidValue when the plan, the people or the minutes do not allow a practice */
    public function solve(Team $team, PracticeDraft $draft): Sheet
    {
        $startsAt = $draft->startsAt ?? throw InvalidValue::because('day and time', 'it is empty', 'a day and a time');
        $plan = $this->plans->read($team, Situation::fromKey(self::SITUATION), Context::ordinary())->plan;
        $coverage = $plan->coverage ?? throw InvalidValue::because('plan', 'the rule set knows no bunts, so there is no coverage to drill', 'a rule set with bunts');
        $coming = array_values(array_filter($this->players->rosterOf($team), static fn(RosterPlayer $player): bool => \in_array($player->id, $draft->comes, true)));
        $needs = Needs::of($this->reports->chosen($plan), $coming, ShippedDrills::all(), $this->taughtBefore($team, $startsAt));

        return SheetWriter::write(
            Scheduler::solve(PracticeRequest::of($coming, $draft->helpers ?? 0, $draft->minutes ?? 0, $team->rules()->diamond(), ShippedDrills::all(), $needs)),
            $coverage,
        );
    }

    /** @return list<Taught> */
    private function taughtBefore(Team $team, \DateTimeImmutable $when): array
    {
        $taught = [];
        foreach ($this->practices->of($team) as $practice) {
            $daysAgo = ($when->getTimestamp() - $practice->startsAt()->getTimestamp()) / 86400;
            if ($daysAgo <= 0.0) {
                continue;
            }
            foreach ($this->codec->read($practice)->needs as $need) {
                $taught[] = new Taught($need->drill, Position::ofNumber($need->position), $need->gained, $daysAgo);
            }
        }

        return $taught;
    }
}
