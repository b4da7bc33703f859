<?php

declare(strict_types=1);

namespace FoxCorner\Core\Play\Map;

/** What a ball of the map comes to. */
enum MapOutcome: string
{
    case Lead = 'lead';
    case First = 'first';
    case Safe = 'safe';

    public function label(): string
    {
        return match ($this) {
            self::Lead => 'lead out',
            self::First => 'out at first',
            self::Safe => 'everybody safe',
        };
    }

    /** Larger is better for the defence. */
    public function rank(): int
    {
        return match ($this) {
            self::Lead => 2,
            self::First => 1,
            self::Safe => 0,
        };
    }
}
