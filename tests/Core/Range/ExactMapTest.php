<?php

declare(strict_types=1);

namespace FoxCorner\Tests\Core\Range;

use FoxCorner\Core\Field\Base;
use FoxCorner\Core\Field\Point;
use FoxCorner\Core\Known\LevelFigures;
use FoxCorner\Core\Level\Level;
use FoxCorner\Core\Motion\Ball;
use FoxCorner\Core\Motion\RollingBall;
use FoxCorner\Core\Motion\Throws;
use FoxCorner\Core\People\Position;
use FoxCorner\Core\Plan\SituationPlan;
use FoxCorner\Core\Play\Cast\BatterRunner;
use FoxCorner\Core\Play\Cast\CastMember;
use FoxCorner\Core\Play\Grid\GroundBalls;
use FoxCorner\Core\Play\Grid\Spray;
use FoxCorner\Tests\Core\Teams;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/**
 * The map against a plain reckoning of the same model, ball by ball, foot by foot and without tables: what the nine get
 * with nobody on when nothing is misplayed and every throw is true.
 */
final class ExactMapTest extends TestCase
{
    /** ft between two points of the ball's way that are tried. */
    private const FINE = 0.5;

    #[TestWith([Level::Pro])]
    #[TestWith([Level::Youth10])]
    #[TestWith([Level::FastpitchCollege])]
    public function testTheMapAgreesWithAPlainReckoning(Level $level): void
    {
        $plan = (new LevelFigures($level))->plan('none-0');
        $perfect = SituationPlan::of(
            $plan->state,
            $plan->level->skilled($plan->level->skills->perfect()),
            $plan->lineup,
            \FoxCorner\Core\Plan\PlanBook::shipped($plan->state->rules),
        );
        $map = $perfect->range(Teams::cost($level))->summary;
        $balls = GroundBalls::of(Spray::of($plan->state->context), $plan->state->rules, $plan->level);
        $outs = 0.0;
        foreach ($balls->sprays as $direction => $degrees) {
            $weighed = $whole = 0.0;
            foreach ($balls->ways as $speed => $way) {
                $weight = $balls->weights[$direction * GroundBalls::SPEEDS + $speed];
                $out = self::best($perfect, $way->ball, $degrees);
                $outs += $weight * $out;
                $whole += $weight;
                $weighed += $weight * $out;
            }
            self::assertEqualsWithDelta($weighed / $whole, $map->outChance[$direction], 0.08, "at {$degrees}°");
        }
        self::assertEqualsWithDelta($outs, $map->outsPerBall, 0.005);
    }

    private static function best(SituationPlan $plan, RollingBall $ball, float $degrees): float
    {
        $best = 0.0;
        foreach ([1, 2, 3, 4, 5, 6] as $number) {
            $who = $plan->cast->at(Position::from($number));
            for ($feet = 5.0; $feet < 190.0; $feet += $ball->restDistance() - $feet < 3.0 ? 0.05 : self::FINE) {
                $best = max($best, self::out($plan, $who, $ball, min($feet, $ball->restDistance()), $degrees));
                if ($feet >= $ball->restDistance()) {
                    break;
                }
            }
        }

        return $best;
    }

    private static function out(
        SituationPlan $plan,
        CastMember $who,
        RollingBall $ball,
        float $feet,
        float $degrees,
    ): float {
        $skills = $plan->level->skills;
        $at = Point::polar($feet, $degrees);
        $lies = $feet >= $ball->restDistance();
        $reaction = match ($who->position) {
            Position::Pitcher => $skills->reaction + 0.45,
            Position::Catcher => $skills->reaction + 0.2,
            default => $skills->reaction,
        };
        $run = max(0.0, $who->start->distanceTo($at) - 3.0);
        // The first foot is leaned for.
        $runs = $who->legs->secondsFor(max(1.0, $run)) * min(1.0, $run);
        $there = $reaction + $runs;
        $ballThere = $ball->secondsTo($feet - 1e-9) ?? 0.0;
        $seconds = $lies ? max($ballThere, $there) : $ballThere;
        $spare = $seconds - $there;
        if ($spare < -0.3) {
            return 0.0;
        }
        $first = $plan->state->rules->diamond()->at(Base::First);
        $far = $at->distanceTo($first);
        $exchange = Position::Catcher === $who->position ? (0.8 * $skills->exchange) / 0.75 : $skills->exchange;
        // From 18 ft/s to 12 more and more balls are picked up in one move, from 50 ft to 40 more and more are fed.
        if (Position::Catcher !== $who->position) {
            $exchange *= 1 - 0.13 * min(1.0, max(0.0, (18.0 - $ball->speedAfter($ballThere)) / 6.0));
        }
        $exchange += 2.5 * max(0.0, -$spare);
        $exchange *= 1 - 0.08 * min(1.0, max(0.0, (50.0 - $far) / 10.0));
        $moving =
            $who->legs->shareAfter($who->legs->secondsFor(max(1.0, $run))) *
            min(1.0, $run) *
            (1 - min(1.0, max(0.0, $spare) / 0.5));
        $way = [$at->x - $who->start->x, $at->y - $who->start->y];
        $target = [$first->x - $at->x, $first->y - $at->y];
        $cosine = ($way[0] * $target[0] + $way[1] * $target[1]) / max(1e-9, hypot(...$way) * hypot(...$target));
        // A right-hander whose target is on his right, third's side, must turn around himself; to first hardly anybody.
        $toRight = max(0.0, -$target[0] / max(1e-9, $far)) * min(1.0, max(0.0, $far - 20.0) / 40.0);
        $thrown =
            $seconds +
            $exchange +
            (0.6 * $moving * (1 - $cosine)) / 2 +
            0.1 * $toRight +
            Throws::of(Ball::for($plan->state->rules->sport))->given($far, $who->arm);
        $arrives = max($thrown, self::cover($plan, $who->position));
        if ($far < 75.0) {
            $arrives = min($arrives, $seconds + $who->legs->secondsFor($far));
        }
        $batter = BatterRunner::of($plan->state->context->batter, $plan->state->rules, $plan->level)->secondsFor(
            $plan->state->rules->basePath,
        );
        $spread = hypot(0.08, 0.55 * $plan->level->scatter);

        return 1 / (1 + exp(($arrives - $batter) / $spread));
    }

    private static function cover(SituationPlan $plan, Position $fielder): float
    {
        $first = $plan->state->rules->diamond()->at(Base::First);
        $soonest = \INF;
        $sent = match ($fielder) {
            Position::FirstBase => [1, 4],
            Position::SecondBase => [3, 1],
            default => [3, 4],
        };
        foreach ($sent as $number) {
            $who = $plan->cast->at(Position::from($number));
            $soonest = min($soonest, $who->reaction + $who->legs->secondsFor($who->start->distanceTo($first)));
        }

        return $soonest;
    }
}
