<?php

declare(strict_types=1);

namespace FoxCorner\App\CommandLine\Question;

use FoxCorner\App\CommandLine\Input\PlanInput;
use FoxCorner\App\CommandLine\Input\Question;
use FoxCorner\App\Shared\Json\Fields;
use FoxCorner\Core\Range\Improvement;
use FoxCorner\Core\Range\Step;
use FoxCorner\Core\Runs\CostUnit;

final readonly class ImproveQuestion implements Question
{
    public function answer(Fields $input): array
    {
        $plan = PlanInput::forAllBalls($input);
        $map = $plan->range(PlanInput::cost($plan));
        $improver = $plan->improver($map, [], (int) round(2 * $input->number('reach_paces', 2.0)));

        return ['single' => self::told($improver->single()), 'joint' => self::told($improver->joint())];
    }

    /** @return array<string, mixed>|null */
    private static function told(?Improvement $found): ?array
    {
        return null === $found
            ? null
            : [
                'steps' => array_map(
                    static fn(Step $step): array => [
                        'position' => $step->position->value,
                        'x_ft' => round($step->to->x, 2),
                        'y_ft' => round($step->to->y, 2),
                        'words' => $step->words(),
                    ],
                    $found->steps,
                ),
                'runs_saved_per_100' => CostUnit::Runs === $found->unit ? round($found->gain, 2) : null,
                'winning_points_per_100' => CostUnit::Chance === $found->unit ? round($found->gain, 3) : null,
                'outs_gained_per_100' => round($found->outs, 2),
                'opens' => $found->price?->name(),
                'opens_ft' => round($found->feet, 1),
                'undoes' => $found->undone,
                'twos_per_100' => null === $found->twos ? null : round($found->twos, 2),
                'third_scores_per_100' => null === $found->thirdScores ? null : round($found->thirdScores, 2),
                'doubles_per_100' => round($found->doubles, 2),
                'would_go_on' => $found->wouldGoOn,
            ];
    }
}
