<?php

declare(strict_types=1);

namespace FoxCorner\App\Sharing;

/** What a link can show. */
enum SharedKind: string
{
    case Situation = 'situation';
    case Board = 'board';
    case Sheet = 'sheet';
    case Player = 'player';

    public function label(): string
    {
        return match ($this) {
            self::Situation => 'A situation',
            self::Board => 'The board',
            self::Sheet => 'A practice sheet',
            self::Player => 'A player’s jobs',
        };
    }
}
