<?php

declare(strict_types=1);

namespace FoxCorner\App\Plays;

use FoxCorner\Core\Plan\Audit\CoverageReport;
use FoxCorner\Core\Plan\Audit\PlannedPlay;
use FoxCorner\Core\Play\Choice\OutPolicy;
use FoxCorner\Core\Play\Choice\Reasons;

/** One policy in the table of a page: what it costs above the cheapest. */
final readonly class PolicyLine
{
    private function __construct(public OutPolicy $policy, public string $price, public bool $isOn) {}

    /**
     * @param list<CoverageReport> $reports of the play's coverages
     *
     * @return list<self> for the coverage that is looked at
     */
    public static function all(PlannedPlay $play, array $reports): array
    {
        foreach ($reports as $report) {
            if ($report->coverage->key === $play->coverage?->key && [] !== $report->costs) {
                $best = min($report->costs);

                return array_map(
                    static fn(OutPolicy $policy): self => new self(
                        $policy,
                        $report->costs[$policy->value] - $best < Reasons::LEAST
                            ? 'best'
                            : \sprintf('+%.2f', $report->costs[$policy->value] - $best),
                        $policy === $play->policy,
                    ),
                    $play->family->policies(),
                );
            }
        }

        return [];
    }
}
