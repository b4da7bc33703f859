<?php

declare(strict_types=1);

namespace FoxCorner\App\Fox\Question;

use FoxCorner\App\Fox\Input;
use FoxCorner\App\Fox\PlanInput;
use FoxCorner\App\Fox\Question;
use FoxCorner\Core\Range\BestMove;

final readonly class ImproveQuestion implements Question
{
    public function answer(Input $input): array
    {
        $plan = PlanInput::read($input);
        $move = BestMove::of($plan->range(), $plan->cast, $plan->state->rules->diamond());

        return ['move' => null === $move ? null : [
            'position' => $move->position->value, 'x_ft' => round($move->to->x, 2), 'y_ft' => round($move->to->y, 2), 'words' => $move->words,
            'outs_gained_per_100' => round($move->gain, 2), 'opens' => $move->price?->name(), 'opens_ft' => round($move->priceFeet, 1),
        ]];
    }
}
