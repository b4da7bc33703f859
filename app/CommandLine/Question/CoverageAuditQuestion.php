<?php

declare(strict_types=1);

namespace FoxCorner\App\CommandLine\Question;

use FoxCorner\App\CommandLine\Input\PlanInput;
use FoxCorner\App\CommandLine\Input\Question;
use FoxCorner\App\Shared\Json\Fields;
use FoxCorner\Core\Family\Bunt\BuntFamily;
use FoxCorner\Core\Plan\Audit\AuditedFinding;
use FoxCorner\Core\Play\Contract\FamilyWords;
use FoxCorner\Core\Play\Contract\OffenceLine;
use FoxCorner\Core\Play\Contract\PlayFamilies;

/** What a coverage is worth over its family's sample, and what is wrong with it. */
final readonly class CoverageAuditQuestion implements Question
{
    public function __construct(private PlayFamilies $families) {}

    public function answer(Fields $input): array
    {
        $play = PlanInput::play($input, $this->families->get($input->text('family', BuntFamily::KEY)));
        $cost = PlanInput::cost($play->plan);
        $report = $play->report($cost);
        $words = $play->family->words();
        $finding = static fn(AuditedFinding $one): array => self::finding($one, $words);

        return [
            'coverage' => $report->coverage->key,
            'family' => $play->family->key(),
            'outs_per_' . $words->slug() => round($report->outs, 4),
            'lead_out_share' => round($report->leadOutShare, 4),
            $cost->unit->costName() . '_by_policy' => array_map(
                static fn(float $cost): float => round($cost, 4),
                $report->costs,
            ),
            'offence' => array_map(
                static fn(OffenceLine $line): array => [
                    'label' => $line->label,
                    'share' => round($line->share, 4),
                    'cost_by_policy' => array_map(static fn(float $cost): float => round($cost, 4), $line->costs),
                ],
                $report->offence,
            ),
            'findings' => array_map($finding, $report->findings),
            'price' => array_map($finding, $report->prices),
        ];
    }

    /** @return array<string, mixed> */
    private static function finding(AuditedFinding $finding, FamilyWords $words): array
    {
        return [
            'kind' => $finding->worst->kind,
            'title' => $finding->worst->title,
            'measure' => $finding->worst->measure,
            'mend' => $finding->mendWords(),
            $words->slugOfMany() => $finding->balls,
            'of' => $finding->tried,
        ];
    }
}
