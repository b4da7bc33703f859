<?php

declare(strict_types=1);

namespace FoxCorner\Tests\Core\Play;

use FoxCorner\Core\Family\GroundBall\TwoOrOne;
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
use FoxCorner\Core\People\Lineup;
use FoxCorner\Core\Plan\PlanBook;
use FoxCorner\Core\Plan\SituationPlan;
use FoxCorner\Core\Play\Choice\OutPolicy;
use FoxCorner\Core\Play\Grid\Attempt;
use FoxCorner\Core\Play\Grid\GroundSetting;
use FoxCorner\Tests\Core\Teams;
use PHPUnit\Framework\TestCase;

/** Which out of a ground ball is taken: two or one, home or first. */
final class GroundBallCallTest extends TestCase
{
    use GroundBallsHit;

    public function testASlowBallAndAFastBatterAreOneOut(): void
    {
        $call = static fn(float $mph, float $time): string => self::chart('R1-0')->chart([$mph], [$time])[0][0]->word;

        self::assertSame('two', $call(85, 4.5));
        self::assertSame('first', $call(45, 4.0), 'slow and fast: one');
        self::assertNotSame('two', $call(85, 3.7), 'nobody doubles him up');
    }

    public function testTheChartTurnsToTwoOnceAsItIsHitHarderAndTheBatterIsSlower(): void
    {
        $chart = self::chart('R1-0')->chart([50.0, 60.0, 70.0, 80.0, 90.0], [3.9, 4.2, 4.5, 4.8]);
        foreach ($chart as $speed => $row) {
            foreach ($row as $time => $call) {
                self::assertGreaterThanOrEqual(($row[$time - 1]->two ?? 0.0) - 1e-9, $call->two, 'a slower batter');
                if ($speed > 0 && $speed < 4) {
                    self::assertGreaterThanOrEqual($chart[$speed - 1][$time]->two - 1e-9, $call->two, 'a harder ball');
                }
            }
        }
        self::assertEquals(
            $chart[3][2],
            self::chart('R1-0')->chart([80.0], [4.5])[0][0],
            'a cell is what is said of its ball and its batter',
        );
    }

    public function testTheFirstOutIsNeverTradedForACoinFlip(): void
    {
        foreach ([-30, -18, -12, -4, 6, 12, 20, 33] as $degrees) {
            foreach ([45, 60, 75, 90] as $mph) {
                $play = self::play(Level::Youth13, 'R1-0', $degrees, $mph, OutPolicy::Two);
                $made = $play->made();
                if (null === $made || null === $made->aim->then) {
                    continue;
                }
                $surest = max(0.0, ...array_map(static fn(Attempt $one): float => $one->first, $play->attempts()));
                self::assertGreaterThanOrEqual(min(0.8, $surest), $made->first, "at {$degrees}°, $mph mph");
            }
        }
    }

    public function testChildrenAreNotAskedForAPivot(): void
    {
        foreach ([-18, -12, 6, 12, 18] as $degrees) {
            foreach ([40, 50, 58] as $mph) {
                foreach ([OutPolicy::Two, OutPolicy::Numbers] as $policy) {
                    $timeline = self::play(Level::Fastpitch12, 'R1-0', $degrees, $mph, $policy)->timeline();
                    $isPivot =
                        \count($timeline->legs) > 1 && $timeline->legs[0]->made->cover !== $timeline->fieldedBy();
                    self::assertFalse($isPivot, "at {$degrees}°, $mph mph");
                }
            }
        }
    }

    public function testLoadedAndNobodyOutIsByInningAndScore(): void
    {
        self::assertSame(
            [Base::Second, Base::First],
            self::bags(self::play(Level::Pro, 'loaded-0', -15, 90)->timeline()),
        );
        self::assertSame(
            [Base::Home, Base::First],
            self::bags(self::play(Level::Pro, 'loaded-0', -15, 90, OutPolicy::Numbers, 9)->timeline()),
            'the run at third wins it',
        );
    }

    public function testWithTheInfieldInARunnerWhoMayStayIsKept(): void
    {
        $in = self::play(Level::Pro, 'R3-0', -16, 88, OutPolicy::Numbers, 9);
        self::assertSame(0, $in->fielding->goes, 'hit hard at somebody in front of him: he stays');
        self::assertSame([Base::First], self::bags($in->timeline()));
        self::assertTrue($in->timeline()->setting->runners[0]->stays());
        $soft = self::play(Level::Pro, 'R3-0', -44, 40, OutPolicy::Numbers, 3);
        self::assertSame(1, $soft->fielding->goes, 'a slow one in front of nobody: he goes');
    }

    public function testAPolicyIsTheLastWord(): void
    {
        $bags = static fn(OutPolicy $policy, string $situation = 'R1-0', float $mph = 88): array => self::bags(
            self::play(Level::Pro, $situation, -14, $mph, $policy)->timeline(),
        );
        self::assertSame([Base::First], $bags(OutPolicy::First));
        self::assertSame([Base::Second, Base::First], $bags(OutPolicy::Two));
        self::assertSame(Base::Home, $bags(OutPolicy::Plate, 'loaded-0')[0]);
        self::assertSame([Base::First], $bags(OutPolicy::First, 'loaded-0'));
    }

    public function testWhatItComesToFollowsThePolicy(): void
    {
        $comes = static fn(OutPolicy $policy) => self::play(Level::Pro, 'R1-0', -14, 88, $policy)->fielding->comes;

        self::assertEqualsWithDelta(0.0, $comes(OutPolicy::First)->two, 1e-9);
        self::assertGreaterThan(0.4, $comes(OutPolicy::Two)->two);
        self::assertGreaterThan($comes(OutPolicy::Numbers)->cost + 0.1, $comes(OutPolicy::First)->cost);
    }

    public function testAKnownBatterAndKnownRunnersMoveTheFigures(): void
    {
        $two = self::twoAgainst(...);
        self::assertGreaterThan($two(4.2, []) + 0.15, $two(4.7, []));
        self::assertGreaterThan($two(4.4, [Base::First->value => 3.6]) + 0.05, $two(4.4, [Base::First->value => 4.8]));
    }

    /** @param array<int, float> $runners home to first, s, by base */
    private static function twoAgainst(?float $batter, array $runners): float
    {
        $state = GameState::of(
            ShippedRuleSets::get('baseball-90'),
            Situation::fromKey('R1-0'),
            Context::of(
                3,
                Half::Top,
                0,
                Batter::named('b', 'B', Bats::Right, null, Tendency::AllFields, false, false, $batter, 4.4),
                Count::none(),
            )->withTimes($runners),
        );
        $plan = SituationPlan::of(
            $state,
            Level::Pro->profile(),
            Lineup::choose(Teams::nine()),
            PlanBook::shipped($state->rules),
        );

        return self::of($plan, -14, 85, OutPolicy::Two)->fielding->comes->two;
    }

    private static function chart(string $situation): TwoOrOne
    {
        $plan = (new LevelFigures(Level::Pro))->plan($situation);

        return TwoOrOne::of(GroundSetting::of($plan->scene(Teams::cost())), 6);
    }
}
