<?php

declare(strict_types=1);

namespace FoxCorner\App\Plays;

use FoxCorner\App\Club\Membership;
use FoxCorner\App\Plan\Address\PlayControls;
use FoxCorner\App\Plan\CoverageReports;
use FoxCorner\App\Plan\PlanReader;
use FoxCorner\App\Plan\RunTables;
use FoxCorner\App\Shared\Drawing\FieldDrawing;
use FoxCorner\Core\Game\Context;
use FoxCorner\Core\Game\Situation;
use FoxCorner\Core\Plan\Audit\PlannedPlay;
use FoxCorner\Core\Play\Contract\PlayFamily;
use FoxCorner\Core\Problem\Problem;

/** What a coach needs while a coverage is drawn up: the play as it is planned, and what the draft would be worth. */
final readonly class CoverageDesk
{
    public function __construct(
        private PlanReader $plans,
        private RunTables $tables,
        private PlayControls $controls,
        private CoverageReports $reports,
    ) {}

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

    /** @param string $column that is drawn; empty: the first */
    public function audit(Membership $membership, PlannedPlay $play, CoverageDraft $draft, string $column): DraftAudit
    {
        $cost = $this->tables->cost($membership->team, $play->plan->state->context);
        try {
            $coverage = $draft->toCoverage('draft', $play->family, $play->plan->state->situation->bases);
        } catch (Problem) {
            return new DraftAudit(null, null, false, null);
        }
        $usual = null === $play->coverage ? null : $this->reports->chosen($play, $cost);

        $rules = $play->plan->state->rules;
        $drawing = new FieldDrawing($rules, $this->controls->of($play->family)->playWindow($rules));
        $picture = DraftPicture::of($play->trying($coverage), $drawing, $column);

        return [] === $coverage->fielders
            ? new DraftAudit(null, $usual, true, $picture)
            : new DraftAudit($play->reportOn($coverage, $cost), $usual, false, $picture);
    }
}
