<?php

declare(strict_types=1);

namespace FoxCorner\Core\Game;

/** How quick the runners on base are, against the level's ordinary one. */
enum RunnerSpeed: string
{
    case Slow = 'slow';
    case Ordinary = 'ordinary';
    case Quick = 'quick';

    public function label(): string
    {
        return $this->name;
    }

    /** Of the level's home-to-first time (ours). */
    public function timeShare(): float
    {
        return match ($this) {
            self::Slow => 1.12,
            self::Ordinary => 1.0,
            self::Quick => 0.94,
        };
    }
}
