<?php

declare(strict_types=1);

namespace FoxCorner\App\Plays;

use FoxCorner\Core\Plan\Audit\CoverageReport;

/** What a coverage that is being drawn up would be worth. */
final readonly class DraftAudit
{
    /**
     * @param CoverageReport|null $report null while it has no name, or nobody fields
     * @param CoverageReport|null $usual  the one that is played now, to compare with
     */
    public function __construct(
        public ?CoverageReport $report,
        public ?CoverageReport $usual,
        public bool $nobodyFields,
    ) {}
}
