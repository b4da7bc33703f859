<?php

declare(strict_types=1);

namespace FoxCorner\Core\Practice\Drill;

use FoxCorner\Core\Practice\Drill;
use FoxCorner\Core\Practice\DrillPlace;

/** Outfielders start with the bunt and are deep enough behind the bag when the throw gets away. */
final readonly class BehindTheBag implements ShippedDrill
{
    public function drill(): Drill
    {
        return new Drill(
            'behind-the-bag', 'Behind the bag', 'Back up',
            'Start with the bunt, be twenty feet behind the bag in line with the throw.',
            [7 => ['back-up-third'], 8 => ['back-up-second'], 9 => ['back-up-first']],
            new DrillPlace([0.95, 1.75], 0.34),
            2, 6, 2, 24, 1, 1, ['cone' => 2],
            ['A cone stands for the bag; outfielders start at their depth.', 'On “bunt” they run; the helper throws past the cone.', 'Stop it, look for the next runner, firm throw to the other cone.'],
            ['In line with the throw, not with the bag.', 'Deep enough to react: eight paces.'],
            ['Two never chase the same ball: the one in front calls.'],
        );
    }
}
