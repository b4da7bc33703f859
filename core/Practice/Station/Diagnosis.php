<?php

declare(strict_types=1);

namespace FoxCorner\Core\Practice\Station;

use FoxCorner\Core\Practice\Ground\Ground;

/** Why a need stays short, and what would help most cheaply: tried, not guessed. */
final class Diagnosis
{
    /** Of the objective; less is no help. */
    private const HELPS = 0.5;
    /** Stations that are tried elsewhere. */
    private const STATIONS_TRIED = 2;

    /**
     * @param array<string, string> $names of the stations, by id
     *
     * @return array<string, string> by the need's id: a sentence on what binds
     */
    public static function why(StationPlan $plan, array $names = []): array
    {
        $why = [];
        foreach ($plan->problem->needs as $index => $need) {
            if (!$plan->isMet($index)) {
                $why[$need->id] = self::binds($index, $plan, $names);
            }
        }

        return $why;
    }

    /**
     * What one helper more, one round more, another piece, or another place for a station would bring; the best first.
     *
     * @param array<string, string> $names of the stations, by id
     *
     * @return array<string, float> gain of the objective by what is changed
     */
    public static function waysOut(StationPlan $plan, int $seed, array $names = []): array
    {
        $problem = $plan->problem;
        $ways = [
            'another helper' => $problem->withHelpers($problem->helpers + 1),
            // A round more is also a round in which everybody could wait.
            \sprintf('another round of %g minutes', $problem->roundMinutes) => $problem->withRounds(
                $problem->rounds + 1,
            ),
        ];
        foreach (self::scarce($problem) as $piece) {
            $ways["one more: $piece"] = $problem->withEquipment(
                [$piece => ($problem->equipment[$piece] ?? 0) + 1] + $problem->equipment,
            );
        }
        foreach (self::inTheWay($problem) as $station => $others) {
            $name = static fn(string $id): string => lcfirst($names[$id] ?? $id);
            $ways[
                \sprintf('moving “%s” away from “%s”', $name($station), implode('” and “', array_map($name, $others)))
            ] = $problem->withGroundOf($station, new Ground([], [], []));
        }
        $gains = array_filter(
            array_map(
                static fn(StationProblem $other): float => StationSolver::improve($plan, $other, $seed)->objective -
                    $plan->objective,
                $ways,
            ),
            static fn(float $gain): bool => $gain > self::HELPS,
        );
        arsort($gains);

        return $gains;
    }

    /** @return list<string> pieces of which all stations together want more than there are */
    private static function scarce(StationProblem $problem): array
    {
        $wanted = [];
        foreach ($problem->stations as $station) {
            foreach ($station->equipment as $piece => $pieces) {
                $wanted[$piece] = ($wanted[$piece] ?? 0) + $pieces;
            }
        }

        return array_values(
            array_filter(
                array_keys($wanted),
                static fn(string $piece): bool => $wanted[$piece] > ($problem->equipment[$piece] ?? 0),
            ),
        );
    }

    /** @return array<string, list<string>> the stations with most others in their way, and which */
    private static function inTheWay(StationProblem $problem): array
    {
        $inTheWay = [];
        foreach ($problem->stations as $station) {
            foreach ($problem->stations as $other) {
                if ($station->key() !== $other->key() && $station->ground->conflictsWith($other->ground)) {
                    $inTheWay[$station->key()][$other->key()] = $other->key();
                }
            }
        }
        uasort($inTheWay, static fn(array $a, array $b): int => \count($b) <=> \count($a));

        return array_map(array_values(...), \array_slice($inTheWay, 0, self::STATIONS_TRIED, true));
    }

    /** @param array<string, string> $names */
    private static function binds(int $index, StationPlan $plan, array $names): string
    {
        $problem = $plan->problem;
        $need = $problem->needs[$index];
        $never = [];
        foreach ($need->places() as $key => $positions) {
            foreach ($problem->ways($key) as $way) {
                $never[] = self::never($need, $way, $positions, $problem);
            }
        }

        return \in_array(null, $never, true)
            ? WhatBinds::of($plan, $index, $names)
            : $never[array_key_last($never)] ?? throw new \LogicException('Every need has a station.');
    }

    /**
     * Why a station cannot give a need anything in this way, whatever else runs; null when it can.
     *
     * @param list<int> $positions at which it gives it
     */
    private static function never(
        StationNeed $need,
        Station $station,
        array $positions,
        StationProblem $problem,
    ): ?string {
        if ([] === array_intersect($positions, $station->positions)) {
            return "The station does not serve position $need->position.";
        }
        $own = array_filter(
            $problem->players,
            static fn(StationPlayer $player): bool => [] !== array_intersect($positions, $player->positions),
        );
        if ([] === $own) {
            return "Nobody who comes plays $need->position.";
        }
        if (0 === $station->repetitions($station->min, $problem->roundMinutes)) {
            return \sprintf(
                'One repetition of %d takes longer than a round of %g minutes.',
                $station->min,
                $problem->roundMinutes,
            );
        }
        if ([] === array_filter($own, static fn(StationPlayer $player): bool => $player->mayThrowAt($station))) {
            return "Nobody who plays $need->position may throw tonight.";
        }
        $who = array_filter(
            $problem->players,
            static fn(StationPlayer $player): bool => [] !== array_intersect($player->positions, $station->positions) &&
                $player->mayThrowAt($station),
        );
        if (\count($who) < $station->min) {
            return \sprintf(
                'The station needs %d players, and %d who come can work there.',
                $station->min,
                \count($who),
            );
        }
        if (
            null !== $station->must &&
            [] === array_filter($who, static fn($player): bool => \in_array($station->must, $player->positions, true))
        ) {
            return "The station needs somebody at position $station->must.";
        }
        if ($station->helpers > $problem->helpers) {
            return \sprintf(
                'The station needs %d helpers; there %s %d.',
                $station->helpers,
                1 === $problem->helpers ? 'is' : 'are',
                $problem->helpers,
            );
        }
        foreach ($station->equipment as $name => $pieces) {
            if ($pieces > ($problem->equipment[$name] ?? 0)) {
                return \sprintf(
                    'The station needs %d of “%s”; there are %d.',
                    $pieces,
                    $name,
                    $problem->equipment[$name] ?? 0,
                );
            }
        }

        return null;
    }
}
