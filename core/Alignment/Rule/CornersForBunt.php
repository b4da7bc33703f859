<?php

declare(strict_types=1);

namespace FoxCorner\Core\Alignment\Rule;

use FoxCorner\Core\Alignment\BuntOutlook;
use FoxCorner\Core\Alignment\NamedDepth;
use FoxCorner\Core\Game\GameState;
use FoxCorner\Core\People\Position;

/** A bunt is likely: the corners come in, though a first baseman who holds stays with the runner. */
final readonly class CornersForBunt implements DepthRule
{
    public function rulings(GameState $state): array
    {
        $outlook = BuntOutlook::of($state);
        if (!$outlook->isLikely()) {
            return [];
        }
        $corners = $state->firstIsHeld() ? [Position::ThirdBase] : [Position::FirstBase, Position::ThirdBase];

        return [new Ruling($corners, NamedDepth::Bunt, \sprintf('A bunt is likely (%s): in.', $outlook->because()))];
    }
}
