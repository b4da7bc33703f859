<?php

declare(strict_types=1);

namespace FoxCorner\Tests\Core\Play;

use FoxCorner\Core\Alignment\Depth\NamedDepth;
use FoxCorner\Core\Family\Bunt\BuntFamily;
use FoxCorner\Core\Family\Bunt\BuntKind;
use FoxCorner\Core\Family\Bunt\BuntTrial;
use FoxCorner\Core\Field\Base;
use FoxCorner\Core\Field\Point;
use FoxCorner\Core\Field\ShippedRuleSets;
use FoxCorner\Core\Field\Sport;
use FoxCorner\Core\Game\Bases;
use FoxCorner\Core\Game\Batter;
use FoxCorner\Core\Game\BatterType;
use FoxCorner\Core\Game\Context;
use FoxCorner\Core\Game\Count;
use FoxCorner\Core\Game\GameState;
use FoxCorner\Core\Game\Half;
use FoxCorner\Core\Game\Outs;
use FoxCorner\Core\Game\RunnerSpeed;
use FoxCorner\Core\Game\Situation;
use FoxCorner\Core\Level\Level;
use FoxCorner\Core\Motion\Giving;
use FoxCorner\Core\Motion\Legs;
use FoxCorner\Core\Motion\OutChance;
use FoxCorner\Core\Motion\Speed;
use FoxCorner\Core\People\Bats;
use FoxCorner\Core\People\Hand;
use FoxCorner\Core\People\PitcherFielding;
use FoxCorner\Core\People\Pitching;
use FoxCorner\Core\People\Position;
use FoxCorner\Core\People\Traits;
use FoxCorner\Core\Plan\Audit\PlannedPlay;
use FoxCorner\Core\Plan\Audit\Predictable;
use FoxCorner\Core\Plan\CoverageChoice;
use FoxCorner\Core\Plan\FamilyPlan;
use FoxCorner\Core\Plan\PlanBook;
use FoxCorner\Core\Play\Ball\Possession;
use FoxCorner\Core\Play\Ball\Throwing;
use FoxCorner\Core\Play\Cast\CastMember;
use FoxCorner\Core\Play\Choice\AfterPlay;
use FoxCorner\Core\Play\Choice\AfterThrow;
use FoxCorner\Core\Play\Choice\OutPolicy;
use FoxCorner\Core\Play\Choice\ThrowOption;
use FoxCorner\Core\Play\Clock\EventKind;
use FoxCorner\Core\Play\Clock\Move;
use FoxCorner\Core\Play\Clock\Timeline;
use FoxCorner\Core\Play\Map\MapOutcome;
use FoxCorner\Core\Play\Map\PlayMap;
use FoxCorner\Core\Play\Scheme\Coverage;
use FoxCorner\Core\Play\Scheme\Job;
use FoxCorner\Tests\Core\Teams;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** What each coverage wins and loses, and what an out is worth. */
final class CoveragesTest extends TestCase
{
    public function testFirstStaysLosesTheFirstBaseLineUnlessThePitcherIsQuick(): void
    {
        $crash = self::chanceAt(Teams::bunt(level: Level::FastpitchCollege, coverage: 'corners-crash'), 43, 30);
        $stays = self::chanceAt(Teams::bunt(level: Level::FastpitchCollege, coverage: 'first-stays'), 43, 30);
        $quick = self::chanceAt(
            Teams::bunt(
                level: Level::FastpitchCollege,
                roster: self::pitcher(PitcherFielding::Quick),
                coverage: 'first-stays',
            ),
            43,
            30,
        );

        self::assertGreaterThan(0.8, $crash);
        self::assertLessThan(0.5, $stays, 'it is lost');
        self::assertGreaterThan($stays + 0.15, $quick, 'a quick pitcher saves some of it');
        $maps = array_map(
            static fn(string $coverage): PlayMap => self::map(
                Teams::bunt(level: Level::FastpitchCollege, coverage: $coverage),
            ),
            ['corners-crash', 'first-stays'],
        );
        $worse = [-1 => 0, 1 => 0];
        foreach ($maps[0]->spots as $index => $spot) {
            $worse[$spot->at->x < 0 ? -1 : 1] +=
                $spot->called->chance - $maps[1]->spots[$index]->called->chance > 0.2 ? 1 : 0;
        }
        self::assertGreaterThan(3, $worse[1], 'the map shows it on that side');
        self::assertSame(0, $worse[-1], 'and only there');
    }

