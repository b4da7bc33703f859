<?php

declare(strict_types=1);

namespace FoxCorner\Core\Alignment\Rule;

use FoxCorner\Core\Alignment\NamedDepth;
use FoxCorner\Core\Game\GameState;
use FoxCorner\Core\People\Position;

/** Where runners lead off, somebody stands with the one on first. */
final readonly class HoldTheRunner implements DepthRule
{
    public function rulings(GameState $state): array
    {
        if (!$state->firstIsHeld()) {
            return [];
        }

        return [new Ruling([Position::FirstBase], NamedDepth::Hold, 'Runner on first may lead: hold at the corner of the bag nearest the pitcher.')];
    }
}
