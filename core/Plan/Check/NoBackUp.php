<?php

declare(strict_types=1);

namespace FoxCorner\Core\Plan\Check;

use FoxCorner\Core\Field\Base;
use FoxCorner\Core\Plan\Finding;
use FoxCorner\Core\Play\JobKind;
use FoxCorner\Core\Play\Timeline;

/** A throw that is made, with nobody behind it: one that goes astray gives every runner two bases. */
final readonly class NoBackUp implements PlayCheck
{
    public function findings(Timeline $play): array
    {
        $base = $play->called->base;
        // Behind the plate is the backstop.
        if (Base::Home === $base || null === $play->called->cover) {
            return [];
        }
        foreach ($play->moves as $move) {
            foreach ($move->jobs as $job) {
                if (JobKind::BackUp === $job->kind && $job->base === $base) {
                    return [];
                }
            }
        }

        return [new Finding(
            'no-back-up', "Nobody behind the throw to {$base->word()}",
            \sprintf('When %d fields and throws to %s, a bad throw gives everybody two bases.', $play->fieldedBy->value, $base->word()),
            "Send somebody behind {$base->word()}, in line with the throw.", null, $base, 0.25,
        )];
    }
}
