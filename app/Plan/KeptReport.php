<?php

declare(strict_types=1);

namespace FoxCorner\App\Plan;

use FoxCorner\Core\Plan\Audit\AuditedFinding;
use FoxCorner\Core\Plan\Audit\CoverageReport;
use FoxCorner\Core\Play\Contract\OffenceLine;
use FoxCorner\Core\Play\Scheme\Coverage;

/** A report as it is kept: without the coverage, which whoever asks has in hand, and which is most of its length. */
final readonly class KeptReport
{
    /**
     * @param list<AuditedFinding>           $findings
     * @param list<AuditedFinding>           $prices
     * @param array<int, array<string, int>> $skills
     * @param array<string, float>           $costs
     * @param list<OffenceLine>              $offence
     */
    private function __construct(
        private array $findings,
        private array $prices,
        private float $outs,
        private float $leadOutShare,
        private array $skills,
        private array $costs,
        private array $offence,
        private int $plays,
    ) {}

    public static function of(CoverageReport $report): self
    {
        return new self(
            $report->findings,
            $report->prices,
            $report->outs,
            $report->leadOutShare,
            $report->skills,
            $report->costs,
            $report->offence,
            $report->plays,
        );
    }

    public function on(Coverage $coverage): CoverageReport
    {
        return new CoverageReport(
            $coverage,
            $this->findings,
            $this->prices,
            $this->outs,
            $this->leadOutShare,
            $this->skills,
            $this->costs,
            $this->offence,
            $this->plays,
        );
    }
}
