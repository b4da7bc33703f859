<?php

declare(strict_types=1);

namespace FoxCorner\Tests\Core\Practice;

use FoxCorner\Core\Field\Point;
use FoxCorner\Core\Field\Segment;
use FoxCorner\Core\Practice\Ground\Area;
use FoxCorner\Core\Practice\Ground\Ground;
use FoxCorner\Core\Practice\Station\HeldTurn;
use FoxCorner\Core\Practice\Station\Station;
use FoxCorner\Core\Practice\Station\StationNeed;
use FoxCorner\Core\Practice\Station\StationPlan;
use FoxCorner\Core\Practice\Station\StationPlayer;
use FoxCorner\Core\Practice\Station\StationProblem;
use FoxCorner\Core\Practice\Station\StationSolver;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

final class StationSolverTest extends TestCase
{
    use EveryStationPlan;

    use StationProblems;

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
}
