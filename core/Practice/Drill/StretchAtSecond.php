<?php

declare(strict_types=1);

namespace FoxCorner\Core\Practice\Drill;

use FoxCorner\Core\Practice\Drill;
use FoxCorner\Core\Practice\DrillPlace;

/** The force at second on a bunt: stretch like a first baseman, toward the thrower. */
final readonly class StretchAtSecond implements ShippedDrill
{
    public function drill(): Drill
    {
        return new Drill(
            'stretch-at-second', 'Stretch at second', 'Stretch',
            'Take the force at second from in front of the plate.',
            [4 => ['cover-second'], 6 => ['cover-second'], 8 => ['back-up-second']],
            new DrillPlace([0.0, 1.42], 0.20, [[0.0, 0.95, 0.0, 1.41]]),
            1, 5, 1, 16, 0, 1, ['bag' => 1],
            ['Start from the double-play depth on the clap.', 'Foot on the near edge, stretch on the thrower’s side; no straddling on a force.', 'Then off the bag, arm up, ready for first.'],
            ['Arrive early, wait with bent knees.', 'A wide throw: leave the bag and stop it.'],
            ['Out of the sliding lane once the ball is caught.'],
        );
    }
}
