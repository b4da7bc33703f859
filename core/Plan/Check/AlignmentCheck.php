<?php

declare(strict_types=1);

namespace FoxCorner\Core\Plan\Check;

use FoxCorner\Core\Plan\SituationPlan;
use FoxCorner\Core\Play\Check\Finding;

/** Looks at where everybody stands in one situation for one kind of fault. */
interface AlignmentCheck
{
    /** @return list<Finding> */
    public function findings(SituationPlan $plan): array;
}
