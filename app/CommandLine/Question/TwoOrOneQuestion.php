<?php

declare(strict_types=1);

namespace FoxCorner\App\CommandLine\Question;

use FoxCorner\App\CommandLine\Input\PlanInput;
use FoxCorner\App\CommandLine\Input\Question;
use FoxCorner\App\Shared\Json\Fields;
use FoxCorner\Core\Family\GroundBall\TwoOrOne;
use FoxCorner\Core\Family\GroundBall\TwoOrOneCall;
use FoxCorner\Core\Play\Grid\GroundSetting;
use FoxCorner\Core\Problem\Refused;

/** When two are on for a starter: by how hard the ball is hit at him, and how fast the batter runs. */
final readonly class TwoOrOneQuestion implements Question
{
    public function answer(Fields $input): array
    {
        $plan = PlanInput::read($input);
        if (!$plan->state->doublePlayIsInOrder()) {
            throw Refused::because(
                'situation',
                'no double play is in order in ' . $plan->state->situation->key(),
                'a runner on first and fewer than two out',
            );
        }
        $setting = GroundSetting::of($plan->scene(PlanInput::cost($plan)));
        $chart = TwoOrOne::of($setting, $input->whole('starter', 6))->chart(
            array_values($input->numbers('exit_speeds_mph')),
            array_values($input->numbers('home_to_first_s')),
        );

        return [
            'calls' => array_map(static fn(array $row): array => array_column($row, 'word'), $chart),
            'two_chance' => array_map(
                static fn(array $row): array => array_map(
                    static fn(TwoOrOneCall $call): float => round($call->two, 4),
                    $row,
                ),
                $chart,
            ),
        ];
    }
}
