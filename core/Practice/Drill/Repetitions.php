<?php

declare(strict_types=1);

namespace FoxCorner\Core\Practice\Drill;

/** How many repetitions each of a group gets in a while. */
final class Repetitions
{
    /**
     * How many are in the largest group where a station is set up side by side: threes of six players are two.
     *
     * @param int $min    that a group needs
     * @param int $beside groups at most
     */
    public static function together(int $players, int $min, int $beside): int
    {
        return (int) ceil($players / max(1, min($beside, intdiv($players, $min))));
    }

    /**
     * ⌊length / (seconds × turns)⌋, turns = ⌈group / at once⌉. Where one of the group receives the others’ throws and
     * they change about, he is missing among those who work, and each receives for one part in as many as they are:
     * ⌊length × (group − 1) / group / (seconds × ⌈(group − 1) / at once⌉)⌋.
     *
     * @param float $seconds for one player's repetition
     */
    public static function each(int $group, int $atOnce, float $seconds, float $minutes, bool $oneReceives = false): int
    {
        $working = $oneReceives ? $group - 1 : $group;

        return $working < 1
            ? 0
            : (int) floor((60 * $minutes * $working) / $group / ($seconds * ceil($working / $atOnce)));
    }
}
