<?php

declare(strict_types=1);

namespace FoxCorner\Tests\Core\Golden;

/** What of one part of the core is held to the last figure. */
interface Figures
{
    /** @return iterable<string, mixed> by a name that stays; anything that {@see Plain} can take apart */
    public static function all(): iterable;
}
