<?php

declare(strict_types=1);

namespace FoxCorner\Core\Play\Clock;

use FoxCorner\Core\Motion\Speed;

/** How a ball is given from hand to hand, by how far it has to go: short ones are slower than the arm could. */
enum Feed
{
    case Underhand;
    /** Short overhand, from the ear. */
    case Dart;
    /** With the whole arm. */
    case Full;

    /** ft up to which each is used, and mph of it. Source: the project's model. */
    private const UNDERHAND_UP_TO = 20.0;
    private const UNDERHAND = 28.0;
    public const DART_UP_TO = 45.0;
    private const DART = 45.0;

    public static function over(float $feet): self
    {
        return match (true) {
            $feet <= self::UNDERHAND_UP_TO => self::Underhand,
            $feet <= self::DART_UP_TO => self::Dart,
            default => self::Full,
        };
    }

    /** What it is thrown with, whatever the arm could; null: with the whole arm. */
    public function speed(): ?Speed
    {
        return match ($this) {
            self::Underhand => Speed::ofMph(self::UNDERHAND),
            self::Dart => Speed::ofMph(self::DART),
            self::Full => null,
        };
    }
}
