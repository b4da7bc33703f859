<?php

declare(strict_types=1);

namespace FoxCorner\App\Fox\Question;

use FoxCorner\App\Fox\Input;
use FoxCorner\App\Fox\PlanInput;
use FoxCorner\App\Fox\Question;
use FoxCorner\Core\Alignment\InfieldWant;
use FoxCorner\Core\Alignment\Spot;

final readonly class AlignmentQuestion implements Question
{
    public function answer(Input $input): array
    {
        $plan = PlanInput::read($input);

        return [
            'call' => $plan->alignment->call(),
            'wants' => InfieldWant::in($plan->state, $plan->alignment)->label(),
            'spots' => array_map(static fn(Spot $spot): array => [
                'position' => $spot->position->value,
                'x_ft' => round($spot->placement->point()->x, 2),
                'y_ft' => round($spot->placement->point()->y, 2),
                'depth' => $spot->depth->value,
                'paces' => $spot->placement->inPaces($plan->lineup->at($spot->position)->traits->pace()),
                'reason' => $spot->because(),
            ], $plan->alignment->spots()),
        ];
    }
}
