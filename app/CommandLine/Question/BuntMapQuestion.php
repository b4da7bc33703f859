<?php

declare(strict_types=1);

namespace FoxCorner\App\CommandLine\Question;

use FoxCorner\App\CommandLine\Input\PlanInput;
use FoxCorner\App\CommandLine\Input\Question;
use FoxCorner\App\Shared\Json\Fields;
use FoxCorner\Core\Family\Bunt\BuntFamily;
use FoxCorner\Core\Play\Map\MapOutcome;
use FoxCorner\Core\Play\Map\MapSpot;

/** Where a bunt beats a coverage. */
final readonly class BuntMapQuestion implements Question
{
    public function answer(Fields $input): array
    {
        $play = PlanInput::play($input, new BuntFamily());
        $coverage = $play->coverage ?? throw new \LogicException('A covered play has a coverage.');
        $cost = PlanInput::cost($play->plan);
        $map = $play->map($coverage, $cost) ?? throw new \LogicException('Bunts are mapped.');
        $shares = [];
        foreach (MapOutcome::cases() as $outcome) {
            $shares[$outcome->value] = round($map->share($outcome), 4);
        }

        return [
            'coverage' => $coverage->key,
            'shares' => $shares,
            $cost->unit->costName() => round($map->cost() ?? 0.0, 4),
            'worst' => self::spot($map->worst()),
            'spots' => array_map(self::spot(...), $map->spots),
        ];
    }

    /** @return array<string, mixed> */
    private static function spot(MapSpot $spot): array
    {
        return [
            'x_ft' => round($spot->at->x, 2),
            'y_ft' => round($spot->at->y, 2),
            'fielded_by' => $spot->by->value,
            'call' => $spot->called->base->word(),
            'outcome' => $spot->outcome()->value,
            'out_chance' => round($spot->called->chance, 4),
            'margin_s' => is_finite($spot->called->margin()) ? round($spot->called->margin(), 3) : null,
        ];
    }
}
