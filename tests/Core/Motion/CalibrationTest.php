<?php

declare(strict_types=1);

namespace FoxCorner\Tests\Core\Motion;

use FoxCorner\Core\Alignment\Depth\DepthSpot;
use FoxCorner\Core\Alignment\Depth\DepthTable;
use FoxCorner\Core\Alignment\Depth\NamedDepth;
use FoxCorner\Core\Field\Base;
use FoxCorner\Core\Field\Diamond;
use FoxCorner\Core\Field\Point;
use FoxCorner\Core\Field\ShippedRuleSets;
use FoxCorner\Core\Field\Surface;
use FoxCorner\Core\Motion\Ball;
use FoxCorner\Core\Motion\Legs;
use FoxCorner\Core\Motion\MotionProfile;
use FoxCorner\Core\Motion\RollingBall;
use FoxCorner\Core\Motion\Speed;
use FoxCorner\Core\Motion\Throws;
use FoxCorner\Core\People\Position;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** The checks that the engine must reproduce, as the project's model lists them. */
final class CalibrationTest extends TestCase
{
    #[DataProvider('throws')]
    public function testThrow(float $mph, float $feet, float $extra, float $least, float $most): void
    {
        $flight = Throws::of(Ball::Baseball)->over($feet, Speed::ofMph($mph));

        self::assertSame(0, $flight->bounces);
        self::assertGreaterThanOrEqual($least, $flight->seconds + $extra);
        self::assertLessThanOrEqual($most, $flight->seconds + $extra);
    }

    /** @return iterable<string, array{float, float, float, float, float}> */
    public static function throws(): iterable
    {
        yield 'catcher to second, exchange included' => [
            82,
            127.3,
            (new MotionProfile())->exchangeCatcherSteal,
            1.95,
            2.05,
        ];
        yield '80 mph over 120 ft' => [80, 120, 0, 1.15, 1.2];
        yield '88 mph over 250 ft without a bounce' => [88, 250, 0, 2.65, 2.85];
    }

    public function testDragOfTheBalls(): void
    {
        self::assertEqualsWithDelta(0.00202, Ball::Baseball->dragPerFoot(), 0.02 * 0.00202);
        self::assertEqualsWithDelta(0.00273, Ball::Softball12->dragPerFoot(), 0.02 * 0.00273);
    }

    public function testGroundBallOnGrass(): void
    {
        $seconds = RollingBall::groundBall(Speed::ofMph(85), Surface::Grass)->secondsTo(125);

        self::assertGreaterThanOrEqual(1.35, $seconds);
        self::assertLessThanOrEqual(1.45, $seconds);
    }

    #[DataProvider('steals')]
    public function testSteal(float $homeToFirst, float $basePath, float $lead, float $least, float $most): void
    {
        $motion = new MotionProfile();
        $legs = Legs::fromHomeToFirst($homeToFirst, $motion->startRight, $basePath, $motion->accelerationTime);
        $seconds = $motion->stealStart + $legs->secondsFor($basePath - $lead);

        self::assertGreaterThanOrEqual($least, $seconds);
        self::assertLessThanOrEqual($most, $seconds);
    }

    /** @return iterable<string, array{float, float, float, float, float}> */
    public static function steals(): iterable
    {
        yield 'second from a lead of 12 ft' => [4.35, 90, 12, 3.5, 3.7];
        yield 'fastpitch college, from the bag' => [2.95, 60, 0, 2.6, 2.9];
    }

    /**
     * Contact to the catch at first: ball to the shortstop's normal spot, a firm short throw to second, pivot, throw.
     */
    public function testSixFourThree(): void
    {
        $motion = new MotionProfile();
        $diamond = Diamond::of(90, 60.5);
        $fractions = DepthTable::shipped(ShippedRuleSets::get('baseball-90'))->infield(
            Position::Shortstop,
            NamedDepth::Normal,
        );
        $shortstop = DepthSpot::of(Position::Shortstop, $fractions->off * 90, $fractions->back * 90, $diamond)->point();
        $throws = Throws::of(Ball::Baseball);
        $seconds =
            (float) RollingBall::groundBall(Speed::ofMph(85), Surface::Grass)->secondsTo(
                $shortstop->distanceTo(Point::home()),
            ) +
            $motion->exchangeSet +
            $throws->seconds($shortstop->distanceTo($diamond->at(Base::Second)), Speed::ofMph(45)) +
            $motion->exchangePivot +
            $throws->seconds($diamond->at(Base::Second)->distanceTo($diamond->at(Base::First)), Speed::ofMph(82));

        self::assertGreaterThanOrEqual(4.1, $seconds);
        self::assertLessThanOrEqual(4.5, $seconds);
    }
}
