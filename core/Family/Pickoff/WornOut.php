<?php

declare(strict_types=1);

namespace FoxCorner\Core\Family\Pickoff;

use FoxCorner\Core\People\Position;
use FoxCorner\Core\Play\Check\Finding;
use FoxCorner\Core\Play\Check\PlayCheck;
use FoxCorner\Core\Play\Clock\Timeline;

/** A special move that is used again and again is seen coming. */
final readonly class WornOut implements PlayCheck
{
    /** Throws of one special kind in a game that the other side has not yet learned (ours). */
    public const USES = 3;

    public function findings(Timeline $play): array
    {
        $trial = $play->trial;
        if (!($trial instanceof PickTrial) || !$trial->kind->wearsOut() || $trial->used < self::USES) {
            return [];
        }

        return [
            new Finding(
                'pick-worn-out',
                "“{$trial->kind->label()}” is worn out",
                \sprintf('Thrown %d times in this game: they wait for it.', $trial->used),
                'Use another one, or only show it.',
                Position::Pitcher,
                $trial->base,
                0.3,
            ),
        ];
    }
}
