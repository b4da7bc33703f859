<?php

declare(strict_types=1);

namespace FoxCorner\App\Plays;

use FoxCorner\App\Club\Membership;
use FoxCorner\App\Plan\PlanReader;
use FoxCorner\App\Plan\RunTables;
use FoxCorner\Core\Game\Context;
use FoxCorner\Core\Game\Situation;
use FoxCorner\Core\Plan\PlannedPlay;
use FoxCorner\Core\Play\Family\PlayFamily;
use FoxCorner\Core\Problem\Problem;

/** What a coach needs while a coverage is drawn up: the play as it is planned, and what the draft would be worth. */
final readonly class CoverageDesk
{
    public function __construct(private PlanReader $plans, private RunTables $tables) {}

    /** @throws Problem */
    public function play(
        Membership $membership,
        PlayFamily $family,
        string $situation,
        ?string $coverage = null,
    ): PlannedPlay {
        return $this->plans
            ->read($membership->team, Situation::fromKey($situation), Context::ordinary())
            ->play($family, $coverage);
    }

    public function audit(Membership $membership, PlannedPlay $play, CoverageDraft $draft): DraftAudit
    {
        $cost = $this->tables->cost($membership->team, $play->plan->state->context);
        try {
            $coverage = $draft->toCoverage('draft', $play->family, $play->plan->state->situation->bases);
        } catch (Problem) {
            return new DraftAudit(null, null, false);
        }
        $usual = null === $play->coverage ? null : $play->reportOn($play->coverage, $cost);

        return [] === $coverage->fielders
            ? new DraftAudit(null, $usual, true)
            : new DraftAudit($play->reportOn($coverage, $cost), $usual, false);
    }
}
