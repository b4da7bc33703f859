<?php

declare(strict_types=1);

namespace FoxCorner\Core\Alignment\Rule;

use FoxCorner\Core\Alignment\NamedDepth;
use FoxCorner\Core\Field\Base;
use FoxCorner\Core\Game\GameState;
use FoxCorner\Core\People\PositionGroup;

/** The run on third decides the game: everybody in front of the base line. */
final readonly class InfieldIn implements DepthRule
{
    public function rulings(GameState $state): array
    {
        if (!$state->situation->bases->has(Base::Third) || !$state->hasFewerThanTwoOuts() || !$state->isLate() || !$state->context->isClose()) {
            return [];
        }
        $reason = 'Late, and the run on third decides: it must not score on the ground.';

        return [
            new Ruling([...PositionGroup::Middle->positions(), ...PositionGroup::Corners->positions()], NamedDepth::In, $reason),
            new Ruling(PositionGroup::Outfield->positions(), NamedDepth::Shallow, $reason),
        ];
    }
}
