<?php

declare(strict_types=1);

namespace FoxCorner\App\CommandLine\Question;

use FoxCorner\App\CommandLine\Input\PlanInput;
use FoxCorner\App\CommandLine\Input\Question;
use FoxCorner\App\Shared\Json\Fields;
use FoxCorner\Core\Alignment\InfieldWant;
use FoxCorner\Core\Alignment\Said;
use FoxCorner\Core\Alignment\Spot;

final readonly class AlignmentQuestion implements Question
{
    public function answer(Fields $input): array
    {
        $plan = PlanInput::read($input);

        return [
            'call' => $plan->alignment->call(),
            'wants' => InfieldWant::in(
                $plan->state,
                $plan->alignment,
                $plan->level->advancement()->doublePlay,
            )->label(),
            'said' => array_map(
                static fn(Said $one): array => [
                    'by' => $one->by->value,
                    'to' => $one->to->value,
                    'words' => $one->words,
                ],
                Said::in($plan->alignment),
            ),
            'spots' => array_map(
                static fn(Spot $spot): array => [
                    'position' => $spot->position->value,
                    'x_ft' => round($spot->placement->point()->x, 2),
                    'y_ft' => round($spot->placement->point()->y, 2),
                    'depth' => $spot->depth->value,
                    'paces' => $spot->placement->inPaces($plan->lineup->at($spot->position)->traits->pace()),
                    'reason' => $spot->because(),
                ],
                $plan->alignment->spots(),
            ),
        ];
    }
}
