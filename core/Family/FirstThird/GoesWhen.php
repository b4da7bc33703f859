<?php

declare(strict_types=1);

namespace FoxCorner\Core\Family\FirstThird;

/** How the runner on first goes. */
enum GoesWhen: string
{
    case WithPitch = 'with-pitch';
    /** The batter shows bunt and takes it: the corners are in, the middle is on its way. */
    case FakeBunt = 'fake-bunt';
    /** After the catch, when the catcher throws the ball back. */
    case Delayed = 'delayed';
    /** Before the pitch, so that somebody throws. */
    case Early = 'early';

    public function label(): string
    {
        return match ($this) {
            self::WithPitch => 'With the pitch',
            self::FakeBunt => 'Fake bunt',
            self::Delayed => 'Late, after the catch',
            self::Early => 'Early, before the pitch',
        };
    }

    public function needsLead(): bool
    {
        return self::Early === $this;
    }
}
