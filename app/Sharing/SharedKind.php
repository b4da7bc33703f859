<?php

declare(strict_types=1);

namespace FoxCorner\App\Sharing;

/** What a link can show. */
enum SharedKind: string
{
    case Situation = 'situation';
    case Sheet = 'sheet';
    case Player = 'player';

    public function label(): string
    {
        return match ($this) {
            self::Situation => 'A situation',
            self::Sheet => 'A practice sheet',
            self::Player => 'A player’s jobs',
        };
    }
}
