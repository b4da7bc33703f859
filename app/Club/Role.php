<?php

declare(strict_types=1);

namespace FoxCorner\App\Club;

enum Role: string
{
    case HeadCoach = 'head-coach';
    case Assistant = 'assistant';
    case Player = 'player';

    public function label(): string
    {
        return match ($this) {
            self::HeadCoach => 'Head coach',
            self::Assistant => 'Assistant',
            self::Player => 'Player',
        };
    }

    /** Coaches change the team's things; players read them. */
    public function canChange(): bool
    {
        return self::Player !== $this;
    }
}
