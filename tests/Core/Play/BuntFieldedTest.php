<?php

declare(strict_types=1);

namespace FoxCorner\Tests\Core\Play;

use FoxCorner\Core\Family\Bunt\BuntKind;
use FoxCorner\Core\Family\Bunt\BuntTrial;
use FoxCorner\Core\Field\Base;
use FoxCorner\Core\Field\Point;
use FoxCorner\Core\Field\Sport;
use FoxCorner\Core\Game\Bases;
use FoxCorner\Core\Game\BatterType;
use FoxCorner\Core\Game\Situation;
use FoxCorner\Core\Level\Level;
use FoxCorner\Core\Motion\Giving;
use FoxCorner\Core\Motion\Legs;
use FoxCorner\Core\Motion\OutChance;
use FoxCorner\Core\Motion\Speed;
use FoxCorner\Core\People\Position;
use FoxCorner\Core\Play\Ball\Possession;
use FoxCorner\Core\Play\Ball\Throwing;
use FoxCorner\Core\Play\Cast\CastMember;
use FoxCorner\Core\Play\Choice\OutPolicy;
use FoxCorner\Core\Play\Choice\ThrowOption;
use FoxCorner\Core\Play\Clock\EventKind;
use FoxCorner\Core\Play\Clock\Move;
use FoxCorner\Core\Play\Clock\Timeline;
use FoxCorner\Tests\Core\Teams;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** How a bunt is picked up, turned with and given, and what a surprise does. */
final class BuntFieldedTest extends TestCase
{
    use BuntsPlayed;

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

        self::assertEqualsWithDelta(0.8 * 0.87, $at(Position::Pitcher, 11.9)->exchange, 1e-9);
        self::assertEqualsWithDelta(0.8 * 0.935, $at(Position::Pitcher, 15.0)->exchange, 1e-9, 'half of them');
        self::assertEqualsWithDelta(0.8, $at(Position::Pitcher, 18.1)->exchange, 1e-9);
        self::assertEqualsWithDelta((0.8 * 0.7) / 0.75 + 0.1, $at(Position::Catcher, 11.9)->exchange, 1e-9);
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
}
