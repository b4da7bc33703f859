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
    public const WRITTEN = '2026-11-27';

    /**
     * Of ground outs: double plays and runners alone forced, with a runner on first and fewer than two out; a runner on
     * second who moves up, one on third who scores, first empty. Errors for each out, nobody on.
     */
    private const SHARES = [
        'baseball-10-12' => [0.06, 0.551, 0.557, 0.811, 0.272],
        'baseball-13-14' => [0.116, 0.262, 0.81, 0.96, 0.178],
        'baseball-high-school' => [0.248, 0.309, 0.722, 0.814, 0.104],
        'baseball-college' => [0.393, 0.261, 0.604, 0.653, 0.056],
        'pro' => [0.454, 0.24, 0.544, 0.533, 0.033],
        'fastpitch-12u' => [0.028, 0.366, 0.678, 0.746, 0.263],
        'fastpitch-14-16u' => [0.064, 0.4, 0.782, 0.734, 0.095],
        'fastpitch-college' => [0.092, 0.403, 0.826, 0.771, 0.053],
    ];

    public static function advancement(Level $level): Advancement
    {
        [$two, $force, $toThird, $scores] = self::SHARES[$level->value];

        return new Advancement(
            doublePlay: $two,
            forceOut: $force,
            secondToThirdOnGround: $toThird,
            thirdScoresOnGround: $scores,
        );
    }

    public static function errorsForEachOut(Level $level): float
    {
        return self::SHARES[$level->value][4];
    }
}
