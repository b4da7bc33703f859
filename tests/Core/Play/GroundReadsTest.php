<?php

declare(strict_types=1);

namespace FoxCorner\Tests\Core\Play;

use FoxCorner\Core\Family\GroundBall\CaughtLiner;
use FoxCorner\Core\Family\GroundBall\GroundBallTrial;
use FoxCorner\Core\Family\GroundBall\GroundCoverages;
use FoxCorner\Core\Family\GroundBall\GroundDefence;
use FoxCorner\Core\Family\GroundBall\HowHard;
use FoxCorner\Core\Family\GroundBall\HowNear;
use FoxCorner\Core\Family\GroundBall\HowSure;
use FoxCorner\Core\Family\GroundBall\ThreeOnALine;
use FoxCorner\Core\Field\Base;
use FoxCorner\Core\Field\ShippedRuleSets;
use FoxCorner\Core\Game\Batter;
use FoxCorner\Core\Game\Context;
use FoxCorner\Core\Game\Count;
use FoxCorner\Core\Game\GameState;
use FoxCorner\Core\Game\Half;
use FoxCorner\Core\Game\Situation;
use FoxCorner\Core\Game\Tendency;
use FoxCorner\Core\Known\LevelFigures;
use FoxCorner\Core\Level\Level;
use FoxCorner\Core\People\Bats;
use FoxCorner\Core\People\Position;
use FoxCorner\Core\Plan\SituationPlan;
use FoxCorner\Core\Play\Grid\GroundSetting;
use FoxCorner\Core\Runs\PlayCost;
use FoxCorner\Core\Runs\RunChain;
use FoxCorner\Tests\Core\Teams;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** What the words of the trade mean in numbers: hit hard at somebody, near the bag, sure, doubled off. */
final class GroundReadsTest extends TestCase
{
    public function testHardMeansHarderForTheMiddleAndAgainstAFasterBatter(): void
    {
        $two = self::twos(4.4);

        self::assertGreaterThan(
            8,
            ($two[6] ?? 0) - ($two[5] ?? \INF),
            'third turns softer ones than short, farther off',
        );
        self::assertGreaterThan(10, ($two[4] ?? 0) - ($two[1] ?? \INF));
        foreach (self::twos(4.0) as $number => $mph) {
            self::assertGreaterThan($two[$number], $mph ?? \INF, "a fast batter, at $number");
        }
    }

    /** @return array<int, float|null> mph from which two are on, by whom it is hit at */
    private static function twos(float $homeToFirst): array
    {
        $batter = Batter::named('x', 'Ø', Bats::Right, 5, Tendency::AllFields, false, false, $homeToFirst, 4.3);
        $state = GameState::of(
            ShippedRuleSets::get(Level::Pro->usualRules()),
            Situation::fromKey('R1-0'),
            Context::of(3, Half::Top, 0, $batter, Count::none()),
        );
        $rows = HowHard::all(self::against(Teams::plan($state, Level::Pro), Level::Pro));

        return array_column(array_map(static fn(HowHard $row): array => [$row->at->value, $row->two], $rows), 1, 0);
    }

    public function testUnderTheSpeedThatIsSaidTwoAreNotOnAndFromItTheyAre(): void
    {
        $defence = self::at('R1-0');
        $setting = $defence->scene;
        foreach (HowHard::all($defence) as $row) {
            self::assertNotNull($row->two);
            $degrees = $setting->cast->at($row->at)->start->sprayDegrees();
            foreach ([[$row->two, true], [$row->two - 2, false]] as [$mph, $isOn]) {
                $fielding = $defence->fielding(GroundBallTrial::hit($degrees, $mph, $setting->rules));
                $both = 0.0;
                $least = \INF;
                foreach ($fielding->attempts as $one) {
                    [$least, $both] = $one->costs[1] < $least ? [$one->costs[1], $one->both] : [$least, $both];
                }
                self::assertSame($isOn, $fielding->met?->by->number === $row->at->value && $both >= 1 / 3);
            }
        }
    }

    public function testNothingButFirstIsWantedWithNobodyOn(): void
    {
        self::assertSame([], HowHard::all(self::at('none-0')));
    }

    public function testHomeIsForBallsHitHardAtSomebodyWhoIsHalfway(): void
    {
        foreach (HowHard::all(self::at('R3-1', Level::HighSchool)) as $row) {
            self::assertNull($row->two);
            match ($row->at) {
                Position::ThirdBase, Position::FirstBase, Position::Pitcher => self::assertLessThan(60, $row->home),
                default => self::assertGreaterThan(Level::HighSchool->profile()->groundBallSpeed, $row->home ?? \INF),
            };
        }
    }

