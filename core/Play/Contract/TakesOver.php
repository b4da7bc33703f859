<?php

declare(strict_types=1);

namespace FoxCorner\Core\Play\Contract;

use FoxCorner\Core\Play\Clock\CaughtBetween;
use FoxCorner\Core\Play\Scheme\Trial;

/** A family of plays that goes on where another one ended. */
interface TakesOver extends PlayFamily
{
    public function after(CaughtBetween $caught): Trial;
}
