<?php

declare(strict_types=1);

namespace FoxCorner\Core\Practice\Time;

enum BlockKind: string
{
    case WarmUp = 'warm-up';
    case DailyCore = 'daily-core';
    case Round = 'round';
    case Rotation = 'rotation';
    case Water = 'water';
    case TeamDefence = 'team-defence';
    case Finish = 'finish';

    public function label(): string
    {
        return match ($this) {
            self::WarmUp => 'Warm-up',
            self::DailyCore => 'Daily core',
            self::TeamDefence => 'Team defence',
            self::Round, self::Rotation, self::Water, self::Finish => $this->name,
        };
    }
}
