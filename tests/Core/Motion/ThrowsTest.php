<?php

declare(strict_types=1);

namespace FoxCorner\Tests\Core\Motion;

use FoxCorner\Core\Motion\Ball;
use FoxCorner\Core\Motion\Speed;
use FoxCorner\Core\Motion\Throws;
use PHPUnit\Framework\TestCase;

final class ThrowsTest extends TestCase
{
    public function testFartherTakesLongerThroughTheChangeOfFormula(): void
    {
        foreach (Ball::cases() as $ball) {
            $throws = new Throws($ball);
            foreach ([45, 60, 75, 88, 95] as $mph) {
                $before = 0.0;
                for ($feet = 5; $feet <= 320; $feet += 5) {
                    $seconds = $throws->seconds($feet, Speed::ofMph($mph));
                    self::assertGreaterThan($before, $seconds, "$ball->value at $mph mph, $feet ft");
                    $before = $seconds;
                }
            }
        }
    }

    public function testFasterArmIsSooner(): void
    {
        $throws = new Throws(Ball::Softball12);
        foreach ([40.0, 90.0, 140.0, 220.0] as $feet) {
            self::assertLessThan($throws->seconds($feet, Speed::ofMph(50)), $throws->seconds($feet, Speed::ofMph(65)));
        }
    }

    public function testOutOfRangeBouncesOnce(): void
    {
        $flight = (new Throws(Ball::Softball12))->over(260, Speed::ofMph(50));

        self::assertSame(1, $flight->bounces);
        self::assertGreaterThan((new Throws(Ball::Softball12))->seconds(160, Speed::ofMph(50)), $flight->seconds);
    }

    public function testFlatFormula(): void
    {
        $k = Ball::Baseball->dragPerFoot();
        $u = Speed::ofMph(70)->feetPerSecond;

        self::assertEqualsWithDelta((exp($k * 84) - 1) / ($k * $u), (new Throws(Ball::Baseball))->seconds(84, Speed::ofMph(70)), 1e-12);
        self::assertSame(0.0, (new Throws(Ball::Baseball))->over(0, Speed::ofMph(70))->launchDegrees);
    }

    public function testALongThrowIsLaunchedSteeper(): void
    {
        $throws = new Throws(Ball::Baseball);

        self::assertGreaterThan($throws->over(130, Speed::ofMph(80))->launchDegrees, $throws->over(220, Speed::ofMph(80))->launchDegrees);
    }
}
