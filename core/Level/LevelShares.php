<?php

declare(strict_types=1);

namespace FoxCorner\Core\Level;

use FoxCorner\Core\Runs\Advancement;

/**
 * How runners fare on the ground outs of a level, as the engine plays its ordinary nine: what the chain of runs takes
 * from it. Written by tests/Tools/shares; a test says when it no longer is what the engine says.
 */
final class LevelShares
{
    public const WRITTEN = '2026-11-28';

    /**
     * Of ground outs: double plays and runners alone forced, with a runner on first and fewer than two out; a runner on
     * second who moves up, one on third who scores, first empty. Errors for each out, nobody on.
     */
    private const SHARES = [
        'baseball-10-12' => [0.058, 0.58, 0.577, 0.818, 0.272],
        'baseball-13-14' => [0.114, 0.28, 0.795, 0.958, 0.177],
        'baseball-high-school' => [0.252, 0.338, 0.721, 0.786, 0.104],
        'baseball-college' => [0.39, 0.26, 0.623, 0.597, 0.056],
        'pro' => [0.448, 0.248, 0.552, 0.493, 0.033],
        'fastpitch-12u' => [0.027, 0.376, 0.678, 0.737, 0.263],
        'fastpitch-14-16u' => [0.065, 0.41, 0.787, 0.729, 0.095],
        'fastpitch-college' => [0.095, 0.411, 0.828, 0.766, 0.053],
    ];

    /**
     * On balls to the outfield, by outs before: a runner on second who scores on a single, one on first who has third
     * on a single, one on first who scores on a double; then on outs in the air one on third who scores, and one on
     * second who moves up. Professionals' are the published ones, to which the engine is held.
     */
    private const HITS = [
        'baseball-10-12' => [[0.475, 0.602, 0.959], [0.201, 0.208, 0.007], [0.231, 0.215, 0.906], 0.803, 0.267],
        'baseball-13-14' => [[0.546, 0.668, 0.911], [0.215, 0.227, 0.16], [0.349, 0.346, 0.784], 0.656, 0.158],
        'baseball-high-school' => [[0.587, 0.689, 0.85], [0.25, 0.264, 0.336], [0.214, 0.214, 0.531], 0.646, 0.195],
        'baseball-college' => [[0.57, 0.641, 0.833], [0.279, 0.28, 0.382], [0.3, 0.311, 0.711], 0.63, 0.212],
        'fastpitch-12u' => [[0.55, 0.782, 0.967], [0.209, 0.217, 0.012], [0.453, 0.459, 0.896], 0.745, 0.182],
        'fastpitch-14-16u' => [[0.789, 0.918, 0.992], [0.406, 0.453, 0.483], [0.136, 0.172, 0.513], 0.803, 0.29],
        'fastpitch-college' => [[0.858, 0.924, 0.994], [0.416, 0.454, 0.502], [0.236, 0.197, 0.589], 0.777, 0.288],
    ];

    public static function advancement(Level $level): Advancement
    {
        [$two, $force, $toThird, $scores] = self::SHARES[$level->value];
        $published = new Advancement();
        $hits = self::HITS[$level->value] ?? [
            $published->secondScoresOnSingle,
            $published->firstToThirdOnSingle,
            $published->firstScoresOnDouble,
            $published->thirdScoresOnAir,
            $published->secondToThirdOnAir,
        ];

        return new Advancement(
            firstScoresOnDouble: $hits[2],
            secondScoresOnSingle: $hits[0],
            firstToThirdOnSingle: $hits[1],
            doublePlay: $two,
            forceOut: $force,
            secondToThirdOnGround: $toThird,
            thirdScoresOnGround: $scores,
            thirdScoresOnAir: $hits[3],
            secondToThirdOnAir: $hits[4],
        );
    }

    /** Of chances, balls that should have been outs, those that were not. */
    public static function missedChances(Level $level): float
    {
        $errors = self::errorsForEachOut($level);

        return $errors / (1 + $errors);
    }

    public static function errorsForEachOut(Level $level): float
    {
        return self::SHARES[$level->value][4];
    }
}
