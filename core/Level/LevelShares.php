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
        'baseball-10-12' => [0.053, 0.585, 0.575, 0.814, 0.272],
        'baseball-13-14' => [0.114, 0.28, 0.795, 0.955, 0.176],
        'baseball-high-school' => [0.247, 0.34, 0.721, 0.786, 0.104],
        'baseball-college' => [0.388, 0.258, 0.625, 0.597, 0.056],
        'pro' => [0.445, 0.248, 0.556, 0.493, 0.033],
        'fastpitch-12u' => [0.025, 0.366, 0.679, 0.736, 0.263],
        'fastpitch-14-16u' => [0.059, 0.409, 0.788, 0.728, 0.095],
        'fastpitch-college' => [0.087, 0.411, 0.828, 0.764, 0.053],
    ];

    /**
     * On balls to the outfield, by outs before: a runner on second who scores on a single, one on first who has third
     * on a single, one on first who scores on a double; then on outs in the air one on third who scores, and one on
     * second who moves up. Professionals' are the published ones, to which the engine is held.
     */
    private const HITS = [
        'baseball-10-12' => [[0.413, 0.513, 0.798], [0.209, 0.22, 0.248], [0.217, 0.299, 0.551], 0.739, 0.217],
        'baseball-13-14' => [[0.531, 0.634, 0.86], [0.247, 0.265, 0.287], [0.161, 0.358, 0.659], 0.592, 0.143],
        'baseball-high-school' => [[0.587, 0.662, 0.857], [0.31, 0.332, 0.352], [0.198, 0.214, 0.589], 0.623, 0.182],
        'baseball-college' => [[0.57, 0.638, 0.848], [0.34, 0.355, 0.387], [0.393, 0.411, 0.691], 0.632, 0.206],
        'fastpitch-12u' => [[0.48, 0.552, 0.874], [0.211, 0.218, 0.298], [0.466, 0.555, 0.97], 0.709, 0.18],
        'fastpitch-14-16u' => [[0.559, 0.662, 0.941], [0.274, 0.31, 0.382], [0.401, 0.454, 0.656], 0.712, 0.23],
        'fastpitch-college' => [[0.397, 0.478, 0.911], [0.218, 0.246, 0.344], [0.457, 0.482, 0.851], 0.705, 0.247],
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
