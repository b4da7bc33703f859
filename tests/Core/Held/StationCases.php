<?php

declare(strict_types=1);

namespace FoxCorner\Tests\Core\Held;

use FoxCorner\Core\Field\Point;
use FoxCorner\Core\Field\Segment;
use FoxCorner\Core\Practice\Ground\Area;
use FoxCorner\Core\Practice\Ground\Ground;
use FoxCorner\Core\Practice\Schedule\Schedule;
use FoxCorner\Core\Practice\Schedule\Scheduler;
use FoxCorner\Core\Practice\Station\Diagnosis;
use FoxCorner\Core\Practice\Station\HeldTurn;
use FoxCorner\Core\Practice\Station\Station;
use FoxCorner\Core\Practice\Station\StationNeed;
use FoxCorner\Core\Practice\Station\StationPlayer;
use FoxCorner\Core\Practice\Station\StationProblem;
use FoxCorner\Core\Practice\Station\StationSolver;
use FoxCorner\Core\Practice\Station\StationState;
use FoxCorner\Core\Practice\Time\Turn;
use FoxCorner\Tests\Core\Practice\Practices;
use FoxCorner\Tests\Core\Teams;

/** Grounds that get in each other's way, and rounds of stations that are filled. */
final class StationCases
{
    /** Round, player, station (-1: nowhere), position. */
    private const MOVES = [
        [0, 0, 0, 3],
        [0, 1, 0, 4],
        [0, 2, 1, 5],
        [0, 2, 0, 5],
        [1, 4, 1, 3],
        [1, 3, 2, 7],
        [1, 5, 2, 8],
        [0, 0, -1, 0],
        [1, 1, 2, 8],
    ];

    /** @return iterable<string, array<string, mixed>> */
    public static function all(): iterable
    {
        $grounds = self::grounds();
        foreach ($grounds as $one => $ground) {
            foreach ($grounds as $other => $otherGround) {
                yield "$one beside $other" => ['conflict' => $ground->conflict($otherGround) ?? 'no'];
            }
        }
        yield from self::moves();
        $plan = StationSolver::solve(self::problem(), 7);
        yield 'solved' => [
            'worth' => $plan->objective,
            'met' => $plan->metCount(),
            'idle' => \count($plan->idle(0)),
        ];
        foreach (Diagnosis::why($plan) as $need => $why) {
            yield "solved, short $need" => ['why' => $why];
        }
        foreach (Diagnosis::waysOut($plan, 7, ['bags' => 'Bags', 'net' => 'Net']) as $number => $way) {
            yield "way out $number" => ['is' => $way];
        }
        $request = Practices::request(\array_slice(Teams::nine(), 0, 4), 1, 40);
        yield from self::schedule(Scheduler::solve($request));
    }

    private static function problem(): StationProblem
    {
        $circle = static fn(float $x, float $y): array => [Area::circle(Point::of($x, $y), 12)];
        $lane = [Segment::of(Point::of(0, 30), Point::of(60, 60))];
        $stations = [
            new Station('bags', [3, 4, 6], 2, 3, 2, 20, 1, 1, ['bag' => 1], new Ground([], $circle(0, 60), $lane)),
            new Station('net', [3, 5], 1, 2, 1, 15, 0, 1, ['net' => 1], new Ground([], $circle(10, 70), [])),
            new Station('fly', [7, 8], 2, 4, 1, 30, 1, 0, [], new Ground(['outfield'], [], [])),
        ];
        $players = array_map(
            static fn(int $index): StationPlayer => new StationPlayer(
                "p$index",
                [2 + ($index % 6), 3 + ($index % 5)],
                0 === $index % 3 ? 12 : null,
            ),
            range(1, 6),
        );
        $needs = [
            new StationNeed('a', 3, 'bags', 20, 1.0),
            new StationNeed('b', 4, 'bags', 12, 0.7),
            new StationNeed('c', 5, 'net', 40, 0.4),
            new StationNeed('d', 7, 'fly', 15, 0.9),
            new StationNeed('e', 6, 'bags', 8, 1.3),
        ];

        return new StationProblem($players, $stations, $needs, 1, ['bag' => 1, 'net' => 1], 2, 8.0, [
            new HeldTurn(1, 0, null),
        ]);
    }

    /** @return array<string, Ground> */
    private static function grounds(): array
    {
        $corners = [Point::of(0, 0), Point::of(20, 0), Point::of(20, 20), Point::of(0, 20)];

        return [
            'circle' => new Ground([], [Area::circle(Point::of(40, 40), 10)], []),
            'neighbour' => new Ground(['b'], [Area::circle(Point::of(59, 40), 8.9)], []),
            'square' => new Ground(['b'], [Area::polygon($corners)], []),
            'near square' => new Ground([], [Area::circle(Point::of(24.9, 10), 5)], []),
            'inside' => new Ground([], [Area::polygon([Point::of(5, 5), Point::of(8, 5), Point::of(8, 8)])], []),
            'throw' => new Ground([], [], [Segment::of(Point::of(0, 100), Point::of(60, 22))]),
            'across' => new Ground([], [], [Segment::of(Point::of(0, 30), Point::of(90, 60))]),
            'clear' => new Ground([], [], [Segment::of(Point::of(-50, 31), Point::of(19, 31))]),
        ];
    }

    /** @return iterable<string, array<string, mixed>> what each of a few moves is worth */
    private static function moves(): iterable
    {
        $state = new StationState(self::problem());
        $state->hold();
        foreach (self::MOVES as $index => [$round, $player, $station, $position]) {
            $takes = $station < 0 || $state->takes($round, $station);
            $state->move($round, $player, $station, $position);
            yield "move $index of player $player to station $station as $position" => [
                'takes' => $takes,
                'worth' => $state->objective,
                'over' => $state->effort->over,
                'gained' => [$state->gains->of(0), $state->gains->of(2)],
            ] + ($station < 0 ? [] : self::filled($state, $round, $station));
        }
    }

    /** @return array<string, mixed> */
    private static function filled(StationState $state, int $round, int $station): array
    {
        return ['size' => $state->size($round, $station), 'group' => $state->group($round, $station)];
    }

    /** @return iterable<string, array<string, mixed>> */
    private static function schedule(Schedule $schedule): iterable
    {
        yield 'schedule of four in 40 min' => ['worth' => $schedule->objective, 'met' => $schedule->metCount()];
        foreach ($schedule->rounds as $number => $round) {
            yield "schedule, round $number" => [
                'turns' => array_map(
                    static fn(Turn $turn): string => "{$turn->player->id}@{$turn->drill->key}/{$turn->position->value}",
                    $round->turns,
                ),
            ];
        }
        foreach ($schedule->needs as $met) {
            yield "schedule, need {$met->need->key()}" => ['times' => $met->gained, 'binds' => $met->binds];
        }
    }
}
