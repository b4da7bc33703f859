<?php

declare(strict_types=1);

namespace FoxCorner\App\Club;

enum Role: string
{
    case HeadCoach = 'head-coach';
    case Assistant = 'assistant';
    case Player = 'player';
    case Guardian = 'guardian';

    public function label(): string
    {
        return match ($this) {
            self::HeadCoach => 'Head coach',
            self::Assistant => 'Assistant',
            self::Player => 'Player',
            self::Guardian => 'Guardian',
        };
    }

    public function may(May $what): bool
    {
        return \in_array($this, $what->roles(), true);
    }

    /** Whether it is one of the roster, or stands for one. */
    public function hasPlayer(): bool
    {
        return self::Player === $this || self::Guardian === $this;
    }
}
