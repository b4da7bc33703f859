<?php

declare(strict_types=1);

namespace FoxCorner\Core\Practice\Drill;

use FoxCorner\Core\Practice\Drill;
use FoxCorner\Core\Practice\DrillPlace;

/** Third base charges, reads, and is back at the bag; catcher and shortstop learn the way there. */
final readonly class TurnBackToThird implements ShippedDrill
{
    public function drill(): Drill
    {
        return new Drill(
            'turn-back-to-third', 'Turn back to third', 'Turn back',
            'Be at third before the runner when the ball turns out to be another’s.',
            [2 => ['cover-third'], 5 => ['turn-back-third'], 6 => ['cover-third'], 7 => ['back-up-third']],
            new DrillPlace([-0.66, 0.62], 0.20),
            2, 5, 1, 15, 0, 1, ['bag' => 1],
            ['The helper rolls a bunt and points to who has it.', 'Not yours: turn inside, eyes on the ball, straight to the bag.', 'Take a soft toss at the bag, tag down and up.'],
            ['Count the steps back: the same every time.', 'At the bag early rather than on time.'],
            ['One runs at a time; the next waits in foul ground.'],
        );
    }
}
