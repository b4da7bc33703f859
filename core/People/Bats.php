<?php

declare(strict_types=1);

namespace FoxCorner\Core\People;

use FoxCorner\Core\Motion\MotionProfile;

/** The side a player bats from; a slapper starts running with the swing. */
enum Bats: string
{
    case Right = 'R';
    case Left = 'L';
    case Switch = 'S';
    case Slap = 'SL';

    /** Seconds from contact to the batter's first step. */
    public function startDelay(MotionProfile $motion): float
    {
        return match ($this) {
            self::Right, self::Switch => $motion->startRight,
            self::Left => $motion->startLeft,
            self::Slap => $motion->startSlap,
        };
    }

    public function label(): string
    {
        return match ($this) {
            self::Slap => 'left, slaps',
            self::Switch => 'both sides',
            self::Right, self::Left => strtolower($this->name),
        };
    }
}
