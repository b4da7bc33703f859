<?php

declare(strict_types=1);

namespace FoxCorner\Core\Practice\Drill;

use FoxCorner\Core\Practice\Drill;

/** A drill that comes with the program. */
interface ShippedDrill
{
    public function drill(): Drill;
}
