<?php

declare(strict_types=1);

namespace FoxCorner\Core\Play\Check;

/** The faults that every play is looked over for. */
final class ShippedChecks
{
    /** @return list<PlayCheck> */
    public static function all(): array
    {
        return [
            new BagUncovered(),
            new BagDoubleCovered(),
            new CoverLate(),
            new NobodyIdle(),
            new OneJobEach(),
            new ThrowFromLimited(),
            new NoBackUp(),
            new PathsCross(),
        ];
    }
}
