<?php

declare(strict_types=1);

namespace FoxCorner\Core\Play\Fielded;

use FoxCorner\Core\Play\Clock\EventKind;
use FoxCorner\Core\Play\Clock\Leg;
use FoxCorner\Core\Play\Clock\TimelineBuilder;

/** How the moments of a ball on the ground are told once somebody has it. */
final class OnTheGround
{
    /** @param bool $isOnward it is not the first throw */
    public static function told(TimelineBuilder $drawn, Leg $leg, bool $isOnward): void
    {
        $made = $leg->made;
        $isHeld = is_finite($made->outAt);
        if (!$leg->isCarried()) {
            $words = $isOnward ? 'On to ' . $made->base->word() : 'Released';
            $drawn->moment(EventKind::Released, $made->released, $words);
        }
        $drawn->moment(
            EventKind::Arrives,
            $isHeld ? $made->outAt : $made->ballThere,
            ($made->isForce ? 'At ' : 'Tag at ') . $made->base->word(),
        );
        if ($isHeld) {
            $drawn->moment(EventKind::RunnerThere, $made->runnerThere, $leg->runner() . ' there');
        }
    }
}
