<?php

declare(strict_types=1);

namespace FoxCorner\App\Plays\GroundBall;

use FoxCorner\Core\Family\GroundBall\FeedChoice;
use FoxCorner\Core\Family\GroundBall\Feeder;
use FoxCorner\Core\Family\GroundBall\Feeds;
use FoxCorner\Core\Field\Base;
use FoxCorner\Core\Field\Point;
use FoxCorner\Core\People\Position;
use FoxCorner\Core\Plan\Audit\PlannedPlay;

/** The feeds to second that a fielder of the plan has from a spot. */
final class FeedsShown
{
    /** @return list<FeedChoice> the best first */
    public static function of(PlannedPlay $play, Position $by, float $x, float $y): array
    {
        $plan = $play->plan;

        return (new Feeds(
            Feeder::of($plan->cast->at($by)),
            Point::of($x, $y),
            Base::Second,
            $plan->state->rules,
            $plan->level,
        ))->all();
    }
}
