<?php

declare(strict_types=1);

namespace FoxCorner\Tests\Core\Play;

use FoxCorner\Core\Family\Bunt\BuntKind;
use FoxCorner\Core\Family\Bunt\BuntTrial;
use FoxCorner\Core\Field\Base;
use FoxCorner\Core\Plan\Audit\PlannedPlay;
use FoxCorner\Core\Play\Choice\ThrowOption;
use FoxCorner\Core\Play\Clock\Timeline;
use FoxCorner\Core\Play\Scheme\Coverage;

/** Bunts against a coverage of the shipped ones. */
trait BuntsPlayed
{
    private static function bunt(
        PlannedPlay $plan,
        float $degrees,
        float $feet,
        BuntKind $kind = BuntKind::Sacrifice,
    ): Timeline {
        return $plan->run(BuntTrial::restingAt($feet, $degrees, $plan->plan->state->rules, $kind));
    }

    private static function option(Timeline $play, Base $base): ThrowOption
    {
        foreach ($play->options() as $option) {
            if ($option->base === $base) {
                return $option;
            }
        }
        self::fail("No throw to {$base->word()} is there.");
    }
}
