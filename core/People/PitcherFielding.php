<?php

declare(strict_types=1);

namespace FoxCorner\Core\People;

/** How soon a pitcher is a fielder after the delivery. */
enum PitcherFielding: string
{
    case Quick = 'quick';
    case Ordinary = 'ordinary';
    case Slow = 'slow';
    /** Fields it and cannot throw it: the ball is taken from him. */
    case HatesToThrow = 'hates-to-throw';

    public function label(): string
    {
        return self::HatesToThrow === $this ? 'Hates to throw' : $this->name;
    }

    /** Share of the ordinary recovery after the delivery (ours). */
    public function recoveryShare(): float
    {
        return match ($this) {
            self::Quick => 0.6,
            self::Ordinary => 1.0,
            self::Slow => 1.6,
            self::HatesToThrow => 1.0,
        };
    }
}
