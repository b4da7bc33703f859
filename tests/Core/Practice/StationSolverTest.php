<?php

declare(strict_types=1);

namespace FoxCorner\Tests\Core\Practice;

use FoxCorner\Core\Field\Point;
use FoxCorner\Core\Field\Segment;
use FoxCorner\Core\Practice\Ground\Area;
use FoxCorner\Core\Practice\Ground\Ground;
use FoxCorner\Core\Practice\Station\Diagnosis;
use FoxCorner\Core\Practice\Station\HeldTurn;
use FoxCorner\Core\Practice\Station\Station;
use FoxCorner\Core\Practice\Station\StationNeed;
use FoxCorner\Core\Practice\Station\StationPlan;
use FoxCorner\Core\Practice\Station\StationPlayer;
use FoxCorner\Core\Practice\Station\StationProblem;
use FoxCorner\Core\Practice\Station\StationSolver;
use FoxCorner\Core\Problem\Problem;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

final class StationSolverTest extends TestCase
{
    public function testNoConstraintIsEverBrokenOnRandomProblems(): void
    {
        for ($case = 1; $case <= (int) (false === getenv('FOX_CASES') ? 250 : getenv('FOX_CASES')); ++$case) {
            $problem = self::random($case);
            self::mustHold(StationSolver::solve($problem, $case), "case $case");
            if (0 === $case % 5) {
                $received = self::received($problem);
                self::mustHold(StationSolver::solve($received, $case), "case $case, with receivers");
            }
        }
    }

    public function testOnSmallProblemsItFindsTheVeryBest(): void
    {
        for ($case = 1; $case <= 25; ++$case) {
            $problem = self::random($case, 3, 3, 2);
            $best = self::exhausted($problem);

            self::assertEqualsWithDelta($best, StationSolver::solve($problem, 1)->objective, 1e-6, "case $case");
        }
    }

    public function testAmongAllWaysToReceiveItFindsTheVeryBest(): void
    {
        $more = 0;
        for ($case = 1; $case <= 40; ++$case) {
            $problem = self::received(self::random($case, 3, 2, 2));
            $best = self::exhausted($problem);
            $more += $best > self::exhausted(self::received(self::random($case, 3, 2, 2), [0])) + 1e-6 ? 1 : 0;

            self::assertEqualsWithDelta($best, StationSolver::solve($problem, 1)->objective, 1e-6, "case $case");
        }
        self::assertGreaterThan(3, $more, 'the other ways count in some');
    }

    public function testAGroupWithoutThePositionThatItMustHaveWaits(): void
    {
        $found = 0;
        for ($case = 1; $case <= 40; ++$case) {
            $free = self::random($case, 3, 3, 2);
            $problem = self::must($free);
            $best = self::exhausted($problem);
            $found += $best < self::exhausted($free) - 1e-6 ? 1 : 0;
            $plan = StationSolver::solve($problem, 1);

            self::mustHold($plan, "case $case");
            self::assertEqualsWithDelta($best, $plan->objective, 1e-6, "case $case");
        }
        self::assertGreaterThan(5, $found, 'it costs something in some');
    }

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

    public function testTheSameSeedGivesTheSamePlan(): void
    {
        $problem = self::random(5, 8, 4, 3);

        self::assertSame(StationSolver::solve($problem, 3)->rounds, StationSolver::solve($problem, 3)->rounds);
    }

