<?php

declare(strict_types=1);

namespace FoxCorner\App\Plan;

use FoxCorner\App\Shared\Kept\Figures;
use FoxCorner\Core\Plan\SituationPlan;
use FoxCorner\Core\Range\RangeSummary;
use FoxCorner\Core\Runs\PlayCost;

/** What an alignment gets of ground balls, kept by all that it depends on, like {@see CoverageReports}. */
final readonly class RangeSummaries
{
    public function __construct(private Figures $figures, private KnownMarks $marks) {}

    public function of(SituationPlan $plan, PlayCost $cost): RangeSummary
    {
        $plan = $this->marks->unnamed($plan);

        return $this->figures->get(
            RangeSummary::class,
            $this->marks->of($plan->state, $plan->level, $plan->cast, $cost),
            static fn(): RangeSummary => $plan->range($cost)->summary,
        );
    }
}
