<?php

declare(strict_types=1);

namespace FoxCorner\Tests\Core\Play;

use FoxCorner\Core\Field\Base;
use FoxCorner\Core\Field\Point;
use FoxCorner\Core\Field\ShippedRuleSets;
use FoxCorner\Core\Level\Level;
use FoxCorner\Core\Motion\Ball;
use FoxCorner\Core\Motion\BattedBall;
use FoxCorner\Core\Motion\FlyKind;
use FoxCorner\Core\Motion\Giving;
use FoxCorner\Core\Motion\Speed;
use FoxCorner\Core\Motion\Throws;
use FoxCorner\Core\People\Position;
use FoxCorner\Core\Play\Ball\Reached;
use FoxCorner\Core\Play\Ball\RelayArms;
use FoxCorner\Core\Play\Ball\Retrieval;
use FoxCorner\Core\Play\Ball\Throwing;
use FoxCorner\Tests\Core\Teams;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** Two arms on a line, and who has a ball in the outfield. */
final class RelayTest extends TestCase
{
    #[TestWith([Ball::Baseball, 88.0, 82.0, 317.6])]
    #[TestWith([Ball::Baseball, 65.0, 60.0, 240.3])]
    #[TestWith([Ball::Baseball, 50.0, 72.0, 181.9])]
    #[TestWith([Ball::Softball12, 56.0, 52.0, 205.5])]
    #[TestWith([Ball::Softball12, 64.0, 45.0, 98.7])]
    public function testNoPlaceOnOrOffTheLineIsQuicker(Ball $ball, float $out, float $in, float $feet): void
    {
        $throws = Throws::of($ball);
        [$outfield, $cutoff] = [Speed::ofMph($out), Speed::ofMph($in)];
        $best = (new RelayArms($throws, $outfield, 1.2, $cutoff, 0.85))->best($feet);
        $least = \INF;
        // Every quarter of a foot, on the line and beside it, straight from the formula.
        for ($along = 0.0; $along <= $feet; $along += 0.25) {
            foreach ([0.0, 2.0] as $off) {
                [$first, $second] = [hypot($along, $off), hypot($feet - $along, $off)];
                $seconds =
                    1.2 +
                    $throws->over($first, Giving::speed($first, $outfield))->seconds +
                    0.85 +
                    $throws->over($second, Giving::speed($second, $cutoff))->seconds;
                $least = min($least, $seconds);
            }
        }

        self::assertEqualsWithDelta($least, $best->seconds, 0.002);
    }

    #[TestWith([Ball::Baseball, 88.0, 82.0, 1.2, 0.85, 300.0])]
    #[TestWith([Ball::Baseball, 65.0, 60.0, 1.2, 0.85, 240.0])]
    #[TestWith([Ball::Softball12, 56.0, 52.0, 1.2, 0.85, 185.0])]
    public function testTheRelayIsQuickerBeyondTheArmAndNotBefore(
        Ball $ball,
        float $out,
        float $in,
        float $exchange,
        float $relay,
        float $from,
    ): void {
        $arms = new RelayArms(Throws::of($ball), Speed::ofMph($out), $exchange, Speed::ofMph($in), $relay);

        self::assertEqualsWithDelta($from, $arms->relayPaysFrom(400.0), 10.0);
        for ($feet = 60.0; $feet <= 380.0; $feet += 10.0) {
            $isQuicker = $arms->best($feet)->seconds < $arms->direct($feet);
            self::assertSame($feet >= (float) $arms->relayPaysFrom(400.0), $isQuicker, "$feet ft");
        }
    }

    public function testWhatAStrideOffTheLineCosts(): void
    {
        $arms = new RelayArms(Throws::of(Ball::Baseball), Speed::ofMph(65.0), 1.2, Speed::ofMph(60.0), 0.85);
        $best = $arms->best(240.0);
        $off = static fn(float $feet, bool $arm): float => $arms->offLine(240.0, $best->fromBall, $feet, $arm);

        self::assertEqualsWithDelta(0.034, $off(3.0, false), 0.003, 'glove side');
        self::assertEqualsWithDelta(0.063, $off(3.0, true), 0.004, 'arm side');
        self::assertEqualsWithDelta(0.277, $off(9.0, true), 0.02);
        self::assertEqualsWithDelta(0.0, $off(0.0, true), 1e-12);
        self::assertEqualsWithDelta(12.0, RelayArms::missesBy(240.0, 120.0, 6.0), 1e-9, 'let through, it misses');
        self::assertEqualsWithDelta(0.1, $off($arms->beside(240.0, $best->fromBall, 0.1, true), true), 0.013);
        [$near, $far] = $arms->within(240.0, $best, 0.1);
        self::assertLessThanOrEqual(0.1, $arms->relay(240.0, $near) - $best->seconds);
        self::assertGreaterThan(0.1, $arms->relay(240.0, $near - 1.0) - $best->seconds);
        self::assertLessThanOrEqual(0.1, $arms->relay(240.0, $far) - $best->seconds);
        self::assertGreaterThan(0.1, $arms->relay(240.0, $far + 1.0) - $best->seconds);
    }

