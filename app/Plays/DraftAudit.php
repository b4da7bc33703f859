<?php

declare(strict_types=1);

namespace FoxCorner\App\Plays;

use FoxCorner\Core\Plan\Audit\CoverageReport;

/** What a coverage that is being drawn up would be worth. */
final readonly class DraftAudit
{
    /**
     * @param CoverageReport|null $report  null while it has no name, or nobody fields
     * @param CoverageReport|null $usual   the one that is played now, to compare with
     * @param DraftPicture|null   $picture null while it has no name
     */
    public function __construct(
        public ?CoverageReport $report,
        public ?CoverageReport $usual,
        public bool $nobodyFields,
        public ?DraftPicture $picture,
    ) {}

    /** What it comes to, in a few words. */
    public function title(): string
    {
        return match (true) {
            $this->nobodyFields => 'Nobody fields yet',
            null === $this->report => 'It has no name yet',
            [] === $this->report->findings => 'Nothing is late, and nobody stands still',
            default => $this->report->findings[0]->worst->title,
        };
    }
}
