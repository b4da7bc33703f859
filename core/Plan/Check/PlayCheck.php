<?php

declare(strict_types=1);

namespace FoxCorner\Core\Plan\Check;

use FoxCorner\Core\Plan\Finding;
use FoxCorner\Core\Play\Timeline;

/** Looks at one play for one kind of fault. */
interface PlayCheck
{
    /** @return list<Finding> */
    public function findings(Timeline $play): array;
}