    public function testAThrowInTheAirIsSlowerThanOneOnAHopBeyondSomeDistance(): void
    {
        $throws = Throws::of(Ball::Baseball);
        $arm = Speed::ofMph(65.0);

        self::assertEqualsWithDelta($throws->over(120.0, $arm)->seconds, $throws->inTheAir(120.0, $arm), 1e-9);
        self::assertSame(1, $throws->over(190.0, $arm)->bounces);
        self::assertGreaterThan($throws->over(190.0, $arm)->seconds, $throws->inTheAir(190.0, $arm) ?? 0.0);
        self::assertNull($throws->inTheAir(320.0, $arm), 'it does not get there');
        self::assertEqualsWithDelta(0.18, $throws->falls(120.0, Speed::ofMph(88.0)), 0.03);
        self::assertSame(1.0, $throws->falls(390.0, $arm));
    }

    public function testABallComesDownRollsAndStopsAtTheFence(): void
    {
        $rules = ShippedRuleSets::get('baseball-90');
        $fly = BattedBall::comingDownAt(Point::of(-90.0, 312.0), FlyKind::LineDrive, $rules);
        self::assertNotNull($fly);
        $landing = $fly->landing();
        self::assertEqualsWithDelta(-90.0, $landing->x, 1e-9);
        self::assertEqualsWithDelta(312.0, $landing->y, 1e-9);
        self::assertEqualsWithDelta(0.0, $fly->at($fly->hang)->distanceTo($landing), 1e-9);
        self::assertGreaterThan($fly->lands, $fly->distanceAfter($fly->hang + 0.5), 'it rolls on');
        self::assertTrue($fly->reachesFence(), 'it is hit hard enough');
        self::assertEqualsWithDelta($fly->fence, $fly->distanceAfter(60.0), 1e-9);
        self::assertEqualsWithDelta($rules->fence->distanceAt($fly->degrees) - 3.0, $fly->fence, 1e-9);

        $roller = BattedBall::restingAt(Point::of(0.0, 200.0), $rules);
        self::assertFalse($roller->isInTheAir());
        self::assertEqualsWithDelta(200.0, $roller->distanceAfter(60.0), 1e-6);
        self::assertEqualsWithDelta(sqrt((2 * 200.0) / 15.0), $roller->restsAfter(), 1e-6, 'on grass');
        self::assertNull(BattedBall::comingDownAt(Point::of(0.0, 480.0), FlyKind::LineDrive, $rules));
    }

    public function testHowABallIsReached(): void
    {
        $plan = Teams::plan(Teams::state('baseball-90', 'none-0'), Level::Pro);
        $rules = $plan->state->rules;
        $motion = $plan->level->motion;
        $left = $plan->cast->at(Position::LeftField)->start;
        $at = static fn(Point $to, FlyKind $kind): Retrieval => Retrieval::of(
            BattedBall::comingDownAt($to, $kind, $rules) ?? throw new \LogicException('It comes down.'),
            $plan->cast,
            $motion,
        );
        $ground = static fn(Point $to): Retrieval => Retrieval::of(
            BattedBall::restingAt($to, $rules),
            $plan->cast,
            $motion,
        );

        self::assertSame(Reached::Caught, $at($left, FlyKind::Fly)->reached);
        self::assertSame(Position::LeftField, $at($left, FlyKind::Fly)->by->position);
        self::assertSame(Reached::Straight, $ground(Point::polar(300.0, $left->sprayDegrees()))->reached);
        self::assertSame(Reached::Across, $ground(Point::polar(270.0, -43.0))->reached);
        self::assertSame(Reached::OffFence, $at(Point::polar(345.0, -14.0), FlyKind::LineDrive)->reached);
        $over = $at(Point::polar(288.0, -16.0), FlyKind::LineDrive);
        self::assertTrue($over->reached->isBehindHim());
        $turned = $over->possession();
        $home = $plan->state->rules->diamond()->at(Base::Home);
        self::assertEqualsWithDelta(
            $turned->seconds + $motion->exchangeOutfield + $motion->turnThrow,
            Throwing::at($plan->level, $rules->sport)->to($turned, $home)->released,
            0.05,
            'he turns around before he throws',
        );
    }

    public function testACoachMaySayHowItIsReached(): void
    {
        $plan = Teams::plan(Teams::state('baseball-90', 'none-0'), Level::Pro);
        $ball = BattedBall::restingAt(Point::polar(300.0, -26.0), $plan->state->rules);
        $released = static function (?Reached $how) use ($plan, $ball): float {
            $from = Retrieval::of($ball, $plan->cast, $plan->level->motion, $how)->possession();

            return Throwing::at($plan->level, $plan->state->rules->sport)->to($from, Point::home())->released;
        };
        $straight = $released(Reached::Straight);

        self::assertEqualsWithDelta($released(null), $straight, 0.02);
        self::assertEqualsWithDelta(0.3, $released(Reached::Across) - $straight, 0.03);
        self::assertEqualsWithDelta(0.6, $released(Reached::BackTurned) - $straight, 0.03);
        self::assertEqualsWithDelta(0.25, $released(Reached::OffFence) - $straight, 0.03, 'it lies still: no turn');
        self::assertEqualsWithDelta(1.19, $released(Reached::Bobbled) - $straight, 0.03);
    }
}
