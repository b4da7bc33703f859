<?php

declare(strict_types=1);

namespace FoxCorner\Tests\Core\Held;

use FoxCorner\Core\Field\Base;
use FoxCorner\Core\Field\Point;
use FoxCorner\Core\Field\Surface;
use FoxCorner\Core\Motion\Ball;
use FoxCorner\Core\Motion\FlyKind;
use FoxCorner\Core\Motion\Giving;
use FoxCorner\Core\Motion\HangTimes;
use FoxCorner\Core\Motion\Intercept;
use FoxCorner\Core\Motion\Legs;
use FoxCorner\Core\Motion\OutChance;
use FoxCorner\Core\Motion\RollingBall;
use FoxCorner\Core\Motion\Speed;
use FoxCorner\Core\Motion\Throws;

/** Throws, running, rolling and flying balls, and who meets them. */
final class MotionCases
{
    private const FEET = [0.0, 8.0, 30.0, 60.0, 95.0, 101.0, 127.3, 180.0, 250.0, 330.0];

    /** @return iterable<string, array<string, mixed>> */
    public static function all(): iterable
    {
        $legs = Legs::fromHomeToFirst(4.4, 0.45, 90, 0.6);
        yield 'legs, 4.4 s to first' => [
            'top ft/s' => $legs->topSpeed,
            'at .85 ft/s' => $legs->at(0.85)->topSpeed,
            '33 ft s' => $legs->secondsFor(33),
            'after 1.7 s ft' => $legs->distanceAfter(1.7),
            'before s' => $legs->secondsFor(-3),
            'before ft' => $legs->distanceAfter(-1),
        ];
        foreach (Ball::cases() as $ball) {
            yield from self::throws($ball);
        }
        foreach (Surface::cases() as $surface) {
            yield from self::rolls($surface, $legs);
        }
        foreach ([-0.3, -0.05, 0.0, 0.1, 0.16, 0.4] as $margin) {
            yield "out, margin $margin s" => [
                'sure hands' => OutChance::ofMargin($margin, 0.08),
                'spread .2 s' => OutChance::ofMargin($margin, OutChance::spread(0.08, 0.2)),
                'tag' => OutChance::ofMargin($margin, OutChance::spread(0.1, 0.3, true)),
            ];
        }
        foreach ([5.0, 20.0, 31.0, 45.0, 52.0, 60.0, 95.0, 140.0] as $feet) {
            yield "given over $feet ft" => self::given($feet);
        }
    }

    /** @return iterable<string, array<string, mixed>> */
    private static function throws(Ball $ball): iterable
    {
        yield "$ball->value drag" => ['thousandth a ft' => 1000 * $ball->dragPerFoot()];
        $throws = Throws::of($ball);
        foreach ([45, 62, 88] as $mph) {
            foreach (self::FEET as $feet) {
                $flight = $throws->over($feet, Speed::ofMph($mph));
                yield "$ball->value thrown $mph mph over $feet ft" => [
                    's' => $flight->seconds,
                    'launch deg' => $flight->launchDegrees,
                    'bounces' => $flight->bounces,
                ];
            }
        }
        foreach (FlyKind::cases() as $kind) {
            $times = HangTimes::of($kind, $ball, 80.0);
            yield "$ball->value hit 80 mph, $kind->value" => [
                'farthest ft' => $times->farthest(),
                'to 20 65 120 185 240 330 500 ft s' => array_map($times->secondsTo(...), [
                    20.0,
                    65.0,
                    120.0,
                    185.0,
                    240.0,
                    330.0,
                    500.0,
                ]),
            ];
        }
    }

    /** @return iterable<string, array<string, mixed>> */
    private static function rolls(Surface $surface, Legs $legs): iterable
    {
        $ball = RollingBall::groundBall(Speed::ofMph(70), $surface, -21);
        $bunt = RollingBall::bunt(Speed::ofMph(22), $surface, 30);
        yield "70 mph on $surface->value" => [
            '60 ft s' => $ball->secondsTo(60),
            '900 ft s' => $ball->secondsTo(900),
            'after 2.2 s ft' => $ball->distanceAfter(2.2),
            'after 1.1 s ft/s' => $ball->speedAfter(1.1),
            'after 99 s ft/s' => $ball->speedAfter(99),
            'at 1.5 s ft' => $ball->at(1.5),
            'slows ft/s²' => $ball->deceleration,
        ];
        yield "bunt of 22 mph on $surface->value" => [
            'rests at ft' => $bunt->restDistance(),
            'rests ft' => $bunt->restPoint(),
            'to rest at 33 ft mph' => RollingBall::buntSpeedToRestAt(33, $surface)->mph(),
        ];
        foreach ([[-30, 110], [40, 118], [-2, 50], [-70, 75]] as [$x, $y]) {
            $from = Point::of($x, $y);
            $met = Intercept::of($from, $legs->at(0.85), 0.3, 3.0, $ball);
            $bunted = Intercept::of($from, $legs, 0.2, 3.0, $bunt);
            yield "met from $x $y on $surface->value" => [
                'ball s' => $met?->seconds,
                'ft' => $met?->point,
                'bunt s' => $bunted?->seconds,
                'bunt ft' => $bunted?->point,
            ];
        }
    }

    /** @return array<string, mixed> */
    private static function given(float $feet): array
    {
        $given = [
            'mph of 72' => Giving::speed($feet, Speed::ofMph(72))->mph(),
            'baseball s' => Throws::of(Ball::Baseball)->given($feet, Speed::ofMph(72)),
            'softball s' => Throws::of(Ball::Softball12)->given($feet, Speed::ofMph(55)),
            'pivot caught' => Giving::caught($feet, Giving::reach(Base::Second), 0.7, 1.0, 0.0, Giving::PIVOT),
        ];
        foreach (Base::cases() as $base) {
            $given["{$base->word()} caught"] = [
                Giving::caught($feet, Giving::reach($base), 0.9, 1.5),
                Giving::caught($feet, Giving::reach($base), 1.9, 3.0, 0.6),
            ];
        }

        return $given;
    }
}
