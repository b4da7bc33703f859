<?php

declare(strict_types=1);

namespace FoxCorner\Core\Alignment\Shade;

/** The shades that come with the program; their steps are added. */
final class ShippedShades
{
    /** @return list<ShadeRule> */
    public static function all(): array
    {
        return [new PullSide(), new ShortTowardSecond()];
    }
}
