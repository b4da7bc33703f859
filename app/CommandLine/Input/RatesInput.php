<?php

declare(strict_types=1);

namespace FoxCorner\App\CommandLine\Input;

use FoxCorner\App\Shared\Json\Fields;
use FoxCorner\Core\Level\Level;
use FoxCorner\Core\Problem\Problem;
use FoxCorner\Core\Runs\Advancement;
use FoxCorner\Core\Runs\EventRates;

/** The field "rates" of a question. */
final class RatesInput
{
    /** @throws Problem */
    public static function read(Fields $input): EventRates
    {
        $rates = $input->within('rates');

        return EventRates::of(
            $rates->number('walk'),
            $rates->number('single'),
            $rates->number('double'),
            $rates->number('triple'),
            $rates->number('home_run'),
            $rates->number('strikeout'),
            $rates->number('error'),
        );
    }

    /** How runners move up at the level that is asked for; without one as the professionals do. */
    public static function advancement(Fields $input): Advancement
    {
        $level = $input->textOrNull('level');

        return null === $level ? new Advancement() : Level::from($level)->profile()->advancement();
    }
}
