<?php

declare(strict_types=1);

namespace FoxCorner\Tests\Core\Play;

use FoxCorner\Core\Family\GroundBall\Afterwards;
use FoxCorner\Core\Family\GroundBall\FeedChoice;
use FoxCorner\Core\Family\GroundBall\Feeder;
use FoxCorner\Core\Family\GroundBall\FeedKind;
use FoxCorner\Core\Family\GroundBall\Feeds;
use FoxCorner\Core\Family\GroundBall\GroundBallFamily;
use FoxCorner\Core\Family\GroundBall\GroundBallPlay;
use FoxCorner\Core\Family\GroundBall\GroundBallTrial;
use FoxCorner\Core\Family\GroundBall\GroundCoverages;
use FoxCorner\Core\Family\GroundBall\GroundDefence;
use FoxCorner\Core\Family\GroundBall\Hop;
use FoxCorner\Core\Family\GroundBall\TwoOrOne;
use FoxCorner\Core\Field\Base;
use FoxCorner\Core\Field\Point;
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
use FoxCorner\Core\Motion\Legs;
use FoxCorner\Core\Motion\Speed;
use FoxCorner\Core\People\Bats;
use FoxCorner\Core\People\Hand;
use FoxCorner\Core\People\Lineup;
use FoxCorner\Core\People\Position;
use FoxCorner\Core\Plan\PlanBook;
use FoxCorner\Core\Plan\SituationPlan;
use FoxCorner\Core\Play\Check\NobodyIdle;
use FoxCorner\Core\Play\Choice\OutPolicy;
use FoxCorner\Core\Play\Clock\EventKind;
use FoxCorner\Core\Play\Clock\Timeline;
use FoxCorner\Core\Play\Grid\Attempt;
use FoxCorner\Core\Play\Grid\GroundSetting;
use FoxCorner\Core\Play\Scene\Scene;
use FoxCorner\Core\Problem\Problem;
use FoxCorner\Core\Runs\PlayCost;
use FoxCorner\Core\Runs\RunChain;
use FoxCorner\Core\Runs\WinTable;
use FoxCorner\Tests\Core\Teams;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** Ground balls on the clock: who has it, what is done with it, and the judgement behind it. */
final class GroundBallPlayTest extends TestCase
{
    public function testTwoGoBetweenHandsAndBagsInOrder(): void
    {
        $timeline = self::play(Level::Pro, 'R1-0', -12, 88)->timeline();

        self::assertSame(Position::Shortstop, $timeline->fieldedBy());
        self::assertSame([Base::Second, Base::First], self::bags($timeline));
        self::assertSame(Position::SecondBase, $timeline->legs[1]->from->by->position);
        self::assertSame(Position::FirstBase, $timeline->legs[1]->made->cover);
        $before = 0.0;
        foreach ($timeline->events as $event) {
            self::assertGreaterThanOrEqual($before, $event->seconds);
            $before = $event->seconds;
        }
        [$feed, $relay] = [$timeline->legs[0]->made, $timeline->legs[1]->made];
        $pivot = (0.77 * 0.7) / 0.75;
        self::assertEqualsWithDelta(max($feed->ballThere, $feed->coverThere) + $pivot, $relay->released, 1e-9);
        self::assertEqualsWithDelta($relay->ballThere, $timeline->ball->end()->seconds, 1e-9);
        self::assertEqualsWithDelta($timeline->fieldedAt(), $timeline->moment(EventKind::Fielded), 1e-9);
    }

    /** @param list<string> $bags */
    #[TestWith([Level::Pro, 'R1-0', -33.0, 95.0, ['second', 'first'], 5], '5-4-3')]
    #[TestWith([Level::Pro, 'R1-0', 12.0, 88.0, ['second', 'first'], 4], '4-6-3')]
    #[TestWith([Level::Pro, 'R1-0', 33.0, 88.0, ['second', 'first'], 3], '3-6-1')]
    #[TestWith([Level::Pro, 'R1-0', 1.0, 80.0, ['second', 'first'], 1], '1-6-3')]
    #[TestWith([Level::Pro, 'none-0', -33.0, 95.0, ['first'], 5], '5-3')]
    #[TestWith([Level::Pro, 'R1R2-0', -41.0, 88.0, ['third', 'second'], 5], 'third himself, then second')]
    public function testStarters(
        Level $level,
        string $situation,
        float $degrees,
        float $mph,
        array $bags,
        int $by,
    ): void {
        $timeline = self::play($level, $situation, $degrees, $mph)->timeline();

        self::assertSame($by, $timeline->fieldedBy()->value);
        self::assertSame($bags, array_map(static fn(Base $base): string => $base->word(), self::bags($timeline)));
    }

