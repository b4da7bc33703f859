<?php

declare(strict_types=1);

namespace FoxCorner\App\Fox\Question;

use FoxCorner\App\Fox\Input;
use FoxCorner\App\Fox\PlanInput;
use FoxCorner\App\Fox\Question;
use FoxCorner\Core\Play\Bunt\BuntOutcome;
use FoxCorner\Core\Play\Bunt\BuntSpot;

/** Where a bunt beats a coverage. */
final readonly class BuntMapQuestion implements Question
{
    public function answer(Input $input): array
    {
        $plan = PlanInput::covered($input);
        $coverage = $plan->coverage ?? throw new \LogicException('A covered plan has a coverage.');
        $map = $plan->buntMap($coverage, PlanInput::cost($plan));

        return [
            'coverage' => $coverage->key(),
            'shares' => array_combine(array_column(BuntOutcome::cases(), 'value'), array_map(static fn(BuntOutcome $outcome): float => round($map->share($outcome), 4), BuntOutcome::cases())),
            'cost_runs' => round($map->cost() ?? 0.0, 4),
            'worst' => self::spot($map->worst()),
            'spots' => array_map(self::spot(...), $map->spots),
        ];
    }

    /** @return array<string, mixed> */
    private static function spot(BuntSpot $spot): array
    {
        return [
            'x_ft' => round($spot->rest->x, 2), 'y_ft' => round($spot->rest->y, 2), 'fielded_by' => $spot->by->value, 'call' => $spot->called->base->word(), 'outcome' => $spot->outcome()->value,
            'out_chance' => round($spot->called->chance, 4), 'margin_s' => is_finite($spot->called->margin()) ? round($spot->called->margin(), 3) : null,
        ];
    }
}
