<?php

declare(strict_types=1);

namespace FoxCorner\Tests\Core\Motion;

use FoxCorner\Core\Field\Base;
use FoxCorner\Core\Field\Point;
use FoxCorner\Core\Field\Surface;
use FoxCorner\Core\Motion\Giving;
use FoxCorner\Core\Motion\Intercept;
use FoxCorner\Core\Motion\Legs;
use FoxCorner\Core\Motion\OutChance;
use FoxCorner\Core\Motion\RollingBall;
use FoxCorner\Core\Motion\Speed;
use FoxCorner\Core\Problem\Problem;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class RunningAndRollingTest extends TestCase
{
    public function testMeasuredTimeComesOutAgain(): void
    {
        $legs = Legs::fromHomeToFirst(3.2, 0.45, 60, 0.6);

        self::assertEqualsWithDelta(3.2 - 0.45, $legs->secondsFor(60), 1e-6);
    }

    #[TestWith([0.2])]
    #[TestWith([3.0])]
    #[TestWith([44.0])]
    #[TestWith([240.0])]
    public function testTimeAndDistanceUndoEachOther(float $feet): void
    {
        $legs = Legs::of(26.0, 0.6);

        self::assertEqualsWithDelta($feet, $legs->distanceAfter($legs->secondsFor($feet)), 1e-4);
    }

    public function testNobodyRunsBeforeTheStart(): void
    {
        self::assertSame(0.0, Legs::of(26.0, 0.6)->distanceAfter(-0.3));
        self::assertSame(0.0, Legs::of(26.0, 0.6)->secondsFor(0.0));
    }

    public function testBuntRestsWhereItWasMeantTo(): void
    {
        foreach ([Surface::Grass, Surface::Dirt, Surface::WetGrass] as $surface) {
            $ball = RollingBall::bunt(RollingBall::buntSpeedToRestAt(30, $surface), $surface, -20);
            self::assertEqualsWithDelta(30, $ball->restDistance(), 1e-9);
            self::assertEqualsWithDelta(30, $ball->at(20)->distanceTo(Point::home()), 1e-9);
            self::assertLessThan(0.0, $ball->at(20)->x, 'negative is toward third');
        }
    }

    public function testBallThatStopsShortNeverArrives(): void
    {
        $ball = RollingBall::bunt(Speed::ofMph(15), Surface::Grass, 0);

        self::assertNull($ball->secondsTo($ball->restDistance() + 0.1));
        self::assertSame(0.0, $ball->speedAfter(9));
    }

    public function testWetGrassIsSlower(): void
    {
        self::assertGreaterThan(
            RollingBall::groundBall(Speed::ofMph(80), Surface::Turf)->secondsTo(120),
            RollingBall::groundBall(Speed::ofMph(80), Surface::WetGrass)->secondsTo(120),
        );
    }

    public function testNoBunt(): void
    {
        $this->expectException(Problem::class);
        $this->expectExceptionMessage('bunt speed: 55 is too large; allowed: 12 to 40 miles per hour');
        RollingBall::bunt(Speed::ofMph(55), Surface::Dirt, 0);
    }

    public function testInterceptIsTheEarliestMoment(): void
    {
        $ball = RollingBall::bunt(RollingBall::buntSpeedToRestAt(40, Surface::Dirt), Surface::Dirt, 30);
        $from = Point::of(20, 45);
        $legs = Legs::of(22, 0.6);
        $intercept = Intercept::of($from, $legs, 0.2, 3.0, $ball);

        self::assertNotNull($intercept);
        self::assertEqualsWithDelta(
            $from->distanceTo($ball->at($intercept->seconds)),
            3.0 + $legs->distanceAfter($intercept->seconds - 0.2),
            0.01,
        );
        $justBefore = $intercept->seconds - 0.01;
        self::assertGreaterThan(
            3.0 + $legs->distanceAfter($justBefore - 0.2),
            $from->distanceTo($ball->at($justBefore)),
        );
    }

    public function testABallTooFarIsNotReached(): void
    {
        $ball = RollingBall::groundBall(Speed::ofMph(110), Surface::Turf, 45);

        self::assertNull(Intercept::of(Point::of(-300, 40), Legs::of(20, 0.6), 0.3, 3.0, $ball));
    }

    public function testOutCurve(): void
    {
        self::assertEqualsWithDelta(0.5, OutChance::ofMargin(0.0, 0.08), 1e-12);
        self::assertGreaterThan(0.99, OutChance::ofMargin(0.4, 0.08));
        self::assertEqualsWithDelta(1.0, OutChance::ofMargin(0.1, 0.08) + OutChance::ofMargin(-0.1, 0.08), 1e-12);
    }

    public function testALevelsBattersScatterMoreThanOneOfThem(): void
    {
        self::assertEqualsWithDelta(sqrt(0.08 ** 2 + 0.11 ** 2), OutChance::spread(0.08, 0.2), 1e-12);
        self::assertEqualsWithDelta(sqrt(0.08 ** 2 + 0.04 ** 2), OutChance::spread(0.08, 0.2, true), 1e-12);
    }

    /** 1° of scatter over 114.6 ft is 2 ft: within 4 ft, 1 − e^(−2). */
    public function testAThrowIsCaughtWithinReachOfTheBag(): void
    {
        $caught = static fn(float $moving, float $wider = 1.0): float => Giving::caught(
            2 / tan(deg2rad(1)),
            Giving::reach(Base::First),
            1.0,
            2.0,
            $moving,
            $wider,
        );

        self::assertEqualsWithDelta(0.984 * (1 - exp(-2)), $caught(0.0), 1e-12);
        self::assertEqualsWithDelta(0.984 * (1 - exp(-2 / 2.25)), $caught(1.0), 1e-12, 'half wider on the run');
        self::assertEqualsWithDelta(0.984 * (1 - exp(-2 / 1.15 ** 2)), $caught(0.0, Giving::PIVOT), 1e-12);
        self::assertEqualsWithDelta(0.984, Giving::caught(0.0, 4.0, 1.0, 2.0), 1e-12, 'from hand to hand');
        self::assertSame([4.0, 3.5, 4.0, 3.0], array_map(Giving::reach(...), Base::cases()));
    }
}
