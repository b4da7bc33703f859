<?php

declare(strict_types=1);

namespace FoxCorner\Core\Family\Outfield;

use FoxCorner\Core\Motion\FlyKind;

/** How a ball gets to the outfield. */
enum Flight: string
{
    case Ground = 'ground';
    case Line = 'line';
    case Fly = 'fly';

    public function label(): string
    {
        return match ($this) {
            self::Ground => 'On the ground',
            self::Line => 'On a line',
            self::Fly => 'In the air',
        };
    }

    /** Null on the ground. */
    public function kind(): ?FlyKind
    {
        return match ($this) {
            self::Ground => null,
            self::Line => FlyKind::LineDrive,
            self::Fly => FlyKind::Fly,
        };
    }
}
