<?php

declare(strict_types=1);

namespace FoxCorner\App\Ahead;

use FoxCorner\App\Plan\CoverageReports;
use FoxCorner\App\Plan\PlanAudits;
use FoxCorner\App\Plan\PlanReader;
use FoxCorner\App\Plan\RangeSummaries;
use FoxCorner\App\Plan\ReadPlan;
use FoxCorner\App\Plan\RunTables;
use FoxCorner\App\Practice\Solving\SolveJob;
use FoxCorner\App\Practice\Solving\SolveJobs;
use FoxCorner\App\Practice\Solving\SolveKind;
use FoxCorner\App\Practice\Solving\SolveOutcome;
use FoxCorner\App\Practice\Solving\SolveWork;
use FoxCorner\Core\Game\Context;
use FoxCorner\Core\People\NoLineup;
use FoxCorner\Core\Plan\Audit\PlannedPlay;
use FoxCorner\Core\Runs\RunChain;

/**
 * What pages will ask of a plan, in the order in which they do: all of it, then each situation, then what is beside.
 */
final readonly class ReckonFigures implements SolveWork
{
    public function __construct(
        private SolveJobs $jobs,
        private PlanReader $plans,
        private PlanAudits $audits,
        private RangeSummaries $ranges,
        private CoverageReports $reports,
        private RunTables $tables,
    ) {}

    public function kind(): SolveKind
    {
        return SolveKind::Ahead;
    }

    public function do(SolveJob $job): SolveOutcome
    {
        $this->audits->whole($job->team);
        try {
            $plans = $this->plans->plans($job->team, RunChain::situations(), Context::ordinary());
        } catch (NoLineup) {
            return SolveOutcome::done();
        }
        $cost = $this->tables->cost($job->team, Context::ordinary());
        $pieces = [
            ...array_map(fn(ReadPlan $read): \Closure => fn(): mixed => $this->ranges->of($read->plan, $cost), $plans),
            ...array_map(
                fn(PlannedPlay $play): \Closure => fn(): mixed => $this->reports->of($play, $cost),
                array_merge(...array_map($this->plans->plays(...), $plans)),
            ),
        ];
        foreach ($pieces as $done => $piece) {
            $piece();
            if (!$this->jobs->goesOn($job, $done, \count($pieces))) {
                break;
            }
        }

        return SolveOutcome::done();
    }
}
