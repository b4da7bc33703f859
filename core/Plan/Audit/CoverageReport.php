<?php

declare(strict_types=1);

namespace FoxCorner\Core\Plan\Audit;

use FoxCorner\Core\Play\Check\Finding;
use FoxCorner\Core\Play\Scheme\Coverage;

/** What a coverage is worth against the balls that it was tried on. */
final readonly class CoverageReport
{
    /**
     * @param list<AuditedFinding>           $findings     worst first
     * @param float                          $outs         of a ball, 0 to 1
     * @param float                          $leadOutShare of the balls, 0 to 1, on which the lead out is called
     * @param array<string, float>           $costs        of an average ball by the policy's value; empty when nothing
     *                                                     was asked of cost
     * @param array<int, array<string, int>> $skills       how often each position needs each skill, by number
     */
    public function __construct(
        public Coverage $coverage,
        public array $findings,
        public float $outs,
        public float $leadOutShare,
        public array $skills,
        public array $costs = [],
    ) {}

    /** Whether this coverage has the same fault of the same fielder at the same bag. */
    public function has(Finding $finding): bool
    {
        foreach ($this->findings as $audited) {
            if ($audited->worst->identity() === $finding->identity()) {
                return true;
            }
        }

        return false;
    }
}
