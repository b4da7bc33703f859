<?php

declare(strict_types=1);

namespace FoxCorner\Core\Play;

use FoxCorner\Core\Play\Bunt\BuntFamily;

/** The families of plays that the program knows: one line each. */
final class ShippedFamilies
{
    /** @return list<PlayFamily> */
    public static function all(): array
    {
        return [new BuntFamily()];
    }
}