    public function testABallWithinAFewStepsOfTheBagIsTakenThereByHimself(): void
    {
        $play = self::play(Level::Pro, 'R1-0', -3, 85);
        self::assertSame(Position::Shortstop, $play->firstBy());
        self::assertTrue($play->made()?->carried, 'six to three: he steps on second');
        self::assertSame(6, $play->made()->cover);
        self::assertSame(Base::First, $play->made()->aim->then);

        $first = self::play(Level::HighSchool, 'none-0', 41, 70);
        self::assertSame(Position::FirstBase, $first->firstBy());
        self::assertTrue($first->made()?->carried, 'and the first baseman on first');
    }

    public function testASlowBallAndAFastBatterAreOneOut(): void
    {
        $call = static fn(float $mph, float $time): string => self::chart('R1-0')->chart([$mph], [$time])[0][0][0];

        self::assertSame('two', $call(85, 4.5));
        self::assertSame('first', $call(45, 4.0), 'slow and fast: one');
        self::assertNotSame('two', $call(85, 3.7), 'nobody doubles him up');
    }

    public function testTheChartTurnsToTwoOnceAsItIsHitHarderAndTheBatterIsSlower(): void
    {
        $chart = self::chart('R1-0')->chart([50.0, 60.0, 70.0, 80.0, 90.0], [3.9, 4.2, 4.5, 4.8]);
        foreach ($chart as $speed => $row) {
            foreach ($row as $time => [, $two]) {
                self::assertGreaterThanOrEqual(($row[$time - 1][1] ?? 0.0) - 1e-9, $two, 'a slower batter');
                if ($speed > 0 && $speed < 4) {
                    self::assertGreaterThanOrEqual($chart[$speed - 1][$time][1] - 1e-9, $two, 'a harder ball');
                }
            }
        }
        self::assertSame(
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

    public function testABobbledBallIsPickedUpLaterAndTheSureOutIsTaken(): void
    {
        $plan = (new LevelFigures(Level::Pro))->plan('R1-0');
        $ball = static fn(Hop $hop): GroundBallPlay => self::ball(
            $plan,
            GroundBallTrial::hit(-12, 88, $plan->state->rules, $hop),
            level: Level::Pro,
        );
        [$true, $bobbled] = [$ball(Hop::True)->timeline(), $ball(Hop::Bobbled)->timeline()];
        $exchange = Level::Pro->profile()->motion->exchangeSet;

        self::assertTrue($true->isForTwo());
        self::assertFalse($bobbled->isForTwo());
        self::assertSame(Base::First, $bobbled->called()->base, 'the sure one');
        $toFirst = static fn(Timeline $play): float => $play->options()[\count($play->options()) - 1]->released;
        self::assertEqualsWithDelta(($exchange * 0.8) / 0.75, $toFirst($bobbled) - $toFirst($true), 0.02);
        self::assertContains('Picked up', array_column($bobbled->events, 'words'));
        $comes = $ball(Hop::Bobbled)->fielding->comes;
        self::assertEqualsWithDelta(1.0, $comes->out + $comes->error, 1e-9, 'whoever is safe is on by an error');
        self::assertSame(0.0, $comes->past);
    }

    /** @return iterable<string, array{string}> */
    public static function situations(): iterable
    {
        foreach (['none-0', 'R1-1', 'R2-0', 'R3-1', 'R1R2-1', 'R1R3-0', 'R2R3-1', 'loaded-2'] as $key) {
            yield $key => [$key];
        }
    }

    #[DataProvider('situations')]
    public function testAllNineHaveAJobOnEveryBall(string $situation): void
    {
        $plan = (new LevelFigures(Level::HighSchool))->plan($situation);
        $family = new GroundBallFamily();
        $scene = self::scene($plan, OutPolicy::Numbers);
        foreach ($family->coverages($plan->state->rules, $plan->state->situation) as $coverage) {
            $play = $family->against($scene, $coverage);
            foreach ($family->trials($plan->scene()) as $trial) {
                $timeline = $play($trial)->timeline();
                self::assertSame([], (new NobodyIdle())->findings($timeline), $trial->words());
                foreach (Base::cases() as $base) {
                    $covers = array_filter(
                        $timeline->covers($base),
                        static fn($move): bool => $move->position() !== $timeline->fieldedBy(),
                    );
                    self::assertLessThanOrEqual(1, \count($covers), "{$trial->words()} {$base->word()}");
                }
            }
        }
    }

    /** The map's balls, played on the clock: who has it, when, and what it comes to. */
    #[TestWith([Level::Pro, 'R1-0'])]
    #[TestWith([Level::Youth13, 'R1R3-1'])]
    #[TestWith([Level::Fastpitch16, 'none-0'])]
    public function testTheClockAndTheMapAgree(Level $level, string $situation): void
    {
        $plan = (new LevelFigures($level))->plan($situation);
        $map = $plan->range(Teams::cost($level));
        foreach ([3, 11, 17, 24, 30, 36, 44, 52, 58] as $direction) {
            foreach ([1, 3, 5, 7] as $speed) {
                [$ball, $mph, $degrees] = $map->ball($direction, $speed);
                $play = self::of($plan, $degrees, $mph, OutPolicy::Numbers, $level);
                $comes = $play->fielding->comes;
                self::assertSame($ball->met?->by->number, $comes->met?->by->number, "{$degrees}° $mph mph");
                self::assertEqualsWithDelta(
                    $ball->met->seconds ?? 0.0,
                    $comes->met->seconds ?? 0.0,
                    0.01,
                    "{$degrees}° $mph mph",
                );
                self::assertEqualsWithDelta($ball->out, $comes->out, 0.005);
                self::assertEqualsWithDelta($ball->two, $comes->two, 0.005);
                self::assertEqualsWithDelta($ball->cost, $comes->cost, 0.005);
            }
        }
    }

    public function testAKnownBatterAndKnownRunnersMoveTheFigures(): void
    {
        $two = self::twoAgainst(...);
        self::assertGreaterThan($two(4.2, []) + 0.15, $two(4.7, []));
        self::assertGreaterThan($two(4.4, [Base::First->value => 3.6]) + 0.05, $two(4.4, [Base::First->value => 4.8]));
    }

    public function testABadHopIsMisplayedMoreAndAChopperTakesItsTime(): void
    {
        $play = static fn(Hop $hop): GroundBallPlay => self::ball(
            (new LevelFigures(Level::HighSchool))->plan('none-0'),
            GroundBallTrial::hit(-20, 75, ShippedRuleSets::get('baseball-90-7'), $hop),
        );
        $clean = static fn(Hop $hop): float => $play($hop)->fielding->met->clean ?? 0.0;

        self::assertLessThan($clean(Hop::True) - 0.15, $clean(Hop::Bad));
        self::assertGreaterThan(
            $play(Hop::True)->timeline()->fieldedAt() + 0.2,
            $play(Hop::Chopper)->timeline()->fieldedAt(),
        );
    }

    public function testWhatNobodyReachesTheOutfieldPicksUp(): void
    {
        $timeline = self::play(Level::Pro, 'none-0', -24.5, 112)->timeline();

        self::assertSame(Position::LeftField, $timeline->fieldedBy());
        self::assertSame(0.0, $timeline->called()->chance);
    }

    public function testAFoulIsNoGroundBall(): void
    {
        $this->expectException(Problem::class);
        $this->expectExceptionMessage('degrees: 46 is too large; allowed: -45 to 45 degrees');
        GroundBallTrial::hit(46, 70, ShippedRuleSets::get('baseball-90'));
    }

    /** @param list<float> $from */
    #[TestWith([6, 'R', [-3.0, 122.0], FeedKind::OwnBag])]
    #[TestWith([6, 'R', [-13.0, 120.0], FeedKind::Underhand])]
    #[TestWith([6, 'R', [-30.0, 118.0], FeedKind::Dart])]
    #[TestWith([5, 'R', [-60.0, 75.0], FeedKind::Full])]
    #[TestWith([4, 'R', [16.0, 124.0], FeedKind::Dart])]
    #[TestWith([4, 'R', [13.0, 120.0], FeedKind::SideToss])]
    public function testTheFeedIsByDistanceAndSide(int $position, string $throws, array $from, FeedKind $kind): void
    {
        $feeds = self::feeds(Position::from($position), Hand::from($throws), Point::of(...$from));

        self::assertSame($kind, $feeds[0]->kind);
        foreach ($feeds as $feed) {
            self::assertLessThanOrEqual($feed->kind->upTo(), $feed->feet);
            self::assertGreaterThan(0.0, $feed->seconds);
            self::assertLessThanOrEqual(1.0, $feed->reliability);
        }
    }

    public function testTheThrowingHandDecidesWhichFeedsAreThere(): void
    {
        $kinds = static fn(Hand $hand): array => array_map(
            static fn(FeedChoice $feed): FeedKind => $feed->kind,
            self::feeds(Position::SecondBase, $hand, Point::of(30, 122)),
        );

        self::assertContains(FeedKind::Jump, $kinds(Hand::Right), 'second is on the side of his arm');
        self::assertNotContains(FeedKind::Jump, $kinds(Hand::Left));
    }

    /** @return non-empty-list<FeedChoice> */
    private static function feeds(Position $position, Hand $hand, Point $from): array
    {
        return (new Feeds(
            new Feeder($position, $hand, Speed::ofMph(82), Legs::of(23.2, 0.6)),
            $from,
            Base::Second,
            ShippedRuleSets::get('baseball-90'),
            Level::Pro->profile(),
        ))->all();
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

    /** @return list<Base> */
    private static function bags(Timeline $timeline): array
    {
        return array_map(static fn($leg): Base => $leg->made->base, $timeline->legs);
    }

    private static function chart(string $situation): TwoOrOne
    {
        $plan = (new LevelFigures(Level::Pro))->plan($situation);

        return TwoOrOne::of(GroundSetting::of($plan->scene(Teams::cost())), 6);
    }

    /** A slow ball with first and second taken is out at second, with a feint and a look at third. */
    #[TestWith(['R1R2-0', 8.0, 62.0, OutPolicy::Numbers, 'feint-and-look', Base::Second])]
    #[TestWith(['R1R2-0', -6.0, 75.0, OutPolicy::Numbers, null, Base::Second])]
    #[TestWith(['R1-0', 8.0, 62.0, OutPolicy::Numbers, null, Base::Second])]
    #[TestWith(['R3-1', 14.0, 45.0, OutPolicy::First, 'look-back', Base::First])]
    #[TestWith(['R3-1', 8.0, 45.0, OutPolicy::Numbers, 'run-at-him', Base::Home])]
    #[TestWith(['R3-2', 14.0, 45.0, OutPolicy::First, null, Base::First])]
    #[TestWith(['R1-0', 14.0, 45.0, OutPolicy::First, null, Base::First])]
    #[TestWith(['loaded-1', 14.0, 45.0, OutPolicy::First, null, Base::First])]
    public function testWhatBelongsToAnOutBesidesTheThrow(
        string $situation,
        float $degrees,
        float $mph,
        OutPolicy $policy,
        ?string $besides,
        Base $called,
    ): void {
        $play = self::play(Level::HighSchool, $situation, $degrees, $mph, $policy)->timeline();

        self::assertSame($called, $play->called()->base);
        self::assertSame($besides, Afterwards::of($play)?->value);
    }

    private static function play(
        Level $level,
        string $situation,
        float $degrees,
        float $mph,
        OutPolicy $policy = OutPolicy::Numbers,
        int $inning = 3,
    ): GroundBallPlay {
        $plan = (new LevelFigures($level))->plan($situation);
        if (3 !== $inning) {
            $state = Teams::state($level->usualRules(), $situation, $inning);
            $plan = Teams::plan($state, $level);
        }

        return self::of($plan, $degrees, $mph, $policy, $level);
    }

    private static function of(
        SituationPlan $plan,
        float $degrees,
        float $mph,
        OutPolicy $policy,
        Level $level = Level::Pro,
    ): GroundBallPlay {
        return self::ball($plan, GroundBallTrial::hit($degrees, $mph, $plan->state->rules), $policy, $level);
    }

    private static function ball(
        SituationPlan $plan,
        GroundBallTrial $trial,
        OutPolicy $policy = OutPolicy::Numbers,
        Level $level = Level::HighSchool,
    ): GroundBallPlay {
        return GroundDefence::of(
            self::scene($plan, $policy, $level),
            GroundCoverages::for($plan->state->situation->bases, $plan->state->rules->sport)[0],
        )->play($trial);
    }

    private static function scene(SituationPlan $plan, OutPolicy $policy, Level $level = Level::HighSchool): Scene
    {
        $context = $plan->state->context;
        $cost = PlayCost::isInChance($context, $plan->state->rules->innings)
            ? PlayCost::inChance(WinTable::of(RunChain::of($level->rates()), $plan->state->rules->innings), $context)
            : Teams::cost($level);

        return $plan->scene($cost)->wanting($policy);
    }
}
