<?php

declare(strict_types=1);

namespace FoxCorner\App\Plan;

use FoxCorner\Core\Plan\SituationPlan;

/** The computed plan of a situation beside the decision it rests on. */
final readonly class ReadPlan
{
    public function __construct(public SituationPlan $plan, public ?PlanChoice $choice)
    {
    }
}
