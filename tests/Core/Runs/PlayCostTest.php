<?php

declare(strict_types=1);

namespace FoxCorner\Tests\Core\Runs;

use FoxCorner\Core\Game\Batter;
use FoxCorner\Core\Game\BatterType;
use FoxCorner\Core\Game\Context;
use FoxCorner\Core\Game\Count;
use FoxCorner\Core\Game\Half;
use FoxCorner\Core\Game\Situation;
use FoxCorner\Core\Level\Level;
use FoxCorner\Core\Runs\CostUnit;
use FoxCorner\Core\Runs\EventRates;
use FoxCorner\Core\Runs\PlayCost;
use FoxCorner\Core\Runs\RunChain;
use FoxCorner\Core\Runs\WinTable;
use PHPUnit\Framework\TestCase;

/** What a play costs: runs early, the game late. */
final class PlayCostTest extends TestCase
{
    public function testInRunsItIsTheRunTable(): void
    {
        $chain = RunChain::of(Level::Pro->rates());
        $cost = PlayCost::inRuns($chain);

        self::assertSame(CostUnit::Runs, $cost->unit);
        self::assertEqualsWithDelta(1 + $chain->expectedRuns(Situation::fromKey('R1-1')), $cost->after(1, 1, 1), 1e-12);
        self::assertEqualsWithDelta(
            $chain->expectedRuns(Situation::fromKey('loaded-0')),
            $cost->now(Situation::fromKey('loaded-0')),
            1e-12,
        );
        self::assertSame(2.0, $cost->after(7, 3, 2), 'the inning is over: only what scored counts');
    }

    public function testAWalkOffRunCostsTheGame(): void
    {
        $tied = self::inChance(9, Half::Bottom, 0);

        self::assertSame(CostUnit::Chance, $tied->unit);
        self::assertSame(1.0, $tied->after(0, 1, 1));
        self::assertEqualsWithDelta(0.5, $tied->after(0, 3, 0), 0.02, 'extra innings are even');
        self::assertSame(1.0, self::inChance(9, Half::Bottom, -1)->after(0, 0, 0), 'it is lost already');
    }

    public function testTheLastOutOfATopHalfWithALeadAfterIt(): void
    {
        self::assertSame(
            0.0,
            self::inChance(9, Half::Top, 3)->after(0, 3, 0),
            'we are home and ahead: no bottom is played',
        );
        self::assertGreaterThan(
            self::inChance(9, Half::Top, 3)->after(4, 1, 0),
            self::inChance(9, Half::Top, 1)->after(4, 1, 0),
        );
    }

    public function testRunsAndOutsAlwaysMoveItTheRightWay(): void
    {
        foreach (
            [
                PlayCost::inRuns(RunChain::of(Level::Fastpitch16->rates())),
                self::inChance(7, Half::Top, 1),
                self::inChance(8, Half::Bottom, 0),
            ] as $cost
        ) {
            for ($on = 0; $on < 8; ++$on) {
                for ($outs = 0; $outs < 3; ++$outs) {
                    self::assertGreaterThanOrEqual($cost->after($on, $outs, 0) - 1e-12, $cost->after($on, $outs, 1));
                    self::assertLessThanOrEqual($cost->after($on, $outs, 0) + 1e-12, $cost->after($on, $outs + 1, 0));
                }
            }
        }
    }

    public function testASeasonsCountsAreShares(): void
    {
        $rates = EventRates::fromCounts(1000, 80, 10, 150, 45, 5, 25, 200, 10);

        self::assertEqualsWithDelta(0.09, $rates->walk, 1e-12);
        self::assertEqualsWithDelta(0.475, $rates->outInPlay(), 1e-12);
        $this->expectExceptionMessage('plate appearances: 12 is too small; allowed: 20 to 100000 plate appearances');
        EventRates::fromCounts(12, 1, 0, 2, 0, 0, 0, 3, 0);
    }

    public function testEveryLevelHasRatesThatMakeATable(): void
    {
        foreach (Level::cases() as $level) {
            $runs = RunChain::of($level->rates())->expectedRuns(Situation::fromKey('none-0'));
            self::assertGreaterThan(0.3, $runs, $level->value);
            self::assertLessThan(1.6, $runs, $level->value);
        }
    }

    private static function inChance(int $inning, Half $half, int $lead): PlayCost
    {
        return PlayCost::inChance(
            WinTable::of(RunChain::of(Level::Pro->rates()), 9),
            Context::of($inning, $half, $lead, Batter::ofType(BatterType::Right), Count::none()),
        );
    }
}
