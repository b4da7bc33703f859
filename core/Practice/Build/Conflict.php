<?php

declare(strict_types=1);

namespace FoxCorner\Core\Practice\Build;

/** Two stations that cannot run at the same time, and why. */
final readonly class Conflict
{
    public function __construct(public string $one, public string $other, public string $why) {}
}
