<?php

declare(strict_types=1);

namespace FoxCorner\Core\Practice\Drill;

use FoxCorner\Core\Practice\Drill;
use FoxCorner\Core\Practice\DrillPlace;

/** Second and first base reach first and give a target before the throw is made. */
final readonly class CoverFirstOnTheRun implements ShippedDrill
{
    public function drill(): Drill
    {
        return new Drill(
            'cover-first-on-the-run', 'Cover first on the run', 'Cover first',
            'Reach first before the throw, find the bag with a foot, show a target.',
            [3 => ['cover-first'], 4 => ['cover-first']],
            new DrillPlace([0.72, 0.72], 0.20),
            1, 4, 1, 16, 0, 1, ['bag' => 1],
            ['Start from the double-play depth, go on the helper’s clap.', 'Left foot finds the inside of the bag, chest to the ball, target shown.', 'The helper throws from the bunt side, firm, then off the line.'],
            ['Sprint first, short steps at the end.', 'Leave the spot for a throw up the line: first job is to keep the ball.'],
            ['Stay on the inside edge: the runner has the other one.'],
        );
    }
}
