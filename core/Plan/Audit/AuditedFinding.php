<?php

declare(strict_types=1);

namespace FoxCorner\Core\Plan\Audit;

use FoxCorner\Core\Play\Check\Finding;

/** The worst case of a fault, and on how many of the balls that were tried it shows. */
final readonly class AuditedFinding
{
    /** @param string $many what was tried, as in "bunts" */
    public function __construct(public Finding $worst, public int $balls, public int $tried, public string $many) {}

    /** Larger is worse: how bad, times how often. */
    public function rank(): float
    {
        return ($this->worst->weight * $this->balls) / $this->tried;
    }
}
