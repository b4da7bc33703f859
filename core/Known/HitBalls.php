<?php

declare(strict_types=1);

namespace FoxCorner\Core\Known;

use FoxCorner\Core\Field\Point;
use FoxCorner\Core\Motion\Ball;
use FoxCorner\Core\Motion\FlyKind;
use FoxCorner\Core\Motion\HangTimes;
use FoxCorner\Core\Motion\RollingBall;
use FoxCorner\Core\Motion\Speed;
use FoxCorner\Core\Plan\SituationPlan;
use FoxCorner\Core\Play\Ball\Through;
use FoxCorner\Core\Play\Contract\PlayFamily;
use FoxCorner\Core\Play\Grid\GroundBalls;
use FoxCorner\Core\Play\Grid\Spray;
use FoxCorner\Core\Play\Scheme\Trial;
use FoxCorner\Core\Range\Fly\FlySpray;
use FoxCorner\Core\Runs\PlayCost;

/** The balls of a level's batters that get to the outfield, each with how often it is hit. */
final class HitBalls
{
    /** Of balls in play: on the ground, on a line, in the air (ours). */
    private const ON_THE_GROUND = 0.46;
    private const IN_THE_AIR = ['line' => [FlyKind::LineDrive, 0.22], 'fly' => [FlyKind::Fly, 0.32]];
    /** Of the directions every fifth, and of the speeds all. */
    private const DIRECTIONS = 5;
    /** ft and degrees between the places where balls come down. */
    private const EVERY = 20.0;
    private const DEGREES = 8.0;
    /** Of the base path: nearer balls are the infield's. */
    private const NEAREST = 1.62;
    /** ft in front of the fence from where on a ball in the air is gone. */
    private const GONE = 6.0;
    /** ft that a ball can be hit to roll. */
    private const FARTHEST = 990.0;

    /** @return list<array{float, Trial}> */
    public static function of(SituationPlan $plan, PlayFamily $family, PlayCost $cost): array
    {
        return [...self::through($plan, $family, $cost), ...self::down($plan, $family)];
    }

    /** @return list<array{float, Trial}> ground balls that nobody of the infield has */
    private static function through(SituationPlan $plan, PlayFamily $family, PlayCost $cost): array
    {
        [$rules, $level] = [$plan->state->rules, $plan->level];
        $map = $plan->range($cost);
        $balls = GroundBalls::of(Spray::of($plan->state->context), $rules, $level);
        $hits = [];
        for ($direction = 2; $direction < GroundBalls::DIRECTIONS; $direction += self::DIRECTIONS) {
            for ($speed = 0; $speed < GroundBalls::SPEEDS; ++$speed) {
                [$ball, $mph, $degrees] = $map->ball($direction, $speed);
                $weight = $balls->weights[$direction * GroundBalls::SPEEDS + $speed] * self::DIRECTIONS * $ball->past;
                $feet = RollingBall::groundBall(Speed::ofMph($mph), $rules->surface)->restDistance();
                $point = Point::polar(
                    min(self::FARTHEST, max($feet, self::NEAREST * $rules->basePath)),
                    max(-Through::OUTERMOST, min(Through::OUTERMOST, $degrees)),
                );
                $hits[] = [self::ON_THE_GROUND * $weight, self::trial($family, $point, 'ground', $plan)];
            }
        }

        return $hits;
    }

    /** @return list<array{float, Trial}> balls in the air, caught or not */
    private static function down(SituationPlan $plan, PlayFamily $family): array
    {
        [$rules, $level] = [$plan->state->rules, $plan->level];
        $spray = FlySpray::of($plan->state->context);
        $hits = [];
        foreach (self::IN_THE_AIR as $flight => [$kind, $share]) {
            $hang = HangTimes::of($kind, Ball::for($rules->sport), $level->hardHitSpeed);
            $whole = 0.0;
            $found = [];
            for ($feet = self::EVERY; $feet < $hang->farthest(); $feet += self::EVERY) {
                for ($degrees = -Through::OUTERMOST; $degrees <= Through::OUTERMOST; $degrees += self::DEGREES) {
                    $point = Point::polar($feet, $degrees);
                    $weight = $spray->weight($point, $hang->farthest()) * $feet;
                    $whole += $weight;
                    $isOut = $feet >= $rules->fence->distanceAt($degrees) - self::GONE;
                    if (!$isOut && $feet > self::NEAREST * $rules->basePath && null !== $hang->secondsTo($feet)) {
                        $found[] = [$weight, self::trial($family, $point, $flight, $plan)];
                    }
                }
            }
            foreach ($found as [$weight, $trial]) {
                $hits[] = [($share * $weight) / $whole, $trial];
            }
        }

        return $hits;
    }

    private static function trial(PlayFamily $family, Point $point, string $flight, SituationPlan $plan): Trial
    {
        return $family->trial(['x' => $point->x, 'y' => $point->y, 'flight' => $flight], $plan->scene());
    }
}
