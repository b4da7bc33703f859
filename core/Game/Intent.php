<?php

declare(strict_types=1);

namespace FoxCorner\Core\Game;

/** What a batter means to do with the pitch, as far as a defence against bunts must reckon with it. */
enum Intent: string
{
    /** Squares around and puts it down. */
    case Bunt = 'bunt';
    /** Squares around and pushes it firmly past the pitcher. */
    case Push = 'push';
    /** The runner on third is gone with the pitch. */
    case Squeeze = 'squeeze';
    /** For a hit, shown late. */
    case Drag = 'drag';
    /** On the run, a short swing: on the ground, the other way. */
    case Slap = 'slap';
    /** Squares around, pulls back and swings through the hole that is left. */
    case Swing = 'swing';
    /** Squares around, pulls back and takes; a runner walks on where a bag is left. */
    case PullBack = 'pull-back';
    /** Squares around so that the runners can go. */
    case FakeAndGo = 'fake-and-go';
    /** Shows nothing and swings. */
    case Away = 'away';

    public function label(): string
    {
        return match ($this) {
            self::Bunt => 'Bunts',
            self::Push => 'Pushes it past the pitcher',
            self::Squeeze => 'Squeezes',
            self::Drag => 'Drags for a hit',
            self::Slap => 'Slaps',
            self::Swing => 'Shows, then swings',
            self::PullBack => 'Shows, then takes',
            self::FakeAndGo => 'Shows, and runners go',
            self::Away => 'Swings away',
        };
    }

    /** Whether the ball is bunted. */
    public function isBunt(): bool
    {
        return \in_array($this, [self::Bunt, self::Push, self::Squeeze, self::Drag], true);
    }

    /** Whether the defence sees the batter square around before the pitch is there. */
    public function isShown(): bool
    {
        return !\in_array($this, [self::Drag, self::Slap, self::Away], true);
    }
}
