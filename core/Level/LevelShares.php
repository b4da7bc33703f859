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
    public const WRITTEN = '2026-12-01';

    /**
     * Of ground outs: double plays and runners alone forced, with a runner on first and fewer than two out; a runner on
     * second who moves up, one on third who scores, first empty. Errors for each out, nobody on.
     */
    private const SHARES = [
        'baseball-10-12' => [0.051, 0.59, 0.561, 0.821, 0.269],
        'baseball-13-14' => [0.115, 0.285, 0.784, 0.949, 0.169],
        'baseball-high-school' => [0.247, 0.341, 0.71, 0.778, 0.1],
        'baseball-college' => [0.387, 0.262, 0.612, 0.594, 0.054],
        'pro' => [0.445, 0.251, 0.55, 0.489, 0.033],
        'fastpitch-12u' => [0.025, 0.369, 0.673, 0.733, 0.254],
        'fastpitch-14-16u' => [0.059, 0.412, 0.779, 0.716, 0.091],
        'fastpitch-college' => [0.087, 0.413, 0.823, 0.757, 0.051],
    ];

    /**
     * On balls to the outfield, by outs before: a runner on second who scores on a single, one on first who has third
     * on a single, one on first who scores on a double; then on outs in the air one on third who scores, and one on
     * second who moves up. Professionals' are the published ones, to which the engine is held.
     */
    private const HITS = [
        'baseball-10-12' => [[0.411, 0.53, 0.819], [0.209, 0.219, 0.242], [0.214, 0.295, 0.549], 0.739, 0.217],
        'baseball-13-14' => [[0.529, 0.633, 0.862], [0.247, 0.266, 0.285], [0.161, 0.358, 0.659], 0.592, 0.143],
        'baseball-high-school' => [[0.585, 0.661, 0.857], [0.31, 0.332, 0.352], [0.2, 0.215, 0.591], 0.623, 0.178],
        'baseball-college' => [[0.569, 0.637, 0.847], [0.339, 0.358, 0.386], [0.387, 0.405, 0.69], 0.632, 0.206],
        'fastpitch-12u' => [[0.477, 0.551, 0.873], [0.21, 0.216, 0.296], [0.466, 0.555, 0.97], 0.709, 0.18],
        'fastpitch-14-16u' => [[0.559, 0.662, 0.941], [0.274, 0.311, 0.378], [0.397, 0.451, 0.654], 0.712, 0.23],
        'fastpitch-college' => [[0.397, 0.478, 0.912], [0.218, 0.248, 0.345], [0.456, 0.48, 0.85], 0.705, 0.245],
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
