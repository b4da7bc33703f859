<?php

declare(strict_types=1);

namespace FoxCorner\Tests\Core\Motion;

use FoxCorner\Core\Motion\Ball;
use FoxCorner\Core\Motion\Speed;
use FoxCorner\Core\Motion\Throws;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class ThrowsTest extends TestCase
{
    public function testFartherTakesLongerAndNothingJumps(): void
    {
        foreach (Ball::cases() as $ball) {
            $throws = Throws::of($ball);
            foreach ([28, 45, 50, 62, 75, 88, 95] as $mph) {
                $before = 0.0;
                for ($feet = 0.5; $feet <= 320; $feet += 0.5) {
                    $seconds = $throws->seconds($feet, Speed::ofMph($mph));
                    self::assertGreaterThan($before, $seconds, "$ball->value at $mph mph, $feet ft");
                    // Half a foot at a third of the speed; a hop is slow at its end.
                    self::assertLessThan(
                        $before + 1.5 / Speed::ofMph($mph)->feetPerSecond + 0.01,
                        $seconds,
                        "$ball->value at $mph mph, $feet ft",
                    );
                    $before = $seconds;
                }
            }
        }
    }

    /** Against small steps of gravity and drag, launched at the slope that the formula says. */
    #[TestWith([50.0, 85.0])]
    #[TestWith([50.0, 99.0])]
    #[TestWith([62.0, 101.0])]
    #[TestWith([62.0, 127.3])]
    #[TestWith([82.0, 127.3])]
    #[TestWith([82.0, 200.0])]
    #[TestWith([88.0, 250.0])]
    public function testTheFormulaIsTheFlight(float $mph, float $feet): void
    {
        foreach ([Ball::Baseball, Ball::Softball12] as $ball) {
            $flight = Throws::of($ball)->over($feet, Speed::ofMph($mph));
            if (1 === $flight->bounces) {
                continue;
            }
            [$seconds, $height] = self::flown(
                $ball->dragPerFoot(),
                Speed::ofMph($mph)->feetPerSecond,
                $flight->launchDegrees,
                $feet,
            );

            self::assertEqualsWithDelta($seconds, $flight->seconds, 0.01);
            self::assertEqualsWithDelta(4.0, $height, 0.35, 'it is caught at the chest');
        }
        self::assertSame(0, Throws::of(Ball::Baseball)->over($feet, Speed::ofMph($mph))->bounces);
    }

    public function testAHopIsThereSoonerThanALob(): void
    {
        $throws = Throws::of(Ball::Baseball);

        self::assertSame(0, $throws->over(92, Speed::ofMph(45))->bounces);
        self::assertSame(1, $throws->over(98, Speed::ofMph(45))->bounces);
        self::assertSame(1, $throws->over(200, Speed::ofMph(20))->bounces, 'no arm throws that in the air');
        self::assertLessThan(26.0, $throws->over(160, Speed::ofMph(62))->launchDegrees);
    }

    public function testFasterArmIsSooner(): void
    {
        $throws = Throws::of(Ball::Softball12);
        foreach ([40.0, 90.0, 140.0, 220.0] as $feet) {
            self::assertLessThan($throws->seconds($feet, Speed::ofMph(50)), $throws->seconds($feet, Speed::ofMph(65)));
        }
    }

    public function testOutOfRangeBouncesOnce(): void
    {
        $flight = Throws::of(Ball::Softball12)->over(260, Speed::ofMph(50));

        self::assertSame(1, $flight->bounces);
        self::assertGreaterThan(Throws::of(Ball::Softball12)->seconds(160, Speed::ofMph(50)), $flight->seconds);
    }

    public function testAShortThrowIsTheFlatFormula(): void
    {
        $k = Ball::Baseball->dragPerFoot();
        $u = Speed::ofMph(70)->feetPerSecond;

        self::assertEqualsWithDelta(
            (exp($k * 30) - 1) / ($k * $u),
            Throws::of(Ball::Baseball)->seconds(30, Speed::ofMph(70)),
            1e-3,
        );
        self::assertSame(
            [0.0, 0.0],
            [
                Throws::of(Ball::Baseball)->over(0, Speed::ofMph(70))->launchDegrees,
                Throws::of(Ball::Baseball)->seconds(0, Speed::ofMph(70)),
            ],
        );
    }

    public function testALongThrowIsLaunchedSteeper(): void
    {
        $throws = Throws::of(Ball::Baseball);

        self::assertGreaterThan(
            $throws->over(130, Speed::ofMph(80))->launchDegrees,
            $throws->over(220, Speed::ofMph(80))->launchDegrees,
        );
    }

    /** @return array{float, float} seconds until it has gone so many feet, and how high it is there */
    private static function flown(float $drag, float $speed, float $degrees, float $feet): array
    {
        [$x, $y, $seconds, $step] = [0.0, 6.0, 0.0, 0.0005];
        [$vx, $vy] = [$speed * cos(deg2rad($degrees)), $speed * sin(deg2rad($degrees))];
        while ($x < $feet) {
            $v = hypot($vx, $vy);
            [$vx, $vy] = [$vx - $step * $drag * $v * $vx, $vy - $step * ($drag * $v * $vy + 32.174)];
            [$x, $y, $seconds] = [$x + $step * $vx, $y + $step * $vy, $seconds + $step];
        }

        return [$seconds, $y];
    }
}
