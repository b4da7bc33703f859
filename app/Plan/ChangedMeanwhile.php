<?php

declare(strict_types=1);

namespace FoxCorner\App\Plan;

use FoxCorner\Core\Alignment\KeptSpot;
use FoxCorner\Core\Plan\CoverageChoice;

/** Somebody else has changed what a page wanted to replace; nothing was overwritten. */
final class ChangedMeanwhile extends \RuntimeException
{
    /** @param mixed $part of the plan, as it is now; whoever decided it is named where the plan knows */
    public static function of(mixed $part): self
    {
        $first = \is_array($part) ? reset($part) : $part;
        $who = $first instanceof CoverageChoice || $first instanceof KeptSpot ? $first->by : 'Somebody';

        return new self(
            "$who has decided in the meantime. Look at the plan again before you change it: nothing was overwritten.",
        );
    }
}
