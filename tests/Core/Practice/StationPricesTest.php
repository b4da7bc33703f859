<?php

declare(strict_types=1);

namespace FoxCorner\Tests\Core\Practice;

use FoxCorner\Core\Level\AgeGroup;
use FoxCorner\Core\Practice\Ground\Ground;
use FoxCorner\Core\Practice\Station\Station;
use FoxCorner\Core\Practice\Station\StationBound;
use FoxCorner\Core\Practice\Station\StationNeed;
use FoxCorner\Core\Practice\Station\StationPlan;
use FoxCorner\Core\Practice\Station\StationPlayer;
use FoxCorner\Core\Practice\Station\StationPrices;
use FoxCorner\Core\Practice\Station\StationProblem;
use FoxCorner\Core\Practice\Station\StationSolver;
use FoxCorner\Core\Practice\Station\StationState;
use PHPUnit\Framework\TestCase;

/** What a practice's search weighs, in amounts. */
final class StationPricesTest extends TestCase
{
    public function testWaitingAndHelpingGrowByTheRound(): void
    {
        $prices = StationPrices::ofPractice(AgeGroup::Older, 5);

        self::assertSame([0.0, 20.0, 60.0, 120.0], array_map($prices->waiting(...), [0, 1, 2, 3]));
        self::assertSame([0.0, 1.0, 9.0, 24.0, 39.0], array_map($prices->helping(...), [0, 1, 2, 3, 4]));
        self::assertSame([0.0, 0.0, 6.0, 12.0], array_map($prices->again(...), [0, 2, 3, 4]));
        self::assertSame(
            [40.0, 15.0, 5.0],
            [
                $prices->kind,
                StationPrices::ofPractice(AgeGroup::Youth, 6)->kind,
                StationPrices::ofPractice(AgeGroup::Child, 5)->kind,
            ],
        );
        self::assertSame(16.0, StationPrices::ofPractice(AgeGroup::Older, 2)->kind, 'in two rounds');
        self::assertSame([0.0, 1.6, 3.2], array_map(StationPrices::plain(8.0)->waiting(...), [0, 1, 2]));
        self::assertSame(0.0, StationPrices::plain(8.0)->helping(2));
    }

    public function testTheFirstRepetitionsAreWorthMore(): void
    {
        $worth = (new StationNeed('n', 3, 's', 20, 28.0))->worth(20);

        self::assertEqualsWithDelta(17.0, $worth[10], 1e-9, '28 (10 × ½ − 3 × ¼) / 7');
        self::assertEqualsWithDelta(28.0, $worth[20], 1e-9);
        self::assertEqualsWithDelta(28.36, $worth[32], 1e-9, '.6 for a share beyond');
        self::assertCount(33, $worth);
    }

    public function testEveryMoveIsWorthWhatItChanges(): void
    {
        $state = new StationState(self::problem(1));
        $moved = static function (int $player, int $station, int $as) use ($state): float {
            $before = $state->objective;
            $state->move(0, $player, $station, $as);

            return $state->objective - $before;
        };

        self::assertEqualsWithDelta(-60.0, $state->objective, 1e-9, 'three wait');
        self::assertEqualsWithDelta(0.0, $moved(0, 0, 3), 1e-9, 'one alone is no group');
        self::assertFalse($state->takesHelp(0, 1), 'nobody is there to be helped');
        // Two wait no more, each has 8 of 16, a station of a new kind runs, and both stand in no line.
        self::assertEqualsWithDelta(40 + 2 * 17 - 40 - 1, $moved(1, 0, 3), 1e-9);
        self::assertTrue($state->takesHelp(0, 0));
        self::assertEqualsWithDelta(20 - 1, $moved(2, 0, StationState::HELPS), 1e-9);
        self::assertFalse($state->takesHelp(0, 0), 'one is enough');
        self::assertSame([16, [0 => 8, 1 => 8]], [$state->gains->of(0), $state->gains->lacks(0)]);
        $state->move(0, 1, StationState::WAITS, 0);
        self::assertEqualsWithDelta(-60.0, $state->objective, 1e-9, 'without a group there is nobody to help');
    }

    public function testNobodyWaitsWhoCanHelp(): void
    {
        $plan = StationSolver::solve(self::problem(2));

        self::assertSame([], array_merge(...array_map($plan->idle(...), array_keys($plan->rounds))));
        self::assertNotSame([], array_filter($plan->helping));
        self::assertEqualsWithDelta($plan->objective, self::valued($plan), 1e-9);
        self::assertLessThanOrEqual(StationBound::of($plan->problem), $plan->objective);
        self::assertEqualsWithDelta(2 * 28.0, StationBound::of($plan->problem), 1.0, 'each has all that he wants');
    }

    /** What the plan is worth when it is laid once more, move by move. */
    private static function valued(StationPlan $plan): float
    {
        $state = new StationState($plan->problem);
        $plan->lay($state);

        return $state->objective;
    }

    private static function problem(int $rounds): StationProblem
    {
        $nowhere = new Ground([], [], []);

        return new StationProblem(
            array_map(
                static fn(int $number): StationPlayer => new StationPlayer("p$number", $number < 3 ? [3] : [7], null),
                range(1, 3),
            ),
            [
                new Station('pairs', [3], 2, 2, 2, 60, 0, 0, [], $nowhere, extra: 1),
                new Station('other', [5], 2, 2, 2, 60, 0, 0, [], $nowhere, extra: 1),
            ],
            [new StationNeed('n', 3, 'pairs', 32, 28.0, [16, 16])],
            0,
            [],
            $rounds,
            8.0,
            prices: StationPrices::ofPractice(AgeGroup::Older, 5),
        );
    }
}
