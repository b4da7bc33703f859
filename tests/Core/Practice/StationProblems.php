<?php

declare(strict_types=1);

namespace FoxCorner\Tests\Core\Practice;

use FoxCorner\Core\Practice\Ground\Ground;
use FoxCorner\Core\Practice\Station\Station;
use FoxCorner\Core\Practice\Station\StationProblem;

/** Stations and evenings to solve: made by hand, and drawn. */
trait StationProblems
{
    /**
     * The same, and whoever throws needs a net, a helper or one of them to receive.
     *
     * @param list<int> $only of the three ways
     */
    private static function received(StationProblem $problem, array $only = [0, 1, 2]): StationProblem
    {
        $stations = [];
        foreach ($problem->stations as $one) {
            foreach (['net', 'helper', 'player'] as $index => $by) {
                if (0 === $one->throwsPerRep || !\in_array($index, $only, true)) {
                    continue;
                }
                $isPlayer = 'player' === $by;
                $stations[] = new Station(
                    "$one->id/$by",
                    $one->positions,
                    $one->min + ($isPlayer && $one->min < $one->max ? 1 : 0),
                    $one->max,
                    $one->atOnce,
                    $one->secondsPerRep,
                    $one->throwsPerRep,
                    $one->helpers + ('helper' === $by ? 1 : 0),
                    ['net' => ($one->equipment['net'] ?? 0) + ('net' === $by ? 1 : 0)],
                    $one->ground,
                    $one->tosses,
                    $one->id,
                    $isPlayer,
                );
            }
            if (0 === $one->throwsPerRep) {
                $stations[] = $one;
            }
        }

        return new StationProblem(
            $problem->players,
            $stations,
            $problem->needs,
            $problem->helpers,
            $problem->equipment,
            $problem->rounds,
            $problem->roundMinutes,
        );
    }

    /**
     * @param list<int>          $positions
     * @param array<string, int> $equipment
     */
    private static function station(
        string $id,
        array $positions,
        int $min = 1,
        int $max = 8,
        int $atOnce = 1,
        int $seconds = 20,
        int $throws = 0,
        int $helpers = 0,
        array $equipment = [],
        ?Ground $ground = null,
        bool $tosses = false,
        bool $oneReceives = false,
    ): Station {
        return new Station(
            $id,
            $positions,
            $min,
            $max,
            $atOnce,
            $seconds,
            $throws,
            $helpers,
            $equipment,
            $ground ?? new Ground([], [], []),
            $tosses,
            null,
            $oneReceives,
        );
    }
}
