<?php

declare(strict_types=1);

namespace FoxCorner\Core\Practice;

use FoxCorner\Core\People\Position;
use FoxCorner\Core\People\RosterPlayer;
use FoxCorner\Core\Practice\Station\Station;
use FoxCorner\Core\Practice\Station\StationNeed;
use FoxCorner\Core\Practice\Station\StationPlan;
use FoxCorner\Core\Practice\Station\StationPlayer;
use FoxCorner\Core\Practice\Station\StationProblem;
use FoxCorner\Core\Practice\Station\StationSolver;

/** Fills the rounds of a practice: drills become stations, what the plan asks becomes needs. The same request always gives the same schedule. */
final readonly class Scheduler
{
    private const SEED = 1;

    public static function solve(PracticeRequest $request): Schedule
    {
        $drills = array_values($request->drills);
        $blocks = $request->time->rounds();
        $asked = [];
        foreach ($request->needs as $need) {
            $asked[$need->drill->key][] = $need->position->value;
        }
        $plan = StationSolver::solve(new StationProblem(
            array_map(self::player(...), $request->players),
            array_map(static fn(Drill $drill): Station => new Station(
                $drill->key, $asked[$drill->key] ?? [], $drill->min, $drill->max, $drill->atOnce, $drill->secondsPerRep, $drill->throwsPerRep, $drill->helpers, [], $drill->place->on($request->diamond)->ground(),
            ), $drills),
            array_map(static fn(Need $need): StationNeed => new StationNeed($need->key(), $need->position->value, $need->drill->key, $need->reps, $need->weight), $request->needs),
            $request->helpers, [], \count($blocks), TimePlan::ROUND,
        ), self::SEED);

        return new Schedule(
            $request->time,
            array_map(static fn(Block $block, int $round): Round => self::round($block, $plan, $round, $request, $drills), $blocks, array_keys($blocks)),
            array_map(static fn(Need $need, int $gained): MetNeed => new MetNeed($need, $gained), $request->needs, $plan->gained),
            $plan->objective,
        );
    }

    private static function player(RosterPlayer $player): StationPlayer
    {
        return new StationPlayer($player->id, Position::numbers($player->positions), $player->limit->forbidsThrowing() ? 0 : null);
    }

    /** @param list<Drill> $drills */
    private static function round(Block $block, StationPlan $plan, int $round, PracticeRequest $request, array $drills): Round
    {
        $turns = $busy = [];
        foreach ($plan->rounds[$round] as $station => $group) {
            foreach ($group as $player => $position) {
                $turns[] = new Turn($request->players[$player], $drills[$station], Position::ofNumber($position));
                $busy[$player] = true;
            }
        }

        return new Round($block, $turns, array_values(array_diff_key($request->players, $busy)));
    }
}
