<?php

declare(strict_types=1);

namespace FoxCorner\Core\Practice\Drill;

use FoxCorner\Core\Practice\Drill;
use FoxCorner\Core\Practice\DrillPlace;

/** Everybody who fields bunts: charge, set the feet, throw where the catcher calls. */
final readonly class ChargeAndThrow implements ShippedDrill
{
    public function drill(): Drill
    {
        return new Drill(
            'charge-and-throw', 'Charge and throw', 'Charge',
            'Field a bunt on the move and throw to the base that is called.',
            [1 => ['field', 'converge', 'cover-home'], 2 => ['field', 'cover-home'], 3 => ['field', 'converge'], 5 => ['field', 'converge']],
            new DrillPlace([0.0, 0.42], 0.30, [[0.1, 0.42, 0.707, 0.707]]),
            2, 6, 2, 24, 1, 1, ['bucket of balls' => 1],
            ['Fielders at bunt depth, the helper rolls from the plate, left, right and middle in turn.', 'The catcher calls the base before the ball is picked up; everybody repeats it.', 'Throw to first; the receiver drops the ball in a bucket.'],
            ['Ball dead: bare hand. Rolling: glove.', 'Plant the throwing-side foot, no extra step.', 'Whoever does not field it clears the lane.'],
            ['Two who charge one ball call early; the one who calls takes it.'],
        );
    }
}