    #[TestWith([Level::Pro, 23.0])]
    #[TestWith([Level::HighSchool, 19.0])]
    #[TestWith([Level::Fastpitch12, 10.0])]
    public function testAFewStepsFromSecondAreTakenAlone(Level $level, float $feet): void
    {
        $defence = self::at('R1-0', $level);
        $near = array_values(
            array_filter(HowNear::all($defence), static fn(HowNear $one): bool => Position::Shortstop === $one->who),
        );

        self::assertSame(Base::Second, $near[0]->bag);
        self::assertEqualsWithDelta($feet, $near[0]->feet, 1.5);
    }

    #[TestWith(['R1-0', Base::Second, 'R1R2-0', 'R2-1', 'R1-1'])]
    #[TestWith(['R1R2-0', Base::Third, 'loaded-0', 'R2R3-1', 'R1R2-1'])]
    public function testHowSureIsTheBreakEvenOfTheRunsThatFollow(
        string $situation,
        Base $bag,
        string $allSafe,
        string $outAtFirst,
        string $outInFront,
    ): void {
        $chain = RunChain::of(Level::Pro->rates());
        $runs = static fn(string $key): float => $chain->expectedRuns(Situation::fromKey($key));
        $expected = ($runs($allSafe) - $runs($outAtFirst)) / ($runs($allSafe) - $runs($outInFront));
        $said = self::sure($situation)[$bag->value];

        self::assertEqualsWithDelta($expected, $said->alone, 1e-9);
        self::assertLessThan($said->alone, $said->withTwo);
    }

    public function testARunnerWhoHasGoneHomeNeedNotBeGotSurely(): void
    {
        $chain = RunChain::of(Level::Pro->rates());
        $runs = static fn(string $key): float => $chain->expectedRuns(Situation::fromKey($key));
        $expected = ($runs('R1-1') + 1 - ($runs('none-2') + 1)) / ($runs('R1-1') + 1 - $runs('R1-2'));

        self::assertEqualsWithDelta($expected, self::sure('R3-1')[Base::Home->value]->alone, 1e-9);
        self::assertNull(self::sure('R3-1')[Base::Home->value]->withTwo);
    }

    /** @return array<int, HowSure> by the bag's value */
    private static function sure(string $situation): array
    {
        $plan = (new LevelFigures(Level::Pro))->plan($situation);
        $cost = PlayCost::inRuns(RunChain::of(Level::Pro->rates()));
        $all = HowSure::all(GroundSetting::of($plan->scene($cost))->aims);

        return array_combine(array_map(static fn(HowSure $one): int => $one->bag->value, $all), $all);
    }

    /** @return iterable<string, array{Level}> */
    public static function levels(): iterable
    {
        foreach (Level::cases() as $level) {
            yield $level->value => [$level];
        }
    }

    #[DataProvider('levels')]
    public function testWhoeverWaitsOnALineDriveIsSaferThanWhoeverGoes(Level $level): void
    {
        $defence = self::at('R1R2-0', $level);
        foreach (CaughtLiner::all($defence) as $liner) {
            foreach ($liner->runners() as $base) {
                self::assertLessThanOrEqual($liner->gone($base), $liner->waiting($base));
                self::assertLessThan(0.55, $liner->waiting($base), 'so it is taught');
            }
        }
    }

    public function testTheFirstBasemanWhoHoldsDoublesHimOffAlone(): void
    {
        $liners = CaughtLiner::all(self::at('R1-0'));
        $first = $liners[4];

        self::assertSame(Position::FirstBase, $first->at);
        self::assertTrue($first->isAlone(Base::First));
        self::assertEqualsWithDelta(0.78, $first->waiting(Base::First), 0.03);
        self::assertEqualsWithDelta(0.47, $liners[0]->gone(Base::First), 0.05, 'all the way from third');
    }

    public function testThreeOnALineDriveNeedTwoWhoWentWithThePitch(): void
    {
        $three = ThreeOnALine::of(CaughtLiner::all(self::at('R1R2-0')));

        self::assertNotNull($three);
        self::assertSame([Position::FirstBase, Base::First, Base::Second], [$three->at, $three->first, $three->then]);
        self::assertEqualsWithDelta(0.958, $three->chance, 0.03);
        self::assertNull(ThreeOnALine::of(CaughtLiner::all(self::at('R1-0'))));
    }

    private static function at(string $situation, Level $level = Level::Pro): GroundDefence
    {
        return self::against((new LevelFigures($level))->plan($situation), $level);
    }

    private static function against(SituationPlan $plan, Level $level): GroundDefence
    {
        return GroundDefence::of(
            $plan->scene(Teams::cost($level)),
            GroundCoverages::for($plan->state->situation->bases, $plan->state->rules->sport)[0],
        );
    }
}
