<?php

declare(strict_types=1);

namespace FoxCorner\Core\Plan\Audit;

/** A play of the plan with what its coverage is worth. */
final readonly class AuditedPlay
{
    public function __construct(public PlannedPlay $play, public CoverageReport $report) {}

    /** What was found without names, with those of the nine who play it. */
    public function named(): self
    {
        return new self($this->play, $this->report->named($this->play->plan->lineup));
    }
}
