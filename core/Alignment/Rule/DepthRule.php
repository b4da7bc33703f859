<?php

declare(strict_types=1);

namespace FoxCorner\Core\Alignment\Rule;

use FoxCorner\Core\Game\GameState;

/** One rule of the plan: when it applies, who stands where, and why. */
interface DepthRule
{
    /** @return list<Ruling> empty when the rule has nothing to say here */
    public function rulings(GameState $state): array;
}
