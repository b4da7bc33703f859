<?php

declare(strict_types=1);

namespace FoxCorner\Bench;

use FoxCorner\Core\Practice\Station\StationPlan;

/** Reads a filled plan again, rule by rule, and knows nothing of how it was found. */
final class KeptRules
{
    /** @return list<string> what is broken */
    public static function broken(StationPlan $plan): array
    {
        $broken = [];
        $thrown = [];
        foreach ($plan->rounds as $number => $groups) {
            $broken = [...$broken, ...self::round($plan, $number, $groups, $thrown)];
        }
        foreach ($plan->problem->players as $index => $player) {
            if (null !== $player->throwsLeft && ($thrown[$index] ?? 0) > $player->throwsLeft) {
                $broken[] = "$player->id throws {$thrown[$index]}, may $player->throwsLeft";
            }
        }

        return $broken;
    }

    /**
     * @param array<int, array<int, int>> $groups by station: positions by player
     * @param array<int, int>             $thrown by player, added to
     *
     * @return list<string>
     */
    private static function round(StationPlan $plan, int $number, array $groups, array &$thrown): array
    {
        $problem = $plan->problem;
        $broken = $seen = $used = [];
        $helpers = 0;
        foreach ($groups as $at => $group) {
            $station = $problem->stations[$at];
            if (\count($group) < $station->min || \count($group) > $station->max) {
                $broken[] = "round $number, $station->id: " . \count($group) . ' players';
            }
            if (null !== $station->must && !\in_array($station->must, $group, true)) {
                $broken[] = "round $number, $station->id: nobody at $station->must";
            }
            $helpers += $station->helpers;
            foreach ($station->equipment as $piece => $pieces) {
                $used[$piece] = ($used[$piece] ?? 0) + $pieces;
            }
            foreach ($group as $player => $position) {
                $who = $problem->players[$player];
                if (isset($seen[$player])) {
                    $broken[] = "round $number: $who->id is at two stations";
                }
                $seen[$player] = true;
                if (!\in_array($position, $who->positions, true) || !\in_array($position, $station->positions, true)) {
                    $broken[] = "round $number, $station->id: $who->id works at $position";
                }
                $thrown[$player] =
                    ($thrown[$player] ?? 0) +
                    $station->throwsPerRep * $station->repetitions(\count($group), $problem->roundMinutes);
            }
            foreach (array_keys($groups) as $other) {
                $two = $problem->stations[$other];
                if ($other > $at && ($two->way ?? $two->id) === ($station->way ?? $station->id)) {
                    $broken[] = "round $number: $station->id and $two->id are one station";
                }
                if ($other > $at && $station->ground->conflictsWith($two->ground)) {
                    $broken[] = "round $number: $station->id is in the way of $two->id";
                }
            }
        }
        foreach ($used as $piece => $pieces) {
            if ($pieces > ($problem->equipment[$piece] ?? 0)) {
                $broken[] = "round $number: $pieces of $piece";
            }
        }
        if ($helpers > $problem->helpers) {
            $broken[] = "round $number: $helpers helpers";
        }

        return $broken;
    }
}
