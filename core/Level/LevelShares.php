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
        'baseball-10-12' => [0.058, 0.552, 0.56, 0.815, 0.272],
        'baseball-13-14' => [0.118, 0.256, 0.812, 0.958, 0.178],
        'baseball-high-school' => [0.257, 0.331, 0.713, 0.785, 0.104],
        'baseball-college' => [0.397, 0.259, 0.593, 0.592, 0.056],
        'pro' => [0.456, 0.243, 0.524, 0.493, 0.033],
        'fastpitch-12u' => [0.027, 0.364, 0.677, 0.734, 0.263],
        'fastpitch-14-16u' => [0.065, 0.396, 0.787, 0.725, 0.095],
        'fastpitch-college' => [0.095, 0.403, 0.827, 0.763, 0.053],
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
