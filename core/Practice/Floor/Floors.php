<?php

declare(strict_types=1);

namespace FoxCorner\Core\Practice\Floor;

use FoxCorner\Core\Level\AgeGroup;
use FoxCorner\Core\People\RosterPlayer;

/**
 * What each player should have in a week: of two practices all of the table, of three half as much again, of one half.
 * Source: the project's practice.
 */
final class Floors
{
    /** min of a practice from which all of it is asked. */
    private const LONG_OF_CHILDREN = 75;
    public const LONG = 90;
    private const PRACTICES = 2;
    /** Of a second position's floor. */
    private const SECOND = 0.5;

    /** Of what is fielded, what is to be held by who may not throw. */
    private const HELD = 0.5;
    /** What a hall has no room for. */
    private const OUTSIDE = [Work::Flies, Work::Charges, Work::Cutoffs, Work::CatcherThrows];

    /** @return array<int, array<string, int>> repetitions by position's number and {@see Work} */
    public static function of(RosterPlayer $player, Week $week): array
    {
        $long = AgeGroup::Child === $week->age ? self::LONG_OF_CHILDREN : self::LONG;
        $share = (min(1.0, $week->minutes / $long) * $week->practices) / self::PRACTICES;
        $floors = [];
        foreach (\array_slice($player->positions, 0, 2) as $rank => $position) {
            $asked = $player->limit->forbidsRunning() ? [] : $week->table()->asked($position, 0 === $rank);
            foreach ($asked as $work => $reps) {
                $work = Work::from($work);
                $wanted = $share * $reps * (0 === $rank ? 1.0 : self::SECOND);
                if (Work::Fielded === $work && !$player->limit->allowsGameThrows()) {
                    [$work, $wanted] = [Work::Held, self::HELD * $wanted];
                }
                $wanted *= $work->under($player->limit);
                if ($wanted > 0.0 && !($week->isIndoors && \in_array($work, self::OUTSIDE, true))) {
                    $floors[$position->value][$work->value] = (int) ceil($wanted - 1e-9);
                }
            }
        }

        return $floors;
    }
}
