<?php

declare(strict_types=1);

namespace FoxCorner\Core\Family\Rundown;

use FoxCorner\Core\Field\Base;
use FoxCorner\Core\Play\Check\Finding;
use FoxCorner\Core\Play\Check\PlayCheck;
use FoxCorner\Core\Play\Clock\Timeline;

/** Whoever runs a runner leaves his bag: somebody has to fill it behind him. */
final readonly class NobodyFills implements PlayCheck
{
    public function findings(Timeline $play): array
    {
        $from = $play->caught->from ?? null;
        if (!($play->trial instanceof RundownTrial) || null === $from) {
            return [];
        }
        $findings = [];
        foreach ([$from, $from->next() ?? Base::Home] as $base) {
            if ($play->isBackedUp($base)) {
                continue;
            }
            $findings[] = new Finding(
                'nobody-fills',
                "Nobody fills {$base->word()}",
                "Whoever goes to the ball leaves {$base->word()}, and the runner gets in behind him.",
                "Give {$base->word()} to somebody who follows.",
                null,
                $base,
                0.7,
            );
        }

        return $findings;
    }
}