    public function testTheWheelGainsTheOutAtThirdAndLosesSecond(): void
    {
        $state = Teams::bunting('baseball-90', 'R1R2-0');
        $wheel = Teams::bunt($state, Level::Pro, coverage: 'wheel');
        $reads = Teams::bunt($state, Level::Pro, coverage: 'third-reads');

        self::assertGreaterThan(self::map($reads)->share(MapOutcome::Lead), self::map($wheel)->share(MapOutcome::Lead));
        self::assertGreaterThan(
            2.0,
            self::option(self::bunt($wheel, -25, 30), Base::Second)->coverLate(),
            'center is far from second',
        );
        self::assertLessThan(1.0, self::option(self::bunt($reads, -25, 30), Base::Second)->coverLate());
        self::assertLessThan(
            self::option(self::bunt($reads, -25, 30), Base::Second)->chance + 1e-9,
            self::option(self::bunt($wheel, -25, 30), Base::Second)->chance,
        );
    }

    public function testWhoLeavesWithThePitchIsThereSooner(): void
    {
        $state = Teams::state(situation: 'R2-0');
        $wheel = self::bunt(Teams::bunt($state, coverage: 'wheel'), 0, 45)->move(Position::Shortstop);
        $crash = self::bunt(Teams::bunt($state, coverage: 'corners-crash'), 0, 45)->move(Position::Shortstop);

        self::assertEqualsWithDelta(
            $crash->there() - 0.47,
            $wheel->there(),
            0.01,
            'by the head start and what is left of the reaction to a bunt that is shown',
        );
    }

    public function testOnTheSmallFieldTheLeadOutIsThereAndOnTheSoftballFieldItIsNotAtSecond(): void
    {
        $small = self::map(Teams::bunt(Teams::state('baseball-60'), Level::Youth10)->wanting(OutPolicy::Lead));
        $softball = self::map(Teams::bunt(Teams::state('fastpitch-43')));

        self::assertGreaterThan(0.2, $small->share(MapOutcome::Lead));
        self::assertLessThan(0.05, $softball->share(MapOutcome::Lead));
        $second = self::bunt(Teams::bunt(Teams::state(situation: 'R2-0')), -20, 30);
        self::assertSame(
            [Base::Third, Base::First],
            array_map(static fn(ThrowOption $option): Base => $option->base, $second->options()),
        );
        self::assertFalse($second->options()[0]->isForce, 'he must be tagged');
    }

    public function testASlowRunnerOnFirstMakesSecondALeadOutOnAHardBunt(): void
    {
        $at = static fn(RunnerSpeed $speed): float => self::option(
            self::bunt(
                Teams::bunt(
                    self::withRunners('baseball-80', 'R1R2-0', $speed),
                    Level::Youth13,
                    coverage: 'third-reads',
                ),
                0,
                50,
            ),
            Base::Second,
        )->chance;

        self::assertGreaterThan(0.45, $at(RunnerSpeed::Slow));
        self::assertLessThan($at(RunnerSpeed::Slow) - 0.2, $at(RunnerSpeed::Ordinary));
        self::assertLessThan($at(RunnerSpeed::Ordinary), $at(RunnerSpeed::Quick));
    }

    public function testThirdReadsLeavesItsBagOnlyWhenNobodyElseGetsTheBall(): void
    {
        $plan = Teams::bunt(Teams::state('baseball-90', 'R2-0'), Level::Pro, coverage: 'third-reads');

        self::assertSame(Position::Pitcher, self::bunt($plan, -10, 40)->fieldedBy());
        self::assertSame(
            [Position::ThirdBase],
            array_map(static fn($move): Position => $move->position(), self::bunt($plan, -10, 40)->covers(Base::Third)),
        );
        self::assertSame(Position::ThirdBase, self::bunt($plan, -44, 70)->fieldedBy(), 'a hard one up the line');
    }

