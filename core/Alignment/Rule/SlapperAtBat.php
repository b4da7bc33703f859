<?php

declare(strict_types=1);

namespace FoxCorner\Core\Alignment\Rule;

use FoxCorner\Core\Alignment\NamedDepth;
use FoxCorner\Core\Game\BatterType;
use FoxCorner\Core\Game\GameState;
use FoxCorner\Core\People\Position;

/** A slapper is a step from first before the ball is down. */
final readonly class SlapperAtBat implements DepthRule
{
    public function rulings(GameState $state): array
    {
        if (BatterType::Slapper !== $state->context->batter || !$state->rules->bunts) {
            return [];
        }

        return [new Ruling([Position::Shortstop], NamedDepth::Halfway, 'A slapper runs with the swing: on the base line, the throw must be short.')];
    }
}
