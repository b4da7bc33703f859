<?php

declare(strict_types=1);

namespace FoxCorner\App\Fox\Question;

use FoxCorner\App\Fox\Input;
use FoxCorner\App\Fox\PlanInput;
use FoxCorner\App\Fox\Question;
use FoxCorner\Core\Plan\AuditedFinding;

/** What a coverage is worth over fifteen bunts, and what is wrong with it. */
final readonly class CoverageAuditQuestion implements Question
{
    public function answer(Input $input): array
    {
        $plan = PlanInput::covered($input);
        $report = $plan->report(PlanInput::cost($plan));

        return [
            'coverage' => $report->coverage->key(), 'outs_per_bunt' => round($report->outsPerBunt, 4), 'lead_out_share' => round($report->leadOutShare, 4),
            'cost_runs_by_policy' => array_map(static fn(float $cost): float => round($cost, 4), $report->costs),
            'findings' => array_map(static fn(AuditedFinding $finding): array => [
                'kind' => $finding->worst->kind, 'title' => $finding->worst->title, 'measure' => $finding->worst->measure, 'mend' => $finding->worst->mend, 'bunts' => $finding->balls, 'of' => $finding->tried,
            ], $report->findings),
        ];
    }
}