    public function testHeldTurnsStayOnRandomProblems(): void
    {
        $tried = 0;
        for ($case = 1; $tried < 20; ++$case) {
            $free = self::random($case, 8, 4, 3);
            if ($free->rounds < 2) {
                continue;
            }
            ++$tried;
            $first = StationSolver::solve($free, $case);
            $held = [new HeldTurn(0, 0, null)];
            foreach ($first->rounds[1] as $station => $group) {
                foreach ($group as $player => $position) {
                    $held[] = new HeldTurn(1, $player, $station, $position);
                }
            }
            $again = StationSolver::solve(
                new StationProblem(
                    $free->players,
                    $free->stations,
                    $free->needs,
                    $free->helpers,
                    $free->equipment,
                    $free->rounds,
                    $free->roundMinutes,
                    $held,
                ),
                $case + 100,
            );
            self::mustHold($again, "case $case");
            foreach ($first->rounds[1] as $station => $group) {
                self::assertEquals(
                    $group,
                    $again->rounds[1][$station] ?? [],
                    "case $case, station $station: nobody leaves, nobody joins",
                );
            }
            foreach ($again->rounds[0] as $group) {
                self::assertArrayNotHasKey(0, $group, "case $case: away, and yet at a station");
            }
        }
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

    public function testWhatBindsIsNamedAndTheWaysOutAreTried(): void
    {
        $stations = [
            self::station('net', [3], equipment: ['net' => 2]),
            self::station('two', [4], helpers: 3),
            self::station('many', [6], min: 5, max: 8),
            self::station('short', [7], seconds: 60),
        ];
        $needs = [
            new StationNeed('a', 3, 'net', 10, 1.0),
            new StationNeed('b', 4, 'two', 10, 1.0),
            new StationNeed('c', 6, 'many', 10, 1.0),
            new StationNeed('d', 7, 'short', 100, 1.0),
            new StationNeed('e', 9, 'short', 5, 1.0),
            new StationNeed('f', 8, 'short', 5, 1.0),
        ];
        $plan = StationSolver::solve(
            new StationProblem(
                [new StationPlayer('x', [3, 4], null), new StationPlayer('y', [6, 7], null)],
                $stations,
                $needs,
                1,
                ['net' => 1],
                1,
                8.0,
            ),
        );

        self::assertSame(
            [
                'a' => 'The station needs 2 of “net”; there are 1.',
                'b' => 'The station needs 3 helpers; there is 1.',
                'c' => 'The station needs 5 players, and 1 who come can work there.',
                'd' => 'The minutes: other needs weigh more.',
                'e' => 'The station does not serve position 9.',
                'f' => 'The station does not serve position 8.',
            ],
            Diagnosis::why($plan),
        );
        self::assertSame(['one more: net', 'another round of 8 minutes'], array_keys(Diagnosis::waysOut($plan, 1)));
    }

    /**
     * Each cause by itself: without it the need could be met.
     *
     * @param non-empty-string    $words
     * @param list<StationPlayer> $players
     * @param list<Station>       $stations
     */
    #[DataProvider('causes')]
    public function testTheTrueCauseIsNamed(string $words, array $players, array $stations, int $helpers = 2): void
    {
        $plan = StationSolver::solve(
            new StationProblem(
                $players,
                $stations,
                [
                    new StationNeed('short', 3, $stations[0]->id, 200, 1.0),
                    ...isset($stations[1]) ? [new StationNeed('other', 7, $stations[1]->id, 200, 5.0)] : [],
                ],
                $helpers,
                ['net' => 1],
                1,
                8.0,
            ),
        );

        self::assertStringStartsWith($words, Diagnosis::why($plan)['short']);
    }

    /** @return iterable<string, array{0: non-empty-string, 1: list<StationPlayer>, 2: list<Station>, 3?: int}> */
    public static function causes(): iterable
    {
        $first = new StationPlayer('first', [3], null);
        $left = new StationPlayer('left', [7], null);
        $lane = static fn(float $ax, float $ay, float $bx, float $by): Ground => new Ground(
            [],
            [],
            [Segment::of(Point::of($ax, $ay), Point::of($bx, $by))],
        );
        yield 'sore arm' => [
            'Nobody who plays 3 may throw tonight.',
            [new StationPlayer('first', [3], 0)],
            [self::station('a', [3], throws: 1)],
        ];
        yield 'sore arm, and only tosses' => [
            'Nobody who plays 3 may throw tonight.',
            [new StationPlayer('first', [3], 0, false)],
            [self::station('a', [3], tosses: true)],
        ];
        yield 'throws left' => [
            'Throws: the arms that play 3 have had theirs.',
            [new StationPlayer('first', [3], 2)],
            [self::station('a', [3], throws: 1)],
        ];
        yield 'a repetition longer than a round' => [
            'One repetition of 1 takes longer than a round of 8 minutes.',
            [$first],
            [self::station('a', [3], seconds: 500)],
        ];
        yield 'one helper' => [
            'One helper: 1, and other stations have them.',
            [$first, $left],
            [self::station('a', [3], helpers: 1), self::station('b', [7], helpers: 1)],
            1,
        ];
        yield 'one net' => [
            '“net”: there is 1, in use elsewhere.',
            [$first, $left],
            [self::station('a', [3], equipment: ['net' => 1]), self::station('b', [7], equipment: ['net' => 1])],
        ];
        yield 'lanes that cross' => [
            'Beside “b” there would be throws that cross.',
            [$first, $left],
            [
                self::station('a', [3], ground: $lane(-50, 50, 50, 50)),
                self::station('b', [7], ground: $lane(0, 0, 0, 100)),
            ],
        ];
        yield 'and only then the minutes' => [
            'The minutes: other needs weigh more.',
            [$first],
            [self::station('a', [3])],
        ];
    }

    /** @param \Closure(): mixed $make */
    #[DataProvider('impossible')]
    public function testWhatCannotBeAsked(\Closure $make, string $words): void
    {
        $this->expectException(Problem::class);
        $this->expectExceptionMessage($words);
        $make();
    }

    /** @return iterable<string, array{\Closure(): mixed, string}> */
    public static function impossible(): iterable
    {
        $player = new StationPlayer('a', [3], null);
        yield 'nobody comes' => [
            static fn(): mixed => new StationProblem([], [], [], 1, [], 1, 8.0),
            'players: nobody comes',
        ];
        yield 'no minutes' => [
            static fn(): mixed => new StationProblem([$player], [], [], 1, [], 0, 8.0),
            'minutes: not one round fits',
        ];
        yield 'smallest above largest' => [
            static fn(): mixed => self::station('s', [3], min: 4, max: 2),
            'station s: it needs 4 players and takes 2',
        ];
        yield 'twice the same' => [
            static fn(): mixed => new StationProblem([$player, $player], [], [], 1, [], 1, 8.0),
            'players: "a" is there 2 times',
        ];
        yield 'a need of no station' => [
            static fn(): mixed => new StationProblem(
                [$player],
                [],
                [new StationNeed('n', 3, 'moon', 1, 1.0)],
                1,
                [],
                1,
                8.0,
            ),
            'need n, station: "moon" is not known',
        ];
    }

    private static function mustHold(StationPlan $plan, string $case): void
    {
        $problem = $plan->problem;
        $objective = 0.0;
        $gained = $thrown = [];
        foreach ($plan->rounds as $groups) {
            $seen = $used = [];
            $helpers = 0;
            foreach ($groups as $index => $group) {
                $station = $problem->stations[$index];
                self::assertGreaterThanOrEqual($station->min, \count($group), $case);
                self::assertLessThanOrEqual($station->max, \count($group), $case);
                self::assertContains($station->must ?? reset($group), $group, "$case: who must be there");
                $each = $station->repetitions(\count($group), $problem->roundMinutes);
                $helpers += $station->helpers;
                foreach ($station->equipment as $name => $pieces) {
                    $used[$name] = ($used[$name] ?? 0) + $pieces;
                }
                foreach ($group as $player => $position) {
                    self::assertArrayNotHasKey($player, $seen, "$case: in two places");
                    $seen[$player] = true;
                    self::assertContains($position, $problem->players[$player]->positions, $case);
                    self::assertContains($position, $station->positions, $case);
                    $key = self::keyOf($station) . '/' . $position;
                    $gained[$key] = ($gained[$key] ?? 0) + $each;
                    $thrown[$player] = ($thrown[$player] ?? 0) + $each * $station->throwsPerRep;
                }
                foreach (array_keys($groups) as $other) {
                    $two = $problem->stations[$other];
                    self::assertFalse(
                        $other !== $index &&
                            (self::keyOf($station) === self::keyOf($two) ||
                                $station->ground->conflictsWith($two->ground)),
                        "$case: $index beside $other",
                    );
                }
            }
            self::assertLessThanOrEqual($problem->helpers, $helpers, $case);
            foreach ($used as $name => $pieces) {
                self::assertLessThanOrEqual($problem->equipment[$name] ?? 0, $pieces, $case);
            }
            $objective -= 0.2 * (\count($problem->players) - \count($seen)) * $problem->roundMinutes;
        }
        foreach ($thrown as $player => $throws) {
            self::assertLessThanOrEqual(
                $problem->players[$player]->throwsLeft ?? \PHP_INT_MAX,
                $throws,
                "$case: an arm",
            );
        }
        foreach ($problem->needs as $index => $need) {
            $got = $gained["$need->station/$need->position"] ?? 0;
            self::assertSame($got, $plan->gained[$index], $case);
            $objective += $need->weight * min($need->reps, $got);
        }
        self::assertEqualsWithDelta($objective, $plan->objective, 1e-6, $case);
    }

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

    /** The same, and every second station needs somebody at the last position that it serves. */
    private static function must(StationProblem $problem): StationProblem
    {
        return new StationProblem(
            $problem->players,
            array_map(
                static fn(Station $one, int $index): Station => new Station(
                    $one->id,
                    $one->positions,
                    $one->min,
                    $one->max,
                    $one->atOnce,
                    $one->secondsPerRep,
                    $one->throwsPerRep,
                    $one->helpers,
                    $one->equipment,
                    $one->ground,
                    must: 0 === $index % 2 ? $one->positions[\count($one->positions) - 1] : null,
                ),
                $problem->stations,
                array_keys($problem->stations),
            ),
            $problem->needs,
            $problem->helpers,
            $problem->equipment,
            $problem->rounds,
            $problem->roundMinutes,
        );
    }

    private static function keyOf(Station $station): string
    {
        return $station->way ?? $station->id;
    }

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

    private static function random(int $seed, int $players = 9, int $stations = 5, int $rounds = 3): StationProblem
    {
        $random = new Randomizer(new Mt19937($seed));
        $positions = static fn(int $most): array => array_values(
            array_unique(array_map(static fn(): int => $random->getInt(1, 6), range(1, $most))),
        );
        $who = array_map(
            static fn(int $index): StationPlayer => new StationPlayer(
                "p$index",
                $positions(2),
                0 === $random->getInt(0, 3) ? $random->getInt(0, 40) : null,
            ),
            range(1, $random->getInt(1, $players)),
        );
        $what = $needs = [];
        for ($index = 1; $index <= $random->getInt(1, $stations); ++$index) {
            $min = $random->getInt(1, 3);
            $station = new Station(
                "s$index",
                $positions(3),
                $min,
                $min + $random->getInt(0, 3),
                $random->getInt(1, 3),
                $random->getInt(8, 40),
                $random->getInt(0, 1),
                $random->getInt(0, 2),
                0 === $random->getInt(0, 2) ? ['net' => 1] : [],
                new Ground(
                    ['z' . $random->getInt(1, 4)],
                    [
                        Area::circle(
                            Point::of($random->getInt(-60, 60), $random->getInt(0, 120)),
                            $random->getInt(5, 20),
                        ),
                    ],
                    0 === $random->getInt(0, 1)
                        ? [
                            Segment::of(
                                Point::of($random->getInt(-60, 60), 0),
                                Point::of($random->getInt(-60, 60), 120),
                            ),
                        ]
                        : [],
                ),
            );
            $what[] = $station;
            foreach ($station->positions as $position) {
                $needs[] = new StationNeed(
                    "n$index-$position",
                    $position,
                    $station->id,
                    $random->getInt(0, 60),
                    $random->getInt(1, 20) / 10,
                );
            }
        }

        return new StationProblem(
            $who,
            $what,
            $needs,
            $random->getInt(0, 4),
            ['net' => $random->getInt(0, 2)],
            min($rounds, $random->getInt(1, $rounds)),
            8.0,
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
