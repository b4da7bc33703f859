<?php

declare(strict_types=1);

namespace FoxCorner\Core\People;

/** How well the pitcher puts the ball where it is wanted: the infield may trust one who hits spots. */
enum Pitching: string
{
    case Ordinary = 'ordinary';
    case HitsSpots = 'spots';
    case Wild = 'wild';

    public function label(): string
    {
        return match ($this) {
            self::Ordinary => 'Ordinary',
            self::HitsSpots => 'Hits spots',
            self::Wild => 'Wild',
        };
    }
}
