<?php

declare(strict_types=1);

namespace FoxCorner\Core\Practice\Need;

/** How it went, in the coach's short words. */
enum Grade: string
{
    case Well = 'well';
    case Unsure = 'unsure';
    case NotYet = 'not-yet';

    public function label(): string
    {
        return match ($this) {
            self::Well => 'Holds',
            self::Unsure => 'Unsure',
            self::NotYet => 'Not yet',
        };
    }

    /** Share of the repetitions that counts as practised (ours). */
    public function counts(): float
    {
        return match ($this) {
            self::Well => 1.0,
            self::Unsure => 0.5,
            self::NotYet => 0.25,
        };
    }

    /** What it makes of the time after which a repetition counts half. Source: the project's practice. */
    public function keeps(): float
    {
        return match ($this) {
            self::Well => 1.5,
            self::Unsure => 1.0,
            self::NotYet => 0.6,
        };
    }

    /** What it adds to the weight of the need (ours). */
    public function adds(): float
    {
        return match ($this) {
            self::Well => 0.0,
            self::Unsure => 0.2,
            self::NotYet => 0.5,
        };
    }
}
