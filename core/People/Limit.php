<?php

declare(strict_types=1);

namespace FoxCorner\Core\People;

/** What a player may not do today. Whoever treats the player decides; the program only keeps to it. */
enum Limit: string
{
    case None = 'none';
    case SoftThrowing = 'soft';
    case NoThrowing = 'no-throwing';
    case NoRunning = 'no-running';

    public function label(): string
    {
        return match ($this) {
            self::None => 'No limit',
            self::SoftThrowing => 'Soft throwing only',
            self::NoThrowing => 'No throwing, receives only',
            self::NoRunning => 'No running',
        };
    }

    /** Somebody who may not run is no fielder today. */
    public function forbidsRunning(): bool
    {
        return self::NoRunning === $this;
    }

    /** Whether throws at game distance are allowed; soft tosses are another thing. */
    public function allowsGameThrows(): bool
    {
        return self::None === $this || self::NoRunning === $this;
    }

    public function forbidsThrowing(): bool
    {
        return self::NoThrowing === $this;
    }
}
