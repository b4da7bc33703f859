<?php

declare(strict_types=1);

namespace FoxCorner\Core\Game;

use FoxCorner\Core\People\Bats;

/** A kind of batter, for planning before the batter's name is known. */
enum BatterType: string
{
    case Right = 'right';
    case Left = 'left';
    /** Left-handed, hits on the run, quick. */
    case Slapper = 'slapper';
    case RightPower = 'right-power';
    case LeftPower = 'left-power';

    public function label(): string
    {
        return match ($this) {
            self::Right => 'Right',
            self::Left => 'Left',
            self::Slapper => 'Left, slaps, quick',
            self::RightPower => 'Right, power',
            self::LeftPower => 'Left, power',
        };
    }

    public function bats(): Bats
    {
        return match ($this) {
            self::Right, self::RightPower => Bats::Right,
            self::Left, self::LeftPower => Bats::Left,
            self::Slapper => Bats::Slap,
        };
    }

    public function hitsForPower(): bool
    {
        return self::RightPower === $this || self::LeftPower === $this;
    }

    /** Home-to-first time as a share of the level's: a slapper is 5 % quicker, a power hitter 4 % slower (our estimates). */
    public function timeShare(): float
    {
        return match ($this) {
            self::Slapper => 0.95,
            self::RightPower, self::LeftPower => 1.04,
            self::Right, self::Left => 1.0,
        };
    }
}
