<?php

declare(strict_types=1);

namespace FoxCorner\App\CommandLine\Question;

use FoxCorner\App\CommandLine\Input\Question;
use FoxCorner\App\CommandLine\Input\RatesInput;
use FoxCorner\App\Shared\Json\Fields;
use FoxCorner\Core\Runs\RunChain;

final readonly class RunsQuestion implements Question
{
    public function answer(Fields $input): array
    {
        $chain = RunChain::of(RatesInput::read($input), RatesInput::advancement($input));
        $expected = $scoring = [];
        foreach (RunChain::situations() as $situation) {
            $expected[$situation->bases->value][] = round($chain->expectedRuns($situation), 4);
            $scoring[$situation->bases->value][] = round($chain->scoringChance($situation), 4);
        }

        return ['expected_runs' => $expected, 'scoring_chance' => $scoring];
    }
}
