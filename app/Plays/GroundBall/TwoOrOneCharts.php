<?php

declare(strict_types=1);

namespace FoxCorner\App\Plays\GroundBall;

use FoxCorner\App\Plan\KnownMarks;
use FoxCorner\App\Shared\Kept\Figures;
use FoxCorner\Core\Family\GroundBall\GroundBallTrial;
use FoxCorner\Core\Plan\Audit\PlannedPlay;
use FoxCorner\Core\Runs\PlayCost;

/** The charts of two or one, kept: six hundred plays of one fielder. */
final readonly class TwoOrOneCharts
{
    public function __construct(private Figures $figures, private KnownMarks $marks) {}

    /** @return TwoOrOneChart|null null where no double play is in order */
    public function of(PlannedPlay $play, GroundBallTrial $trial, PlayCost $cost): ?TwoOrOneChart
    {
        if (!$play->plan->state->doublePlayIsInOrder()) {
            return null;
        }
        $plan = $this->marks->unnamed($play->plan);
        $starter = TwoOrOneChart::starter($plan->cast, $trial->degrees);
        $chart = $this->figures->get(
            TwoOrOneChart::class,
            $this->marks->of($plan->state, $plan->level, $plan->cast, $cost) . "-$starter->value",
            static fn(): TwoOrOneChart => TwoOrOneChart::of($plan, $starter, $cost),
        );

        return $chart->at($trial->mph);
    }
}
