<?php

declare(strict_types=1);

namespace FoxCorner\Core\Plan\Check;

use FoxCorner\Core\Plan\SituationPlan;
use FoxCorner\Core\Play\Check\Finding;

/** The faults that alignments are looked over for. */
final class ShippedChecks
{
    /** @return list<AlignmentCheck> */
    public static function all(): array
    {
        return [new ShadeWithoutPartner(), new TooNearTheLine()];
    }

    /** @return list<Finding> faults of where they stand */
    public static function findings(SituationPlan $plan): array
    {
        return array_merge(...array_map(static fn(AlignmentCheck $one): array => $one->findings($plan), self::all()));
    }
}
