<?php

declare(strict_types=1);

namespace FoxCorner\Core\Motion;

/** How a ball in the air leaves the bat: low ones are down soon, high ones hang. The angles are ours. */
enum FlyKind: string
{
    case LineDrive = 'line-drive';
    case Fly = 'fly';
    case PopUp = 'pop-up';

    /** Launch angle in degrees. */
    public function degrees(): float
    {
        return match ($this) {
            self::LineDrive => 21.0,
            self::Fly => 36.0,
            self::PopUp => 58.0,
        };
    }

    public function label(): string
    {
        return match ($this) {
            self::LineDrive => 'Line drives',
            self::Fly => 'Fly balls',
            self::PopUp => 'Pop-ups',
        };
    }
}
