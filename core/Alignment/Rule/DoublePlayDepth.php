<?php

declare(strict_types=1);

namespace FoxCorner\Core\Alignment\Rule;

use FoxCorner\Core\Alignment\NamedDepth;
use FoxCorner\Core\Field\Base;
use FoxCorner\Core\Game\GameState;
use FoxCorner\Core\People\PositionGroup;

/** A runner on first and fewer than two out: the middle infielders must reach second on time. */
final readonly class DoublePlayDepth implements DepthRule
{
    public function rulings(GameState $state): array
    {
        if (!$state->situation->bases->has(Base::First) || !$state->hasFewerThanTwoOuts()) {
            return [];
        }

        return [
            new Ruling(PositionGroup::Middle->positions(), NamedDepth::DoublePlay, 'Runner on first, fewer than two out: close enough to second for two.'),
            new Ruling(PositionGroup::Corners->positions(), NamedDepth::DoublePlay, 'Runner on first: a step in for the throw to second.'),
        ];
    }
}