    #[TestWith([80.0, 0.0, 0.0])]
    #[TestWith([20.0, 50.0, 0.3])]
    #[TestWith([-50.0, 0.0, 0.6])]
    public function testTurningCostsNothingStraightAheadAndAllOfItBack(float $x, float $y, float $seconds): void
    {
        $level = Level::Pro->profile();
        $who = new CastMember(
            Position::Shortstop,
            Teams::player(6, 6),
            Point::of(0, 0),
            Legs::of(24, 0.6),
            0.3,
            Speed::ofMph(70),
        );
        // So long on the way that he runs at his top speed.
        $ball = Possession::ofBall($who, Point::of(20, 0), 30.0, 50.0, $level->motion);
        $throw = Throwing::at($level, Sport::Baseball)->to($ball, Point::of($x, $y));

        // He comes to a ball that he expected under control: as with .11 of the .5 s in which he would stand.
        $controlled = 1 - 0.11 / 0.5;
        self::assertEqualsWithDelta(30.0 + 0.7 + $controlled * $seconds, $throw->released, 1e-9);
        self::assertEqualsWithDelta($controlled, $throw->moving, 1e-9, 'whichever way he ran');
        $still = Possession::ofBall($who, Point::of(0.5, 0), 30.0, 50.0, $level->motion);
        self::assertEqualsWithDelta(
            30.7,
            Throwing::at($level, Sport::Baseball)->to($still, Point::of($x, $y))->released,
            1e-9,
            'who stands need not stop',
        );
    }

    public function testASlowBallIsPickedUpAndThrownInOneMove(): void
    {
        $level = Level::Pro->profile();
        $at = static fn(Position $position, float $speed): Possession => Possession::ofBall(
            new CastMember(
                $position,
                Teams::player(6, 6),
                Point::of(0, 0),
                Legs::of(24, 0.6),
                0.2,
                Speed::ofMph(70),
                0.1,
            ),
            Point::of(20, 0),
            2.0,
            $speed,
            $level->motion,
        );

        self::assertEqualsWithDelta(0.8 * 0.87, $at(Position::Pitcher, 14.9)->exchange, 1e-9);
        self::assertEqualsWithDelta(0.8, $at(Position::Pitcher, 15.1)->exchange, 1e-9);
        self::assertEqualsWithDelta((0.8 * 0.7) / 0.75 + 0.1, $at(Position::Catcher, 14.9)->exchange, 1e-9);
        self::assertTrue($at(Position::Pitcher, 2.9)->bareHand);
        self::assertFalse($at(Position::Pitcher, 3.1)->bareHand);
    }

    #[TestWith([20.0, 28.0])]
    #[TestWith([32.5, 36.5])]
    #[TestWith([45.0, 45.0])]
    #[TestWith([52.5, 57.5])]
    #[TestWith([60.0, 70.0])]
    public function testShortOnesAreFed(float $feet, float $mph): void
    {
        self::assertEqualsWithDelta($mph, Giving::speed($feet, Speed::ofMph(70))->mph(), 1e-9);
        self::assertEqualsWithDelta(
            25.0,
            Giving::speed($feet, Speed::ofMph(25))->mph(),
            1e-9,
            'no feed is faster than the arm',
        );
    }

    public function testATagComesAfterALateCover(): void
    {
        $plan = Teams::bunt(Teams::state('baseball-90', 'R2-1'), Level::Pro);
        $third = self::option(self::bunt($plan->trying($plan->coverage('corners-crash')), -44, 12), Base::Third);

        self::assertGreaterThan($third->ballThere + 0.5, $third->coverThere, 'the cover is late');
        self::assertEqualsWithDelta($third->coverThere + 0.15, $third->outAt, 1e-9);
        self::assertEqualsWithDelta(0.026, $third->margin(), 0.001);
        $spread = hypot(0.1, 0.55 * 0.18);
        self::assertEqualsWithDelta(0.99 * OutChance::ofMargin(0.026, $spread), $third->inHand, 0.01);
        self::assertEqualsWithDelta(0.953 * $third->inHand, $third->chance, 0.01, 'and he may not have it at once');
    }

    /** What dies in front of the plate is the catcher's, with the bases loaded too: he steps on the plate with it. */
    #[TestWith(['baseball-90', Level::Pro, 0.826, 1.593, 0.953])]
    #[TestWith(['fastpitch-43', Level::Fastpitch16, 1.053, 2.026, 0.916])]
    public function testTheCatcherTakesWhatDiesInFrontOfHimAndStepsOnThePlate(
        string $rules,
        Level $level,
        float $fielded,
        float $there,
        float $chance,
    ): void {
        $plan = Teams::bunt(Teams::state($rules, 'loaded-0'), $level);
        $play = self::bunt($plan, 0, 8);
        $home = self::option($play, Base::Home);

        self::assertSame(Position::Catcher, $play->fieldedBy());
        self::assertSame(Position::Catcher, $home->cover);
        self::assertTrue($home->isForce);
        self::assertEqualsWithDelta($fielded, $play->fieldedAt(), 0.02);
        self::assertEqualsWithDelta($there, $home->outAt, 0.05);
        self::assertEqualsWithDelta($chance, $home->chance, 0.03);
        self::assertSame('Home, the catcher has left it', $play->move(Position::Pitcher)->jobs[0]->words);
        $called = $plan->wanting(OutPolicy::Lead)->run(BuntTrial::restingAt(8, 0, $plan->plan->state->rules));
        self::assertNull($called->moment(EventKind::Released), 'nobody throws');
        $end = $called->move(Position::Catcher)->track->end();
        self::assertEqualsWithDelta(0.0, Point::home()->distanceTo($end->point), 1e-6);
        self::assertEqualsWithDelta($home->ballThere, $end->seconds, 1e-6);
        self::assertEqualsWithDelta(0.0, Point::home()->distanceTo($called->ball->end()->point), 1e-6);
        self::assertNotSame(Position::Catcher, self::bunt($plan, 0, 30)->fieldedBy(), 'farther out it is another\'s');
    }

