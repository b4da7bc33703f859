<?php

declare(strict_types=1);

namespace FoxCorner\App\Week;

use FoxCorner\Core\Practice\Arm\ThrowLoad;

/** What a week asks of one player's arm. */
final readonly class ArmLoad
{
    /** @param string $player its id */
    public function __construct(public string $player, public string $name, public ThrowLoad $load) {}
}
