<?php

declare(strict_types=1);

namespace FoxCorner\Core\Alignment\Rule;

use FoxCorner\Core\Alignment\NamedDepth;
use FoxCorner\Core\Game\GameState;
use FoxCorner\Core\People\Position;

/** Everybody at the depth with the most range, until something speaks for another. */
final readonly class NormalDepth implements DepthRule
{
    public function rulings(GameState $state): array
    {
        return [new Ruling(Position::cases(), NamedDepth::Normal, 'Nothing to be early for: most range.')];
    }
}
