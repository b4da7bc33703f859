<?php

declare(strict_types=1);

namespace FoxCorner\Core\Alignment\Rule;

use FoxCorner\Core\Alignment\NamedDepth;
use FoxCorner\Core\Field\Base;
use FoxCorner\Core\Game\GameState;
use FoxCorner\Core\Game\BatterType;
use FoxCorner\Core\People\PositionGroup;

/** Late and ahead by little: no extra-base hit down a line or over a head, unless a run from third comes first. */
final readonly class GuardTheLines implements DepthRule
{
    public function rulings(GameState $state): array
    {
        $lead = $state->context->lead;
        $runMustNotScore = $state->situation->bases->has(Base::Third) && $state->hasFewerThanTwoOuts();
        if (!$state->isLate() || $lead < 1 || $lead > 2 || BatterType::Slapper === $state->context->batter || $runMustNotScore) {
            return [];
        }
        $reason = 'Late and ahead by little: what gets through stays a single.';

        return [
            new Ruling(PositionGroup::Corners->positions(), NamedDepth::GuardLines, $reason),
            new Ruling(PositionGroup::Outfield->positions(), NamedDepth::Deep, $reason),
        ];
    }
}
