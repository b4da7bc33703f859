<?php

declare(strict_types=1);

namespace FoxCorner\Core\Family\Pickoff;

use FoxCorner\Core\People\Position;
use FoxCorner\Core\Play\Check\Finding;
use FoxCorner\Core\Play\Check\PlayCheck;
use FoxCorner\Core\Play\Clock\Timeline;

/** A pick that goes by a sign, and nobody has agreed one: the pitcher is surprised, throws it away or balks. */
final readonly class SurprisedPitcher implements PlayCheck
{
    public function findings(Timeline $play): array
    {
        $trial = $play->trial;
        if (!($trial instanceof PickTrial) || !$trial->isSurprise()) {
            return [];
        }

        return [
            new Finding(
                'surprised-pitcher',
                'The pitcher is surprised',
                \sprintf(
                    '“%s” to %s goes by a sign, and none is agreed: he throws twice as wild, or balks.',
                    $trial->kind->label(),
                    $trial->base->word(),
                ),
                'Agree a sign for it, or take it off the list.',
                Position::Pitcher,
                $trial->base,
                0.6,
            ),
        ];
    }
}
