<?php

declare(strict_types=1);

namespace FoxCorner\Tests\Core\Practice;

use FoxCorner\Core\Field\Point;
use FoxCorner\Core\Field\Segment;
use FoxCorner\Core\Practice\Ground\Area;
use FoxCorner\Core\Practice\Ground\Ground;
use FoxCorner\Core\Practice\Station\Station;
use FoxCorner\Core\Practice\Station\StationNeed;
use FoxCorner\Core\Practice\Station\StationPlayer;
use FoxCorner\Core\Practice\Station\StationProblem;
use FoxCorner\Core\Practice\Station\StationSolver;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Who works where at a station: nets, helpers, players; arms that are spared, grounds that overlap. */
final class StationHandsTest extends TestCase
{
    use StationProblems;

    public function testOneWhoReceivesDoesNotWorkMeanwhile(): void
    {
        $one = self::station('s', [3], min: 2, max: 5, atOnce: 2, seconds: 24, oneReceives: true);

        self::assertSame(0, $one->repetitions(1, 8.0));
        self::assertSame(10, $one->repetitions(2, 8.0), 'one works for half of the time: 480 / 2 / 24');
        self::assertSame(13, $one->repetitions(3, 8.0), 'two at once for two thirds: 480 × 2/3 / 24');
        self::assertSame(7, $one->repetitions(4, 8.0), 'three in two turns for three quarters');
        self::assertSame(8, $one->repetitions(5, 8.0), 'four in two turns for four fifths');
    }

    public function testANetIsTakenBeforeAHelperAndAHelperBeforeAPlayer(): void
    {
        $receivers = static function (int $nets, int $helpers): string {
            $problem = self::received(
                new StationProblem(
                    [new StationPlayer('a', [3], null), new StationPlayer('b', [3], null)],
                    [self::station('s', [3], throws: 1)],
                    [new StationNeed('n', 3, 's', 100, 1.0)],
                    $helpers,
                    ['net' => $nets],
                    1,
                    8.0,
                ),
            );
            $plan = StationSolver::solve($problem);
            self::assertSame([24], $plan->gained);

            return $problem->stations[array_key_first($plan->rounds[0]) ?? self::fail('Nobody works.')]->id;
        };

        self::assertSame('s/net', $receivers(1, 1));
        self::assertSame('s/helper', $receivers(0, 1));
        self::assertSame('s/player', $receivers(0, 0));
    }

    public function testTheNetStandsWhereAPlayerWouldCostMost(): void
    {
        $players = [];
        foreach (range(1, 8) as $number) {
            $players[] = new StationPlayer("p$number", [$number > 4 ? 6 : 3], null);
        }
        $problem = self::received(
            new StationProblem(
                $players,
                [self::station('a', [3], 4, 4, 4, throws: 1), self::station('b', [6], 4, 4, 1, throws: 1)],
                [new StationNeed('n', 3, 'a', 400, 1.0), new StationNeed('m', 6, 'b', 400, 1.0)],
                0,
                ['net' => 1],
                1,
                8.0,
            ),
        );
        $plan = StationSolver::solve($problem);

        self::assertSame(
            ['a/net', 'b/player'],
            array_map(static fn(int $index): string => $problem->stations[$index]->id, array_keys($plan->rounds[0])),
            'where one works at a time, the others wait for their turn anyhow',
        );
        self::assertSame([96, 24], $plan->gained);
    }

    public function testRepetitionsAreTheEquation(): void
    {
        $station = self::station('s', [3], min: 2, max: 5, atOnce: 2, seconds: 24);

        self::assertSame(0, $station->repetitions(1, 8.0), 'too few to run');
        self::assertSame(20, $station->repetitions(2, 8.0));
        self::assertSame(10, $station->repetitions(3, 8.0));
        self::assertSame(6, $station->repetitions(5, 8.0));
        self::assertSame(0, $station->repetitions(6, 8.0));
    }

    public function testAnArmIsSparedEvenWhereThrowingWouldBeWorthMore(): void
    {
        $problem = new StationProblem(
            [new StationPlayer('a', [3], 15)],
            [self::station('throws', [3], throws: 1, seconds: 48)],
            [new StationNeed('n', 3, 'throws', 100, 5.0)],
            5,
            [],
            4,
            8.0,
        );
        $plan = StationSolver::solve($problem);

        self::assertSame([10], $plan->gained, 'ten throws in one round; twenty in two would be too many');
    }

    #[DataProvider('grounds')]
    public function testGroundsGetInEachOthersWay(Ground $one, Ground $other, bool $conflict): void
    {
        self::assertSame($conflict, $one->conflictsWith($other));
        self::assertSame($conflict, $other->conflictsWith($one));
    }

    /** @return iterable<string, array{Ground, Ground, bool}> */
    public static function grounds(): iterable
    {
        $circle = static fn(float $x, float $y, float $radius): Ground => new Ground(
            [],
            [Area::circle(Point::of($x, $y), $radius)],
            [],
        );
        $square = new Ground(
            [],
            [Area::polygon([Point::of(0, 0), Point::of(20, 0), Point::of(20, 20), Point::of(0, 20)])],
            [],
        );
        $lane = static fn(float $x1, float $y1, float $x2, float $y2): Ground => new Ground(
            [],
            [],
            [Segment::of(Point::of($x1, $y1), Point::of($x2, $y2))],
        );
        yield 'the same zone by name' => [new Ground(['left', 'mound'], [], []), new Ground(['mound'], [], []), true];
        yield 'other zones' => [new Ground(['left'], [], []), new Ground(['right'], [], []), false];
        yield 'circles that overlap' => [$circle(40, 40, 10), $circle(55, 40, 8), true];
        yield 'circles apart' => [$circle(40, 40, 10), $circle(80, 40, 8), false];
        yield 'a circle inside a square' => [$square, $circle(10, 10, 1), true];
        yield 'a circle that touches an edge' => [$square, $circle(24, 10, 5), true];
        yield 'a circle beside a square' => [$square, $circle(30, 10, 5), false];
        yield 'a square inside a square' => [
            $square,
            new Ground([], [Area::polygon([Point::of(5, 5), Point::of(8, 5), Point::of(8, 8)])], []),
            true,
        ];
        yield 'throws cross' => [$lane(0, 0, 100, 100), $lane(0, 90, 90, 0), true];
        yield 'throws side by side' => [$lane(0, 0, 100, 0), $lane(0, 5, 100, 5), false];
        yield 'a throw within ten feet of people' => [$circle(40, 40, 10), $lane(0, 100, 60, 22), true];
        yield 'a throw eleven feet away' => [$circle(0, 0, 5), $lane(-50, 16, 50, 16), false];
        yield 'a throw through a square' => [$square, $lane(-50, 10, 50, 10), true];
    }
}
