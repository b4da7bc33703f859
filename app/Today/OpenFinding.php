<?php

declare(strict_types=1);

namespace FoxCorner\App\Today;

use FoxCorner\Core\Game\Situation;
use FoxCorner\Core\Plan\AuditedFinding;

/** A finding with the place in the plan where it shows. */
final readonly class OpenFinding
{
    public function __construct(public AuditedFinding $finding, public Situation $situation, public string $coverage)
    {
    }
}
