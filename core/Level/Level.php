<?php

declare(strict_types=1);

namespace FoxCorner\Core\Level;

use FoxCorner\Core\Runs\EventRates;

enum Level: string
{
    case Youth10 = 'baseball-10-12';
    case Youth13 = 'baseball-13-14';
    case HighSchool = 'baseball-high-school';
    case Pro = 'pro';
    case Fastpitch12 = 'fastpitch-12u';
    case Fastpitch16 = 'fastpitch-14-16u';
    case FastpitchCollege = 'fastpitch-college';

    public function label(): string
    {
        return match ($this) {
            self::Youth10 => 'Baseball, 10 to 12',
            self::Youth13 => 'Baseball, 13 and 14',
            self::HighSchool => 'Baseball, high school',
            self::Pro => 'Baseball, college and professional',
            self::Fastpitch12 => 'Fastpitch, up to 12',
            self::Fastpitch16 => 'Fastpitch, 14 to 16',
            self::FastpitchCollege => 'Fastpitch, college',
        };
    }

    /**
     * What a level's players do when nobody has measured them; the start of every estimate.
     *
     * Source: the project's defaults by level. The execution factor stands for how often a throw of
     * 90 ft goes astray, in units of two in a hundred; for softball it is our estimate. So is the speed of an ordinary
     * ground ball.
     */
    public function profile(): LevelProfile
    {
        return match ($this) {
            self::Youth10 => new LevelProfile($this, 3.6, 60, 48, 50, 50, 2.0, 50, 60, $this->rates()),
            self::Youth13 => new LevelProfile($this, 4.4, 80, 60, 65, 62, 1.4, 60, 75, $this->rates()),
            self::HighSchool => new LevelProfile($this, 4.6, 90, 72, 78, 74, 1.0, 72, 90, $this->rates()),
            self::Pro => new LevelProfile($this, 4.35, 90, 82, 88, 82, 0.5, 85, 105, $this->rates()),
            self::Fastpitch12 => new LevelProfile($this, 3.5, 60, 45, 48, 47, 2.0, 45, 55, $this->rates()),
            self::Fastpitch16 => new LevelProfile($this, 3.2, 60, 52, 56, 54, 1.2, 54, 65, $this->rates()),
            self::FastpitchCollege => new LevelProfile($this, 2.95, 60, 60, 64, 62, 0.6, 62, 75, $this->rates()),
        };
    }

    /**
     * How often things happen in a plate appearance at this level: our estimates, until a season's line
     * replaces them. Errors and walks are what sets youth apart.
     */
    public function rates(): EventRates
    {
        return match ($this) {
            self::Youth10 => EventRates::of(0.15, 0.2, 0.04, 0.012, 0.01, 0.2, 0.09),
            self::Youth13 => EventRates::of(0.13, 0.19, 0.042, 0.012, 0.008, 0.19, 0.065),
            self::HighSchool => EventRates::of(0.11, 0.185, 0.045, 0.009, 0.009, 0.18, 0.04),
            self::Pro => EventRates::of(0.0875, 0.1535, 0.0448, 0.0048, 0.0262, 0.196, 0.009),
            self::Fastpitch12 => EventRates::of(0.13, 0.205, 0.038, 0.012, 0.008, 0.18, 0.085),
            self::Fastpitch16 => EventRates::of(0.09, 0.205, 0.042, 0.01, 0.014, 0.17, 0.05),
            self::FastpitchCollege => EventRates::of(0.1, 0.185, 0.042, 0.006, 0.03, 0.16, 0.02),
        };
    }
}
