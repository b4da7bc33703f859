<?php

declare(strict_types=1);

namespace FoxCorner\Core\Plan\Audit;

use FoxCorner\Core\Game\Situation;
use FoxCorner\Core\People\Lineup;
use FoxCorner\Core\Plan\Check\ShippedChecks;
use FoxCorner\Core\Plan\SituationPlan;
use FoxCorner\Core\Play\Check\Finding;
use FoxCorner\Core\Runs\Visits;

/** All situations of a plan looked over: what is wrong with where they stand, and what each play asks and lacks. */
final readonly class PlanAudit
{
    /**
     * @param list<array{Situation, Finding}> $standing faults of where they stand
     * @param list<PlaySummary>               $plays    of those that were looked over
     * @param list<JobAsked>                  $asked    by those plays
     * @param int                             $left     plays that nobody has looked over yet
     */
    private function __construct(public array $standing, public array $plays, public array $asked, public int $left) {}

    /** Of a plan that no nine can play. */
    public static function none(): self
    {
        return new self([], [], [], 0);
    }

    /**
     * @param list<SituationPlan> $plans
     * @param list<AuditedPlay>   $plays those of their plays that were audited
     * @param int                 $left  that were not
     */
    public static function of(array $plans, array $plays, int $left = 0): self
    {
        $standing = [];
        foreach ($plans as $plan) {
            foreach (ShippedChecks::findings($plan) as $finding) {
                $standing[] = [$plan->state->situation, $finding];
            }
        }
        $level = ($plans[0] ?? null)?->level;
        $visits = null === $level ? null : Visits::of($level->rates, $level->advancement());

        $summaries = array_map(static fn(AuditedPlay $one): PlaySummary => PlaySummary::of($one, $visits), $plays);

        return new self($standing, $summaries, JobAsked::of($plays, $summaries), $left);
    }

    public function isWhole(): bool
    {
        return 0 === $this->left;
    }

    /** What was found without names, with the names of these nine. */
    public function named(Lineup $lineup): self
    {
        return new self(
            array_map(static fn(array $one): array => [$one[0], $one[1]->named($lineup)], $this->standing),
            array_map(static fn(PlaySummary $one): PlaySummary => $one->named($lineup), $this->plays),
            array_map(static fn(JobAsked $one): JobAsked => $one->named($lineup), $this->asked),
            $this->left,
        );
    }

    /** @return list<PlaySummary> */
    public function playsIn(Situation $situation): array
    {
        return array_values(
            array_filter(
                $this->plays,
                static fn(PlaySummary $one): bool => $one->situation->key() === $situation->key(),
            ),
        );
    }
}
