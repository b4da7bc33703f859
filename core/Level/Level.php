<?php

declare(strict_types=1);

namespace FoxCorner\Core\Level;

use FoxCorner\Core\Runs\Advancement;
use FoxCorner\Core\Runs\EventRates;

enum Level: string
{
    case Youth10 = 'baseball-10-12';
    case Youth13 = 'baseball-13-14';
    case HighSchool = 'baseball-high-school';
    case College = 'baseball-college';
    case Pro = 'pro';
    case Fastpitch12 = 'fastpitch-12u';
    case Fastpitch16 = 'fastpitch-14-16u';
    case FastpitchCollege = 'fastpitch-college';

    /**
     * Home to first in s at ft of base path, its scatter in s, a fielder's top speed in ft/s; arms of infield, outfield
     * and catcher, ordinary ground ball and ball hit hard in mph; share of left-handed batters.
     */
    private const PLAYERS = [
        'pro' => [4.4, 90, 0.18, 27.3, 82, 88, 82, 85, 105, 0.4],
        'baseball-college' => [4.46, 90, 0.2, 26.8, 80, 86, 80, 82, 100, 0.38],
        'baseball-high-school' => [4.62, 90, 0.24, 25.4, 72, 78, 74, 73, 90, 0.33],
        'baseball-13-14' => [4.45, 80, 0.27, 23.9, 60, 65, 62, 63, 75, 0.28],
        'baseball-10-12' => [3.9, 60, 0.27, 21.5, 48, 50, 50, 54, 60, 0.25],
        'fastpitch-college' => [3.1, 60, 0.16, 25.5, 60, 64, 62, 64, 75, 0.38],
        'fastpitch-14-16u' => [3.4, 60, 0.22, 24.0, 52, 56, 54, 56, 65, 0.33],
        'fastpitch-12u' => [3.85, 60, 0.25, 21.5, 45, 48, 47, 48, 55, 0.25],
    ];
    /** Reaction and exchange in s, hands, throws in degrees, work at the bag: {@see Skills}. */
    private const SKILLS = [
        'pro' => [0.3, 0.7, 1.0, 0.65, 1.0],
        'baseball-college' => [0.31, 0.73, 1.4, 0.75, 1.1],
        'baseball-high-school' => [0.36, 0.76, 3.4, 0.87, 1.1],
        'baseball-13-14' => [0.39, 0.77, 4.8, 1.2, 1.1],
        'baseball-10-12' => [0.41, 0.8, 2.4, 1.95, 3.5],
        'fastpitch-college' => [0.28, 0.56, 0.9, 1.28, 1.5],
        'fastpitch-14-16u' => [0.33, 0.62, 1.8, 1.4, 3.5],
        'fastpitch-12u' => [0.41, 0.72, 4.4, 1.95, 6.5],
    ];

    public function label(): string
    {
        return match ($this) {
            self::Youth10 => 'Baseball, 10 to 12',
            self::Youth13 => 'Baseball, 13 and 14',
            self::HighSchool => 'Baseball, high school',
            self::College => 'Baseball, college',
            self::Pro => 'Baseball, professional',
            self::Fastpitch12 => 'Fastpitch, up to 12',
            self::Fastpitch16 => 'Fastpitch, 14 to 16',
            self::FastpitchCollege => 'Fastpitch, college',
        };
    }

    /** Whether its players are children, whom nobody leaves without a grown-up. */
    public function isYouth(): bool
    {
        return \in_array($this, [self::Youth10, self::Youth13, self::Fastpitch12, self::Fastpitch16], true);
    }

    public function isProfessional(): bool
    {
        return self::Pro === $this;
    }

    /** The key of the rule set that this level mostly plays. */
    public function usualRules(): string
    {
        return match ($this) {
            self::Pro, self::College => 'baseball-90',
            self::HighSchool => 'baseball-90-7',
            self::Youth13 => 'baseball-80',
            self::Youth10 => 'baseball-60',
            self::FastpitchCollege, self::Fastpitch16 => 'fastpitch-43',
            self::Fastpitch12 => 'fastpitch-35',
        };
    }

    /**
     * What a level's players do when nobody has measured them; the start of every estimate.
     *
     * Everything below professional is our estimate. Four skills were fitted to the bands of docs/decisions/37: hands,
     * throws and the work at the bag, with the reaction chosen by judgement; the rest was set before.
     */
    public function profile(): LevelProfile
    {
        [$players, $skills] = [self::PLAYERS[$this->value], self::SKILLS[$this->value]];

        return new LevelProfile($this, ...[...$players, $this->rates(), new Skills(...$skills)]);
    }

    /**
     * How often things happen in a plate appearance at this level: below professional our estimates, until a season's
     * line replaces them. Walks, singles, doubles, triples, home runs, strikeouts; errors are as many as the engine
     * makes of the ground balls that come with them.
     */
    public function rates(): EventRates
    {
        $rates = match ($this) {
            self::Youth10 => [0.15, 0.2, 0.04, 0.012, 0.01, 0.2],
            self::Youth13 => [0.13, 0.19, 0.042, 0.012, 0.008, 0.19],
            self::HighSchool => [0.12, 0.2, 0.045, 0.009, 0.01, 0.18],
            self::College => [0.115, 0.17, 0.05, 0.006, 0.022, 0.19],
            self::Pro => [0.0875, 0.1535, 0.0448, 0.0048, 0.0262, 0.196],
            self::Fastpitch12 => [0.12, 0.195, 0.038, 0.01, 0.006, 0.19],
            self::Fastpitch16 => [0.09, 0.2, 0.042, 0.01, 0.012, 0.17],
            self::FastpitchCollege => [0.1, 0.185, 0.042, 0.006, 0.026, 0.16],
        };
        $perOut = (new Advancement())->groundShare * LevelShares::errorsForEachOut($this);

        $error = ($perOut * (1 - array_sum($rates))) / (1 + $perOut);

        return EventRates::of(...[...$rates, round($error, 5)]);
    }
}
