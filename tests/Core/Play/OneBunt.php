<?php

declare(strict_types=1);

namespace FoxCorner\Tests\Core\Play;

use FoxCorner\Core\Family\Bunt\BuntTrial;
use FoxCorner\Core\Field\Base;
use FoxCorner\Core\Plan\Audit\PlannedPlay;
use FoxCorner\Core\Play\Clock\Timeline;

/** One bunt to the third-base side. */
trait OneBunt
{
    private static function bunt(PlannedPlay $plan, float $degrees, float $feet): Timeline
    {
        return $plan->run(BuntTrial::restingAt($feet, $degrees, $plan->plan->state->rules));
    }
}
