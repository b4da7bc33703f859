<?php

declare(strict_types=1);

namespace FoxCorner\Core\Known;

use FoxCorner\Core\Level\Level;

/**
 * Between what the engine's figures must come out for a level's ordinary team at the usual spots.
 *
 * Rounded from general knowledge of published league rates; everything below the professional level is an estimate.
 */
final class Bands
{
    private const OUTS = [
        'pro' => [0.73, 0.77],
        'baseball-college' => [0.7, 0.75],
        'baseball-high-school' => [0.64, 0.71],
        'baseball-13-14' => [0.58, 0.66],
        'baseball-10-12' => [0.5, 0.6],
        'fastpitch-college' => [0.7, 0.76],
        'fastpitch-14-16u' => [0.63, 0.71],
        'fastpitch-12u' => [0.5, 0.6],
    ];
    private const TWO = [
        'pro' => [0.3, 0.37],
        'baseball-college' => [0.24, 0.32],
        'baseball-high-school' => [0.15, 0.24],
        'baseball-13-14' => [0.07, 0.14],
        'baseball-10-12' => [0.01, 0.05],
        'fastpitch-college' => [0.05, 0.1],
        'fastpitch-14-16u' => [0.02, 0.05],
        'fastpitch-12u' => [0.0, 0.02],
    ];
    private const ERROR = [
        'pro' => [0.02, 0.035],
        'baseball-college' => [0.035, 0.05],
        'baseball-high-school' => [0.06, 0.09],
        'baseball-13-14' => [0.1, 0.14],
        'baseball-10-12' => [0.15, 0.22],
        'fastpitch-college' => [0.035, 0.05],
        'fastpitch-14-16u' => [0.06, 0.09],
        'fastpitch-12u' => [0.13, 0.2],
    ];
    private const BATTER_OUT = ['pro' => [0.7, 0.8], 'fastpitch-college' => [0.72, 0.85]];
    private const LEAD_OUT = ['pro' => [0.1, 0.18], 'fastpitch-college' => [0.05, 0.12]];
    private const ALL_SAFE = ['pro' => [0.08, 0.15], 'fastpitch-college' => [0.08, 0.16]];
    private const RUNS = [
        'pro' => [4.1, 4.7],
        'baseball-high-school' => [5.0, 6.0],
        'baseball-10-12' => [6.0, 9.0],
        'fastpitch-college' => [4.0, 6.0],
        'fastpitch-14-16u' => [4.0, 6.0],
        'fastpitch-12u' => [4.0, 6.0],
    ];

    private const STEALS = [
        'pro' => [0.7, 0.8],
        'baseball-college' => [0.7, 0.78],
        'baseball-high-school' => [0.78, 0.86],
        'baseball-13-14' => [0.84, 0.92],
        'baseball-10-12' => [0.85, 0.95],
        'fastpitch-college' => [0.72, 0.8],
        'fastpitch-14-16u' => [0.78, 0.88],
        'fastpitch-12u' => [0.85, 0.95],
    ];

    /** @return Band|null null where nothing is known */
    public static function of(Level $level, Measure $measure): ?Band
    {
        $bands = match ($measure) {
            Measure::Outs => self::OUTS,
            Measure::Two => self::TWO,
            Measure::Error => self::ERROR,
            Measure::BatterOut => self::BATTER_OUT,
            Measure::LeadOut => self::LEAD_OUT,
            Measure::AllSafe => self::ALL_SAFE,
            Measure::Runs => self::RUNS,
            Measure::Steals => self::STEALS,
        };

        return isset($bands[$level->value]) ? new Band(...$bands[$level->value]) : null;
    }
}
