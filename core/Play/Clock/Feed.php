<?php

declare(strict_types=1);

namespace FoxCorner\Core\Play\Clock;

use FoxCorner\Core\Motion\Speed;

/** How a ball is given from hand to hand over a short way: slower than the arm could. Beyond, it is thrown. */
enum Feed
{
    case Underhand;
    /** Short overhand, from the ear. */
    case Dart;

    /** ft up to which each is used, and mph of it. Source: the project's model. */
    private const UNDERHAND_UP_TO = 20.0;
    private const UNDERHAND = 28.0;
    public const FARTHEST = 45.0;
    private const DART = 45.0;

    /** @param float $feet at most {@see self::FARTHEST} */
    public static function over(float $feet): self
    {
        return $feet <= self::UNDERHAND_UP_TO ? self::Underhand : self::Dart;
    }

    /** What it is thrown with, whatever the arm could. */
    public function speed(): Speed
    {
        return match ($this) {
            self::Underhand => Speed::ofMph(self::UNDERHAND),
            self::Dart => Speed::ofMph(self::DART),
        };
    }
}
