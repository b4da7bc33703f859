<?php

declare(strict_types=1);

namespace FoxCorner\Tests\Core\Play;

use FoxCorner\Core\Family\GroundBall\GroundBallPlay;
use FoxCorner\Core\Family\GroundBall\GroundBallTrial;
use FoxCorner\Core\Family\GroundBall\GroundCoverages;
use FoxCorner\Core\Family\GroundBall\GroundDefence;
use FoxCorner\Core\Field\Base;
use FoxCorner\Core\Known\LevelFigures;
use FoxCorner\Core\Level\Level;
use FoxCorner\Core\Plan\SituationPlan;
use FoxCorner\Core\Play\Choice\OutPolicy;
use FoxCorner\Core\Play\Clock\Timeline;
use FoxCorner\Core\Play\Scene\Scene;
use FoxCorner\Core\Runs\PlayCost;
use FoxCorner\Core\Runs\RunChain;
use FoxCorner\Core\Runs\WinTable;
use FoxCorner\Tests\Core\Teams;

/** Ground balls against a defence. */
trait GroundBallsHit
{
    /** @return list<Base> */
    private static function bags(Timeline $timeline): array
    {
        return array_map(static fn($leg): Base => $leg->made->base, $timeline->legs);
    }

    private static function play(
        Level $level,
        string $situation,
        float $degrees,
        float $mph,
        OutPolicy $policy = OutPolicy::Numbers,
        int $inning = 3,
    ): GroundBallPlay {
        $plan = (new LevelFigures($level))->plan($situation);
        if (3 !== $inning) {
            $state = Teams::state($level->usualRules(), $situation, $inning);
            $plan = Teams::plan($state, $level);
        }

        return self::of($plan, $degrees, $mph, $policy, $level);
    }

    private static function of(
        SituationPlan $plan,
        float $degrees,
        float $mph,
        OutPolicy $policy,
        Level $level = Level::Pro,
    ): GroundBallPlay {
        return self::ball($plan, GroundBallTrial::hit($degrees, $mph, $plan->state->rules), $policy, $level);
    }

    private static function ball(
        SituationPlan $plan,
        GroundBallTrial $trial,
        OutPolicy $policy = OutPolicy::Numbers,
        Level $level = Level::HighSchool,
    ): GroundBallPlay {
        return GroundDefence::of(
            self::scene($plan, $policy, $level),
            GroundCoverages::for($plan->state->situation->bases, $plan->state->rules->sport)[0],
        )->play($trial);
    }

    private static function scene(SituationPlan $plan, OutPolicy $policy, Level $level = Level::HighSchool): Scene
    {
        $context = $plan->state->context;
        $cost = PlayCost::isInChance($context, $plan->state->rules->innings)
            ? PlayCost::inChance(WinTable::of(RunChain::of($level->rates()), $plan->state->rules->innings), $context)
            : Teams::cost($level);

        return $plan->scene($cost)->wanting($policy);
    }
}
