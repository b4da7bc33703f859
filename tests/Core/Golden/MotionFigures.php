<?php

declare(strict_types=1);

namespace FoxCorner\Tests\Core\Golden;

use FoxCorner\Core\Field\Base;
use FoxCorner\Core\Field\Point;
use FoxCorner\Core\Field\Surface;
use FoxCorner\Core\Motion\Ball;
use FoxCorner\Core\Motion\Giving;
use FoxCorner\Core\Motion\Intercept;
use FoxCorner\Core\Motion\Legs;
use FoxCorner\Core\Motion\OutChance;
use FoxCorner\Core\Motion\RollingBall;
use FoxCorner\Core\Motion\Speed;
use FoxCorner\Core\Motion\Throws;

/** Throws, running, rolling balls, and who meets them. */
final class MotionFigures implements Figures
{
    public static function all(): iterable
    {
        foreach (Ball::cases() as $ball) {
            yield "drag/$ball->value" => $ball->dragPerFoot();
            $throws = Throws::of($ball);
            foreach ([45, 62, 88] as $mph) {
                foreach ([0, 8, 30, 60, 95, 101, 127.3, 180, 250, 330] as $feet) {
                    $flight = $throws->over($feet, Speed::ofMph($mph));
                    yield "throw/$ball->value/$mph/$feet" => [$flight, $throws->seconds($feet, Speed::ofMph($mph))];
                }
            }
        }
        $legs = Legs::fromHomeToFirst(4.4, 0.45, 90, 0.6);
        yield 'legs' => [
            $legs,
            $legs->at(0.85),
            $legs->secondsFor(33),
            $legs->distanceAfter(1.7),
            $legs->distanceAfter(-1),
            $legs->secondsFor(-3),
        ];
        foreach (Surface::cases() as $surface) {
            $ball = RollingBall::groundBall(Speed::ofMph(70), $surface, -21);
            $bunt = RollingBall::bunt(Speed::ofMph(22), $surface, 30);
            $rolls = [
                $ball->secondsTo(60),
                $ball->secondsTo(900),
                $ball->distanceAfter(2.2),
                $ball->speedAfter(1.1),
                $ball->at(1.5),
            ];
            yield "rolling/$surface->value" => [
                $ball,
                $bunt,
                $rolls,
                $bunt->restDistance(),
                $bunt->restPoint(),
                $ball->speedAfter(99),
            ];
            yield "to rest/$surface->value" => RollingBall::buntSpeedToRestAt(33, $surface)->mph();
            foreach ([[-30, 110], [40, 118], [-2, 50], [-70, 75]] as [$x, $y]) {
                $met = Intercept::of(Point::of($x, $y), $legs->at(0.85), 0.3, 3.0, $ball);
                yield "intercept/$surface->value/$x/$y" => [
                    $met,
                    Intercept::of(Point::of($x, $y), $legs, 0.2, 3.0, $bunt),
                ];
            }
        }
        foreach ([-0.3, -0.05, 0.0, 0.1, 0.16, 0.4] as $margin) {
            yield "out/$margin" => [
                OutChance::ofMargin($margin, 0.08),
                OutChance::ofMargin($margin, OutChance::spread(0.08, 0.2)),
                OutChance::ofMargin($margin, OutChance::spread(0.1, 0.3, true)),
            ];
        }
        foreach ([5.0, 20.0, 31.0, 45.0, 52.0, 60.0, 95.0, 140.0] as $feet) {
            yield "given/$feet" => [
                Giving::speed($feet, Speed::ofMph(72))->mph(),
                Throws::of(Ball::Baseball)->given($feet, Speed::ofMph(72)),
                Throws::of(Ball::Softball12)->given($feet, Speed::ofMph(55)),
            ];
            foreach (Base::cases() as $base) {
                yield "caught/$feet/$base->name" => [
                    Giving::caught($feet, Giving::reach($base), 0.9, 1.5),
                    Giving::caught($feet, Giving::reach($base), 1.9, 3.0, 0.6),
                    Giving::caught($feet, Giving::reach($base), 0.7, 1.0, 0.0, Giving::PIVOT),
                ];
            }
        }
    }
}
