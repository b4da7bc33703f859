<?php

declare(strict_types=1);

namespace FoxCorner\Core\Alignment\Shade;

use FoxCorner\Core\Field\Base;
use FoxCorner\Core\Field\Sport;
use FoxCorner\Core\Game\BatterType;
use FoxCorner\Core\Game\GameState;
use FoxCorner\Core\People\Position;

/**
 * Fastpitch with a runner on first alone: the shortstop has the bag on the steal and on the bunt, and so
 * stands closer to it; the third baseman, as partner, widens from the line to close the hole between them.
 */
final readonly class ShortTowardSecond implements ShadeRule
{
    public function shades(GameState $state): array
    {
        $bases = $state->situation->bases;
        if (Sport::Fastpitch !== $state->rules->sport || !$bases->has(Base::First) || $bases->has(Base::Second) || !$state->hasFewerThanTwoOuts() || BatterType::Slapper === $state->context->batter) {
            return [];
        }

        return [
            new Shade(Position::Shortstop, -1, 'The steal and the bunt both need the shortstop at second: a step closer.'),
            new Shade(Position::ThirdBase, 2, 'The shortstop shades toward second: two steps off the line close the hole.'),
        ];
    }
}
