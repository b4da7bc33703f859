<?php

declare(strict_types=1);

namespace FoxCorner\Core\Play\Check;

use FoxCorner\Core\Field\Base;
use FoxCorner\Core\Play\Clock\Timeline;

/** A throw that is made, with nobody behind it: one that goes astray gives every runner two bases. */
final readonly class NoBackUp implements PlayCheck
{
    public function findings(Timeline $play): array
    {
        $base = $play->called()->base;
        // Behind the plate is the backstop.
        if (Base::Home === $base || null === $play->called()->cover || $play->isBackedUp($base)) {
            return [];
        }

        return [
            new Finding(
                'no-back-up',
                "Nobody behind the throw to {$base->word()}",
                \sprintf(
                    'When %d fields and throws to %s, a bad throw gives everybody two bases.',
                    $play->fieldedBy()->value,
                    $base->word(),
                ),
                "Send somebody behind {$base->word()}, in line with the throw.",
                null,
                $base,
                0.25,
            ),
        ];
    }
}
