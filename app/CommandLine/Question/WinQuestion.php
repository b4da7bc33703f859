<?php

declare(strict_types=1);

namespace FoxCorner\App\CommandLine\Question;

use FoxCorner\App\CommandLine\Input\Question;
use FoxCorner\App\CommandLine\Input\RatesInput;
use FoxCorner\App\Shared\Json\Fields;
use FoxCorner\Core\Game\Half;
use FoxCorner\Core\Game\Situation;
use FoxCorner\Core\Runs\RunChain;
use FoxCorner\Core\Runs\WinTable;

final readonly class WinQuestion implements Question
{
    public function answer(Fields $input): array
    {
        $table = WinTable::of(
            RunChain::of(RatesInput::read($input), RatesInput::advancement($input)),
            (int) $input->number('innings', 9),
            true === $input->flag('extra_runner_on_second'),
        );
        $situation = Situation::fromKey($input->text('bases', 'none') . '-' . (int) $input->number('outs'));

        return [
            'home_wins' => round(
                $table->homeWins(
                    (int) $input->number('inning'),
                    Half::from($input->text('half')),
                    (int) $input->number('home_lead'),
                    $situation,
                ),
                4,
            ),
        ];
    }
}