    public function testFirstAndSecondBasemanChangePlacesWhenThePitcherHasIt(): void
    {
        $plan = Teams::bunt(Teams::state('baseball-90'), Level::Pro, coverage: 'change-at-first');
        $who = static fn(Timeline $play): array => array_map(
            static fn(Move $move): Position => $move->position(),
            $play->covers(Base::First),
        );
        $pitcher = self::bunt($plan, 0, 50);
        $third = self::bunt($plan, -38, 58);

        self::assertSame(Position::Pitcher, $pitcher->fieldedBy());
        self::assertSame([Position::FirstBase], $who($pitcher));
        self::assertTrue($pitcher->move(Position::SecondBase)->jobs[0]->isBehind(Base::First));
        self::assertCount(2, $pitcher->turnedBack(), 'the first baseman, and the third baseman as ever');
        self::assertSame(Position::ThirdBase, $third->fieldedBy());
        self::assertSame([Position::SecondBase], $who($third));
    }

    public function testASurpriseIsWorthTimeToTheBatterAndCostsTheFielders(): void
    {
        $plan = Teams::bunt(Teams::state(situation: 'none-0'));
        $shown = self::bunt($plan, -35, 30);
        $drag = self::bunt($plan, -35, 30, BuntKind::Drag);

        self::assertEqualsWithDelta(
            $shown->options()[0]->runnerThere - 0.25,
            $drag->options()[0]->runnerThere,
            1e-6,
            'starts as a slapper does',
        );
        self::assertGreaterThan($shown->fieldedAt(), $drag->fieldedAt());
        self::assertLessThan($shown->called()->chance - 0.1, $drag->called()->chance);
        $slapper = Teams::bunt(Teams::state(situation: 'none-0', batter: BatterType::Slapper));
        $there = static fn(BuntKind $kind): float => self::bunt($slapper, -35, 30, $kind)->options()[0]->runnerThere;
        self::assertEqualsWithDelta(
            $there(BuntKind::Sacrifice),
            $there(BuntKind::Drag),
            1e-9,
            'a slapper gains no start by it',
        );
    }

    public function testOnTheSqueezeTheRunnerIsGoneBeforeTheBall(): void
    {
        $plan = Teams::bunt(Teams::state(situation: 'R3-1'));
        $home = static fn(BuntKind $kind): ThrowOption => self::option(self::bunt($plan, -10, 30, $kind), Base::Home);

        self::assertLessThan($home(BuntKind::Sacrifice)->runnerThere - 0.2, $home(BuntKind::Squeeze)->runnerThere);
        self::assertLessThan($home(BuntKind::Sacrifice)->chance, $home(BuntKind::Squeeze)->chance);
        self::assertSame(
            [BuntKind::Sacrifice, BuntKind::Drag],
            BuntKind::in(Situation::fromKey('R1-0')),
            'nobody to squeeze in',
        );
    }

    public function testStepsBackToThirdAndWhetherInTime(): void
    {
        $play = self::bunt(Teams::bunt(coverage: 'corners-crash'), 20, 30);
        [$turned] = $play->turnedBack();

        self::assertSame(Position::ThirdBase, $turned->who->position);
        self::assertSame(Base::Third, $turned->base);
        self::assertGreaterThan(9.0, $turned->steps->count);
        self::assertLessThan(16.0, $turned->steps->count);
        self::assertLessThan(4.5, $turned->there);
        self::assertTrue($turned->isInTime());
        self::assertEqualsWithDelta($play->move(Position::ThirdBase)->there(), $turned->there, 1e-9);
        self::assertSame([], self::bunt(Teams::bunt(coverage: 'first-stays'), 20, 30)->turnedBack());
    }

