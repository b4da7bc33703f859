<?php

declare(strict_types=1);

namespace FoxCorner\App\Today;

use FoxCorner\Core\Game\Situation;
use FoxCorner\Core\Plan\AuditedFinding;
use FoxCorner\Core\Plan\Finding;

/** A finding with the place in the plan where it shows first. */
final readonly class OpenFinding
{
    /**
     * @param float               $rank     larger is worse
     * @param AuditedFinding|null $bunts    on how many bunts it shows, where it is a coverage's
     * @param string|null         $coverage by name
     */
    public function __construct(public Finding $finding, public float $rank, public ?AuditedFinding $bunts, public Situation $situation, public ?string $coverage)
    {
    }
}
