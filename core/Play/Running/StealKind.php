<?php

declare(strict_types=1);

namespace FoxCorner\Core\Play\Running;

/** When a runner goes. */
enum StealKind: string
{
    /** As soon as he may. */
    case Straight = 'straight';
    /** After the pitch is caught, when nobody looks. */
    case Delayed = 'delayed';

    public function label(): string
    {
        return match ($this) {
            self::Straight => 'With the pitch',
            self::Delayed => 'Delayed, after the catch',
        };
    }
}
