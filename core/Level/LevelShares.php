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
        'baseball-10-12' => [0.051, 0.59, 0.56, 0.814, 0.267],
        'baseball-13-14' => [0.116, 0.286, 0.78, 0.954, 0.167],
        'baseball-high-school' => [0.248, 0.339, 0.709, 0.834, 0.099],
        'baseball-college' => [0.388, 0.255, 0.612, 0.679, 0.054],
        'pro' => [0.445, 0.246, 0.544, 0.559, 0.032],
        'fastpitch-12u' => [0.025, 0.376, 0.668, 0.735, 0.252],
        'fastpitch-14-16u' => [0.059, 0.42, 0.775, 0.74, 0.091],
        'fastpitch-college' => [0.087, 0.418, 0.818, 0.786, 0.051],
    ];

    /**
     * On balls to the outfield, by outs before: a runner on second who scores on a single, one on first who has third
     * on a single, one on first who scores on a double; then on outs in the air one on third who scores, and one on
     * second who moves up. Professionals' are the published ones, to which the engine is held.
     */
    private const HITS = [
        'baseball-10-12' => [[0.411, 0.53, 0.819], [0.209, 0.22, 0.242], [0.214, 0.295, 0.643], 0.739, 0.217],
        'baseball-13-14' => [[0.529, 0.633, 0.862], [0.247, 0.266, 0.285], [0.21, 0.357, 0.659], 0.592, 0.143],
        'baseball-high-school' => [[0.585, 0.653, 0.857], [0.31, 0.332, 0.351], [0.21, 0.27, 0.592], 0.623, 0.178],
        'baseball-college' => [[0.569, 0.637, 0.847], [0.339, 0.358, 0.386], [0.388, 0.406, 0.691], 0.631, 0.206],
        'fastpitch-12u' => [[0.477, 0.55, 0.873], [0.21, 0.216, 0.297], [0.466, 0.555, 0.75], 0.709, 0.18],
        'fastpitch-14-16u' => [[0.558, 0.661, 0.941], [0.274, 0.311, 0.378], [0.399, 0.452, 0.654], 0.712, 0.23],
        'fastpitch-college' => [[0.396, 0.478, 0.911], [0.218, 0.247, 0.345], [0.456, 0.481, 0.75], 0.705, 0.245],
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
