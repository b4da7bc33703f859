<?php

declare(strict_types=1);

namespace FoxCorner\Core\Family\Pickoff;

use FoxCorner\Core\Play\Check\Finding;
use FoxCorner\Core\Play\Check\PlayCheck;
use FoxCorner\Core\Play\Clock\Timeline;

/** A throw behind a runner with nobody behind it: every runner goes two bases when it gets by. */
final readonly class NobodyBehindPick implements PlayCheck
{
    public function findings(Timeline $play): array
    {
        $trial = $play->trial;
        $called = $play->called();
        if (!($trial instanceof PickTrial) || null === $called->cover || $play->isBackedUp($called->base)) {
            return [];
        }
        $runners = \count($play->setting->situation->bases->occupied());

        return [
            new Finding(
                'no-back-up',
                "Nobody behind the pick at {$called->base->word()}",
                \sprintf(
                    'A throw that gets by gives %s two bases in place of one: %d %s more.',
                    1 === $runners ? 'the runner' : "each of $runners runners",
                    $runners,
                    1 === $runners ? 'base' : 'bases',
                ),
                "Send an outfielder behind {$called->base->word()} with the sign.",
                null,
                $called->base,
                0.4,
            ),
        ];
    }
}
