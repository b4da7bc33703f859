<?php

declare(strict_types=1);

namespace FoxCorner\Tests\Core\Practice;

use FoxCorner\Core\Practice\Station\Station;
use FoxCorner\Core\Practice\Station\StationProblem;

/** The very best plan, found by trying all: another way than the solver's. */
trait EveryStationPlan
{
    /** The best objective over all ways to fill the rounds. */
    private static function exhausted(StationProblem $problem): float
    {
        $rounds = [[]];
        foreach ($problem->players as $player) {
            $open = [null];
            foreach ($problem->stations as $index => $station) {
                foreach (array_intersect($player->positions, $station->positions) as $position) {
                    $open[] = [$index, $position];
                }
            }
            $rounds = array_merge(
                ...array_map(
                    static fn(array $so): array => array_map(
                        static fn(?array $place): array => [...$so, $place],
                        $open,
                    ),
                    $rounds,
                ),
            );
        }
        $fair = array_values(
            array_filter(
                array_map(static fn(array $places): ?array => self::filled($problem, $places), $rounds),
                is_array(...),
            ),
        );
        $best = -\INF;
        foreach ($fair as [$gainOne, $idleOne, $thrownOne]) {
            foreach ($problem->rounds > 1 ? $fair : [[[], 0, []]] as [$gainTwo, $idleTwo, $thrownTwo]) {
                foreach ($problem->players as $index => $player) {
                    if (
                        null !== $player->throwsLeft &&
                        ($thrownOne[$index] ?? 0) + ($thrownTwo[$index] ?? 0) > $player->throwsLeft
                    ) {
                        continue 2;
                    }
                }
                $objective = -0.2 * ($idleOne + $idleTwo) * $problem->roundMinutes;
                foreach ($problem->needs as $need) {
                    $objective +=
                        $need->weight *
                        min(
                            $need->reps,
                            ($gainOne["$need->station/$need->position"] ?? 0) +
                                ($gainTwo["$need->station/$need->position"] ?? 0),
                        );
                }
                $best = max($best, $objective);
            }
        }

        return $best;
    }

    /**
     * @param list<array{int, int}|null> $places station and position by player
     *
     * @return array{array<string, int>, int, array<int, int>}|null repetitions, players who wait, throws; null when it
     *                                                              may not be
     */
    private static function filled(StationProblem $problem, array $places): ?array
    {
        $groups = [];
        foreach ($places as $player => $place) {
            if (null !== $place) {
                $groups[$place[0]][$player] = $place[1];
            }
        }
        $helpers = 0;
        $gain = $used = $thrown = [];
        $idle = \count($problem->players);
        foreach ($groups as $index => $group) {
            $station = $problem->stations[$index];
            $helpers += $station->helpers;
            foreach ($station->equipment as $name => $pieces) {
                $used[$name] = ($used[$name] ?? 0) + $pieces;
            }
            foreach (array_keys($groups) as $other) {
                $two = $problem->stations[$other];
                if (
                    $other !== $index &&
                    (self::keyOf($station) === self::keyOf($two) || $station->ground->conflictsWith($two->ground))
                ) {
                    return null;
                }
            }
            if (
                \count($group) < $station->min ||
                \count($group) > $station->max ||
                (null !== $station->must && !\in_array($station->must, $group, true))
            ) {
                return null;
            }
            foreach ($group as $player => $position) {
                $each = $station->repetitions(\count($group), $problem->roundMinutes);
                $key = self::keyOf($station) . '/' . $position;
                $gain[$key] = ($gain[$key] ?? 0) + $each;
                $thrown[$player] = $each * $station->throwsPerRep;
                --$idle;
            }
        }
        foreach ($used as $name => $pieces) {
            if ($pieces > ($problem->equipment[$name] ?? 0)) {
                return null;
            }
        }

        return $helpers > $problem->helpers ? null : [$gain, $idle, $thrown];
    }

    private static function keyOf(Station $station): string
    {
        return $station->way ?? $station->id;
    }
}