    public function testTheSameCoverageEverywhereIsPredictable(): void
    {
        $family = new BuntFamily();
        $plays = static fn(PlanBook $book): array => array_map(
            static fn(Bases $bases): PlannedPlay => PlannedPlay::of(
                Teams::plan(Teams::state(situation: $bases->value . '-0')),
                $family,
                $book,
            ),
            Bases::cases(),
        );
        $shipped = PlanBook::shipped(ShippedRuleSets::get('fastpitch-43'));
        $choice = new CoverageChoice('corners-crash', 'Wren', new \DateTimeImmutable('2026-11-01'));

        self::assertNull(Predictable::in($plays($shipped)));
        $finding = Predictable::in(
            $plays($shipped->withPlays('bunt', (new FamilyPlan())->withChoice(Situation::fromKey('R1R3-0'), $choice))),
        );
        self::assertSame('predictable', $finding?->kind);
        self::assertStringContainsString('Corners crash', $finding->measure);
    }

    public function testPoliciesAreTheCoachsLastWord(): void
    {
        $plan = Teams::bunt(Teams::state('baseball-60'), Level::Youth10);
        $call = static fn(OutPolicy $policy): Base => self::bunt($plan->wanting($policy), 0, 45)->called()->base;

        self::assertSame(Base::First, $call(OutPolicy::First));
        self::assertSame(Base::Second, $call(OutPolicy::Lead));
    }

    public function testTheBookSaysWhichCoverageIsOnAndWhichOutIsWanted(): void
    {
        $decided = (new FamilyPlan())
            ->withChoice(
                Situation::fromKey('R1-1'),
                new CoverageChoice('first-stays', 'Wren', new \DateTimeImmutable('2026-11-01')),
            )
            ->withPolicy(Situation::fromKey('R1-1'), OutPolicy::Lead);
        $book = PlanBook::shipped(ShippedRuleSets::get('fastpitch-43'))->withPlays('bunt', $decided);
        $play = static fn(string $key): PlannedPlay => PlannedPlay::of(
            Teams::plan(Teams::state(situation: $key)),
            new BuntFamily(),
            $book,
        );

        self::assertSame(['First stays', OutPolicy::Lead], [$play('R1-1')->coverage?->name, $play('R1-1')->policy]);
        self::assertSame(['Corners crash', OutPolicy::Sure], [$play('R1-0')->coverage?->name, $play('R1-0')->policy]);
    }

    public function testByTheNumbersCostsLeastAndEveryOtherPolicyItsPrice(): void
    {
        $levels = ['fastpitch-43' => Level::Fastpitch16, 'baseball-60' => Level::Youth10, 'baseball-90' => Level::Pro];
        foreach ($levels as $rules => $level) {
            foreach (['R1-0', 'R2-0', 'R1R2-0', 'R3-1', 'loaded-0'] as $situation) {
                $costs = Teams::bunt(Teams::state($rules, $situation), $level)->report(Teams::cost($level))->costs;
                self::assertEqualsWithDelta(
                    min([1e9, ...array_values($costs)]),
                    $costs['numbers'],
                    1e-9,
                    "$rules $situation",
                );
            }
        }
    }

    public function testBreakEvenIsWhereTheTwoOutsCostTheSame(): void
    {
        foreach (
            [
                'R1-0' => Base::Second,
                'R2-0' => Base::Third,
                'R1R2-0' => Base::Third,
                'R3-1' => Base::Home,
                'loaded-1' => Base::Home,
            ] as $situation => $lead
        ) {
            $after = new AfterThrow(new AfterPlay(Teams::cost(), Situation::fromKey($situation)));
            $p = $after->breakEven($lead);

            self::assertEqualsWithDelta(
                $after->out(Base::First),
                $p * $after->out($lead) + (1 - $p) * $after->safe(),
                1e-9,
                $situation,
            );
            self::assertGreaterThan(0.2, $p);
            self::assertLessThan(1.0, $p);
            self::assertGreaterThan($after->safe(), $after->astray(1));
        }
    }

    public function testEverybodySafeWithFirstAndSecondIsTheBasesLoaded(): void
    {
        $after = new AfterThrow(new AfterPlay(Teams::cost(), Situation::of(Bases::FirstSecond, Outs::None)));

        self::assertEqualsWithDelta(Teams::cost()->after(7, 0, 0), $after->safe(), 1e-12);
        self::assertEqualsWithDelta(Teams::cost()->after(6, 1, 0), $after->out(Base::First), 1e-12);
        self::assertEqualsWithDelta(Teams::cost()->after(3, 1, 0), $after->out(Base::Third), 1e-12);
        self::assertEqualsWithDelta(
            Teams::cost()->after(6, 0, 1),
            $after->astray(1),
            1e-12,
            'one is in, two are in scoring position',
        );
    }

