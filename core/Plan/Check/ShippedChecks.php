<?php

declare(strict_types=1);

namespace FoxCorner\Core\Plan\Check;

/** The faults that alignments are looked over for. */
final class ShippedChecks
{
    /** @return list<AlignmentCheck> */
    public static function all(): array
    {
        return [new ShadeWithoutPartner()];
    }
}
