<?php

declare(strict_types=1);

namespace FoxCorner\Core\Level;

/** How old the players are, as far as a practice asks. */
enum AgeGroup: string
{
    case Child = 'child';
    case Youth = 'youth';
    case Older = 'older';

    public static function of(Level $level): self
    {
        return match ($level) {
            Level::Youth10 => self::Child,
            Level::Youth13, Level::Fastpitch12 => self::Youth,
            Level::HighSchool, Level::College, Level::Pro, Level::Fastpitch16, Level::FastpitchCollege => self::Older,
        };
    }

    /** Of the repetitions that the clock allows, those that come. Source: the project's practice. */
    public function yield(): float
    {
        return match ($this) {
            self::Child => 0.75,
            self::Youth => 0.8,
            self::Older => 0.85,
        };
    }

    /** Hard throws of one arm in one practice. Source: the project's practice. */
    public function throws(): int
    {
        return match ($this) {
            self::Child => 45,
            self::Youth => 60,
            self::Older => 75,
        };
    }

    /** Full sprints of one player in one practice. Source: the project's practice. */
    public function sprints(): int
    {
        return self::Child === $this ? 10 : 12;
    }

    /** How much longer a repetition takes than that of somebody older. Source: the project's practice. */
    public function slow(): float
    {
        return match ($this) {
            self::Child => 1.3,
            self::Youth => 1.15,
            self::Older => 1.0,
        };
    }
}
