<?php

declare(strict_types=1);

namespace FoxCorner\App\CommandLine\Question;

use FoxCorner\App\CommandLine\Input\PlanInput;
use FoxCorner\App\CommandLine\Input\Question;
use FoxCorner\App\Shared\Json\Fields;
use FoxCorner\Core\Range\Hole;
use FoxCorner\Core\Runs\CostUnit;

final readonly class RangeQuestion implements Question
{
    public function answer(Fields $input): array
    {
        $plan = PlanInput::forAllBalls($input);
        $summary = $plan->range(PlanInput::cost($plan))->summary;

        return [
            'outs_per_ball' => round($summary->outsPerBall, 4),
            'two_per_ball' => null === $summary->twoPerBall ? null : round($summary->twoPerBall, 4),
            'third_scores' => null === $summary->thirdScores ? null : round($summary->thirdScores, 4),
            'lead_only_per_ball' => round($summary->lead, 4),
            'error_per_ball' => round($summary->error, 4),
            'beaten_out_per_ball' => round($summary->hit, 4),
            'through_per_ball' => round($summary->past, 4),
            'doubles_per_ball' => round($summary->doubles, 4),
            'runs_per_ball' => CostUnit::Runs === $summary->unit ? round($summary->cost, 4) : null,
            'losing_chance_per_ball' => CostUnit::Chance === $summary->unit ? round($summary->cost, 4) : null,
            'holes' => array_map(
                static fn(Hole $hole): array => [
                    'name' => $hole->name(),
                    'from_deg' => $hole->fromDegrees,
                    'to_deg' => $hole->toDegrees,
                    'width_ft' => round($hole->feet, 1),
                    'through_per_100' => round($hole->through, 2),
                ],
                $summary->holes,
            ),
            'out_chance_by_deg' => array_map(
                static fn(float $degrees, float $chance): array => [$degrees, round($chance, 4)],
                $summary->sprays,
                $summary->outChance,
            ),
        ];
    }
}
