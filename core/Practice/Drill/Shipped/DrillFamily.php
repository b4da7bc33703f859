<?php

declare(strict_types=1);

namespace FoxCorner\Core\Practice\Drill\Shipped;

use FoxCorner\Core\Practice\Drill\Drill;

/** Drills that come with the program and belong together. */
interface DrillFamily
{
    /** @return list<Drill> */
    public function drills(): array;
}
