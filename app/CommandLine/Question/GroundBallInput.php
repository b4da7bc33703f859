<?php

declare(strict_types=1);

namespace FoxCorner\App\CommandLine\Question;

use FoxCorner\App\Shared\Json\Fields;
use FoxCorner\Core\Family\GroundBall\GroundBallPlay;
use FoxCorner\Core\Family\GroundBall\GroundBallTrial;
use FoxCorner\Core\Family\GroundBall\GroundCoverages;
use FoxCorner\Core\Family\GroundBall\GroundDefence;
use FoxCorner\Core\Family\GroundBall\Hop;
use FoxCorner\Core\Field\Surface;
use FoxCorner\Core\Plan\SituationPlan;
use FoxCorner\Core\Play\Choice\OutPolicy;
use FoxCorner\Core\Play\Scene\Scene;
use FoxCorner\Core\Play\Scheme\Coverage;
use FoxCorner\Core\Problem\Problem;
use FoxCorner\Core\Problem\Unknown;
use FoxCorner\Core\Runs\PlayCost;

/** The fields of a question that describe a ground ball and what is wanted of it. */
final class GroundBallInput
{
    /**
     * @return array{GroundBallPlay, Scene}
     *
     * @throws Problem
     */
    public static function play(Fields $input, SituationPlan $plan, PlayCost $cost): array
    {
        $scene = self::scene($input, $plan, $cost);
        $ball = $input->within('ball');
        $trial = GroundBallTrial::hit(
            $ball->number('degrees'),
            $ball->number('exit_speed_mph'),
            $plan->state->rules,
            Hop::from($ball->text('hop', Hop::True->value)),
            self::surface($ball),
        );

        return [GroundDefence::of($scene, self::coverage($input, $plan))->play($trial), $scene];
    }

    private static function scene(Fields $input, SituationPlan $plan, PlayCost $cost): Scene
    {
        $policy = OutPolicy::from($input->text('policy', OutPolicy::Numbers->value));

        return $plan->scene($cost)->wanting($policy);
    }

    /** @throws Problem */
    private static function coverage(Fields $input, SituationPlan $plan): Coverage
    {
        $coverages = array_column(
            GroundCoverages::for($plan->state->situation->bases, $plan->state->rules->sport),
            null,
            'key',
        );
        $key = $input->text('coverage', (string) array_key_first($coverages));

        return $coverages[$key] ?? throw Unknown::notOneOf('coverage', $key, array_keys($coverages));
    }

    private static function surface(Fields $ball): ?Surface
    {
        $surface = $ball->textOrNull('surface');

        return null === $surface ? null : Surface::from($surface);
    }
}
