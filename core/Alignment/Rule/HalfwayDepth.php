<?php

declare(strict_types=1);

namespace FoxCorner\Core\Alignment\Rule;

use FoxCorner\Core\Alignment\NamedDepth;
use FoxCorner\Core\Field\Base;
use FoxCorner\Core\Game\GameState;
use FoxCorner\Core\Game\Outs;
use FoxCorner\Core\People\PositionGroup;

/** A runner on third who matters, without being everything: even with the base line. */
final readonly class HalfwayDepth implements DepthRule
{
    public function rulings(GameState $state): array
    {
        $bases = $state->situation->bases;
        if (!$bases->has(Base::Third) || $bases->has(Base::First) || !$state->hasFewerThanTwoOuts() || $state->context->lead > 3) {
            return [];
        }
        $reason = Outs::None === $state->situation->outs
            ? 'Runner on third, nobody out: look the runner back, take the out.'
            : 'Runner on third, one out: home only on a ball hit hard at someone.';

        return [new Ruling([...PositionGroup::Middle->positions(), ...PositionGroup::Corners->positions()], NamedDepth::Halfway, $reason)];
    }
}
