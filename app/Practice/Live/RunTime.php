<?php

declare(strict_types=1);

namespace FoxCorner\App\Practice\Live;

/**
 * The two clocks that a run knows: the one on the wall, which somebody may set, and how long the machine has been up.
 */
interface RunTime
{
    /** ms since 1970. */
    public function wall(): int;

    /** ms since the machine was started; runs on whatever the wall's clock does. */
    public function uptime(): int;

    /** Names this start of the machine; '' where that cannot be told. */
    public function boot(): string;
}