    public function testTheMapAgreesWithThePlaysItStandsFor(): void
    {
        $plan = Teams::bunt(Teams::state(situation: 'R1R2-0'), coverage: 'wheel');
        $map = self::map($plan);
        self::assertGreaterThan(300, \count($map->spots));
        foreach ([0, 57, 200, 311] as $index) {
            $spot = $map->spots[$index];
            $play = $plan->run($spot->trial);
            self::assertSame($play->fieldedBy(), $spot->by);
            self::assertEqualsWithDelta($play->called()->chance, $spot->called->chance, 1e-9);
        }
        self::assertEqualsWithDelta(
            1.0,
            array_sum(array_map(static fn(MapOutcome $outcome): float => $map->share($outcome), MapOutcome::cases())),
            1e-9,
        );
    }

    public function testACoverageMaySetDepthsBeforeThePitch(): void
    {
        $plan = Teams::bunt(Teams::state('baseball-90', 'R1-1'), Level::Pro);
        $in = self::copyWith($plan->coverage ?? self::fail('It is there.'), [5 => NamedDepth::Bunt]);

        self::assertGreaterThan(0.003, abs($plan->report()->outs - $plan->reportOn($in)->outs));
        self::assertSame(
            NamedDepth::DoublePlay,
            $plan->plan->alignment->spot(Position::ThirdBase)->depth,
            'the alignment itself stays',
        );
    }

    public function testAJobIsFoundByItsKey(): void
    {
        $keys = array_map(static fn(Job $job): string => $job->key(), (new BuntFamily())->tasks());

        self::assertSame(
            [
                'cover-first',
                'cover-second',
                'cover-third',
                'cover-home',
                'turn-back-third',
                'turn-back-first',
                'come-in-second',
                'back-up-first',
                'back-up-second',
                'back-up-third',
                'converge',
            ],
            $keys,
        );
        self::assertEquals((new BuntFamily())->tasks(), array_map(Job::ofKey(...), $keys));
        $this->expectExceptionMessage('job: "sing" is not known');
        Job::ofKey('sing');
    }

    /** @param array<int, NamedDepth> $depths */
    private static function copyWith(Coverage $coverage, array $depths): Coverage
    {
        return new Coverage(
            'copy',
            $coverage->name,
            $coverage->call,
            $coverage->reason,
            $coverage->bases,
            $coverage->fielders,
            $coverage->lines,
            $coverage->early,
            $coverage->reserve,
            $depths,
            $coverage->key,
        );
    }

    private static function map(PlannedPlay $plan): PlayMap
    {
        return $plan->map($plan->coverage ?? self::fail('There is a coverage.')) ?? self::fail('Bunts are mapped.');
    }

    private static function bunt(
        PlannedPlay $plan,
        float $degrees,
        float $feet,
        BuntKind $kind = BuntKind::Sacrifice,
    ): Timeline {
        return $plan->run(BuntTrial::restingAt($feet, $degrees, $plan->plan->state->rules, $kind));
    }

    private static function chanceAt(PlannedPlay $plan, float $degrees, float $feet): float
    {
        return self::bunt($plan, $degrees, $feet)->called()->chance;
    }

    private static function option(Timeline $play, Base $base): ThrowOption
    {
        foreach ($play->options() as $option) {
            if ($option->base === $base) {
                return $option;
            }
        }
        self::fail("No throw to {$base->word()} is there.");
    }

    /** @return list<\FoxCorner\Core\People\RosterPlayer> */
    private static function pitcher(PitcherFielding $fielding): array
    {
        return [
            Teams::with(Teams::player(1, 1), Traits::of(Hand::Right, Bats::Right, fielding: $fielding)),
            ...\array_slice(Teams::nine(), 1),
        ];
    }

    private static function withRunners(string $rules, string $situation, RunnerSpeed $speed): GameState
    {
        return GameState::of(
            ShippedRuleSets::get($rules),
            Situation::fromKey($situation),
            Context::of(
                3,
                Half::Top,
                0,
                Batter::ofType(BatterType::Right),
                Count::none(),
                Pitching::Ordinary,
                null,
                $speed,
            ),
        );
    }
}
