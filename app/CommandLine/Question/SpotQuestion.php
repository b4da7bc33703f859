<?php

declare(strict_types=1);

namespace FoxCorner\App\CommandLine\Question;

use FoxCorner\App\CommandLine\Input\Question;
use FoxCorner\App\Shared\Json\Fields;
use FoxCorner\Core\Alignment\Depth\DepthSpot;
use FoxCorner\Core\Alignment\Depth\DepthTable;
use FoxCorner\Core\Alignment\Depth\NamedDepth;
use FoxCorner\Core\Field\ShippedRuleSets;
use FoxCorner\Core\People\Position;

final readonly class SpotQuestion implements Question
{
    public function answer(Fields $input): array
    {
        $rules = ShippedRuleSets::get($input->text('rule_set'));
        $position = Position::ofNumber((int) $input->number('position'));
        $fractions = DepthTable::shipped($rules)->infield($position, NamedDepth::from($input->text('depth')));
        $spot = DepthSpot::of(
            $position,
            $fractions->off * $rules->basePath,
            $fractions->back * $rules->basePath,
            $rules->diamond(),
        );

        return [
            'off_ft' => round($spot->off, 2),
            'back_ft' => round($spot->back, 2),
            'x_ft' => round($spot->point()->x, 2),
            'y_ft' => round($spot->point()->y, 2),
            'paces' => $spot->inPaces($input->number('pace_ft', 2.5)),
        ];
    }
}
