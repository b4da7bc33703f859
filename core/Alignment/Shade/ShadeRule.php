<?php

declare(strict_types=1);

namespace FoxCorner\Core\Alignment\Shade;

use FoxCorner\Core\Game\GameState;

/** A rule that moves infielders sideways from their depth: when, who, how far, and why. */
interface ShadeRule
{
    /** @return list<Shade> empty when the rule has nothing to say here */
    public function shades(GameState $state): array;
}
