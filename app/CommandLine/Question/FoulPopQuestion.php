<?php

declare(strict_types=1);

namespace FoxCorner\App\CommandLine\Question;

use FoxCorner\App\CommandLine\Input\PlanInput;
use FoxCorner\App\CommandLine\Input\Question;
use FoxCorner\App\Shared\Json\Fields;
use FoxCorner\Core\Field\Point;
use FoxCorner\Core\People\Position;
use FoxCorner\Core\Plan\FoulPop;
use FoxCorner\Core\Problem\Refused;
use FoxCorner\Core\Runs\CostUnit;

/** A foul pop near the infield: whose it is, and whether the lead runner goes after the catch. */
final readonly class FoulPopQuestion implements Question
{
    public function answer(Fields $input): array
    {
        $plan = PlanInput::read($input);
        $at = $input->within('at');
        $point = Point::of($at->number('x_ft'), $at->number('y_ft'));
        if (!$point->isFoul()) {
            throw Refused::because(
                'at',
                'that is fair',
                'a place beyond a foul line, or behind the plate (y_ft below 0)',
            );
        }
        $cost = PlanInput::cost($plan);
        $pop = FoulPop::at($point, $input->number('hang_s', FoulPop::HANGS), $plan, $cost);

        return [
            'by' => $pop->by->value,
            'there' => Position::numbers($pop->spot->there),
            'may_meet' => Position::numbers($pop->spot->sharing),
            'caught_chance' => round($pop->caught, 4),
            'runner' => null === $pop->runner ? null : 'R' . $pop->runner->base->value,
            'runner_s' => is_finite($pop->runs) ? round($pop->runs, 3) : null,
            'ball_s' => is_finite($pop->ball) ? round($pop->ball, 3) : null,
            'safe_chance' => null === $pop->runner ? null : round($pop->safe, 4),
            'needs' => null === $pop->runner ? null : round($pop->needs, 4),
            'goes' => $pop->goes(),
            'let_drop' => $pop->isLetDrop(),
            'caught_cost' => round($pop->costs, 4),
            'dropped_cost' => round($pop->drops, 4),
            'cost_unit' => CostUnit::Runs === $cost->unit ? 'runs' : 'chance to lose',
        ];
    }
}
