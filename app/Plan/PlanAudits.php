<?php

declare(strict_types=1);

namespace FoxCorner\App\Plan;

use FoxCorner\App\Club\Team;
use FoxCorner\App\Plan\Codec\Fingerprint;
use FoxCorner\App\Shared\Kept\Figures;
use FoxCorner\Core\Game\Context;
use FoxCorner\Core\People\NoLineup;
use FoxCorner\Core\Plan\Audit\AuditedPlay;
use FoxCorner\Core\Plan\Audit\PlanAudit;
use FoxCorner\Core\Plan\SituationPlan;
use FoxCorner\Core\Play\Contract\PlayFamilies;
use FoxCorner\Core\Play\Contract\PlayFamily;
use FoxCorner\Core\Runs\RunChain;

/**
 * The whole plan of a team looked over. What is known of it is kept in one piece; where something has changed, only the
 * plays that it changes are reckoned anew.
 */
final readonly class PlanAudits
{
    /** Plays that a page reckons itself; the rest is a worker's, or the next look's. */
    private const FEW = 16;

    public function __construct(
        private PlanReader $plans,
        private RunTables $tables,
        private CoverageReports $reports,
        private Figures $figures,
        private PlayFamilies $families,
    ) {}

    /**
     * What is known in an ordinary context, and a little more, {@see on()}; nothing when the roster does not make nine.
     */
    public function of(Team $team): PlanAudit
    {
        return $this->ordinary($team, self::FEW);
    }

    /** All of it, however long that takes. */
    public function whole(Team $team): PlanAudit
    {
        return $this->ordinary($team, \PHP_INT_MAX);
    }

    /** What is known, and a little more: it says how many plays are left. */
    public function on(Team $team, PlanBasis $basis): PlanAudit
    {
        return $this->audit($team, $basis, self::FEW);
    }

    /** @return list<AuditedPlay> all plays of all situations that have a coverage; none without nine */
    public function plays(Team $team): array
    {
        try {
            $plans = $this->plans->plans($team, RunChain::situations(), Context::ordinary());
        } catch (NoLineup) {
            return [];
        }
        $reported = $this->reports->reported(
            array_merge(...array_map($this->plans->plays(...), $plans)),
            $this->tables->cost($team, Context::ordinary()),
        );

        return array_map(static fn(AuditedPlay $one): AuditedPlay => $one->named(), $reported);
    }

    /** @param int $most plays that are reckoned now */
    private function ordinary(Team $team, int $most): PlanAudit
    {
        try {
            return $this->audit($team, $this->plans->basis($team, Context::ordinary()), $most);
        } catch (NoLineup) {
            return PlanAudit::none();
        }
    }

    private function audit(Team $team, PlanBasis $basis, int $most): PlanAudit
    {
        $families = array_map(static fn(PlayFamily $one): string => $one->key(), $this->families->all());
        $mark = Fingerprint::of([$basis->unnamed(), $families]);

        return ($this->figures->known(PlanAudit::class, $mark) ?? $this->reckoned($team, $basis, $mark, $most))->named(
            $basis->lineup,
        );
    }

    private function reckoned(Team $team, PlanBasis $basis, string $mark, int $most): PlanAudit
    {
        $reads = array_map($basis->in(...), RunChain::situations());
        $plays = array_merge(...array_map($this->plans->plays(...), $reads));
        $reported = $this->reports->reported($plays, $this->tables->cost($team, $basis->context), $most);
        $audit = PlanAudit::of(
            array_map(static fn(ReadPlan $read): SituationPlan => $read->plan->unnamed(), $reads),
            $reported,
            \count($plays) - \count($reported),
        );
        if ($audit->isWhole()) {
            $this->figures->keep(PlanAudit::class, [$mark => $audit]);
        }

        return $audit;
    }
}
