<?php

declare(strict_types=1);

namespace FoxCorner\Core\Play\Check;

use FoxCorner\Core\Play\Clock\Timeline;

/** Looks at one play for one kind of fault. */
interface PlayCheck
{
    /** @return list<Finding> */
    public function findings(Timeline $play): array;
}
