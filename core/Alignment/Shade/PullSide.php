<?php

declare(strict_types=1);

namespace FoxCorner\Core\Alignment\Shade;

use FoxCorner\Core\Field\Base;
use FoxCorner\Core\Game\BatterType;
use FoxCorner\Core\Game\GameState;
use FoxCorner\Core\People\Bats;
use FoxCorner\Core\People\Position;

/** The middle goes a step toward the side to which the batter pulls, two against power; not when second must be reached for two. */
final readonly class PullSide implements ShadeRule
{
    public function shades(GameState $state): array
    {
        $batter = $state->context->batter;
        $needsSecond = $state->situation->bases->has(Base::First) && $state->hasFewerThanTwoOuts();
        if (BatterType::Slapper === $batter || $needsSecond) {
            return [];
        }
        $steps = $batter->hitsForPower() ? 2 : 1;
        $isRight = Bats::Right === $batter->bats();
        $reason = \sprintf('A %s-handed %s: %s toward %s.', $isRight ? 'right' : 'left', 2 === $steps ? 'power hitter' : 'batter', 2 === $steps ? 'two steps' : 'a step', $isRight ? 'left' : 'right');

        return [
            new Shade(Position::Shortstop, $isRight ? $steps : -$steps, $reason),
            new Shade(Position::SecondBase, $isRight ? -$steps : $steps, $reason),
        ];
    }
}
