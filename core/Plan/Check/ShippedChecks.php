<?php

declare(strict_types=1);

namespace FoxCorner\Core\Plan\Check;

/** The faults that plays and alignments are looked over for. */
final class ShippedChecks
{
    /** @return list<AlignmentCheck> */
    public static function ofAlignments(): array
    {
        return [new ShadeWithoutPartner()];
    }

    /** @return list<PlayCheck> */
    public static function all(): array
    {
        return [new BagUncovered(), new BagDoubleCovered(), new CoverLate(), new NobodyIdle(), new OneJobEach(), new ThrowFromLimited(), new NoBackUp(), new PathsCross()];
    }
}
