<?php

declare(strict_types=1);

namespace FoxCorner\App\CommandLine\Question;

use FoxCorner\App\CommandLine\Input\PlanInput;
use FoxCorner\App\CommandLine\Input\Question;
use FoxCorner\App\Shared\Json\Fields;
use FoxCorner\Core\Family\Bunt\BuntFamily;
use FoxCorner\Core\Family\Bunt\BuntKind;
use FoxCorner\Core\Family\Bunt\BuntTrial;

/** One bunt against one coverage. */
final readonly class BuntQuestion implements Question
{
    public function answer(Fields $input): array
    {
        $play = PlanInput::play($input, new BuntFamily());
        $kind = BuntKind::from($input->text('kind', BuntKind::in($play->plan->state->situation)[0]->value));
        $bunt = BuntTrial::restingAt(
            $input->number('rest_ft', 30.0),
            $input->number('degrees'),
            $play->plan->state->rules,
            $kind,
        );

        $cost = PlanInput::cost($play->plan);

        return PlayQuestion::describe($play->run($bunt, $cost), $cost->unit);
    }
}
