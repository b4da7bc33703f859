<?php

declare(strict_types=1);

namespace FoxCorner\Core\Play\Check;

use FoxCorner\Core\Field\Base;
use FoxCorner\Core\Play\Choice\ThrowOption;
use FoxCorner\Core\Play\Clock\Timeline;
use FoxCorner\Core\Play\Errand\GotBy;

/** A throw that is made, with nobody behind it: one that goes astray gives every runner two bases. */
final readonly class NoBackUp implements PlayCheck
{
    /** A throw with less of a chance than this is not hurried (ours). */
    private const IN_EARNEST = 0.05;

    public function findings(Timeline $play): array
    {
        $called = $play->called();
        $base = $called->base;
        // Behind the plate is the backstop; a ball that only comes in is thrown without haste; and where all are sent
        // for one throw, another has nobody behind it.
        if (
            Base::Home === $base ||
            null === $called->cover ||
            $called->inHand < self::IN_EARNEST ||
            (null !== $play->for && $play->for !== $base) ||
            self::isInTime($play, $called)
        ) {
            return [];
        }

        return [
            new Finding(
                'no-back-up',
                ($play->isBackedUp($base) ? 'Too late behind' : 'Nobody behind') . " the throw to {$base->word()}",
                \sprintf(
                    'When %d fields and throws to %s, a bad throw gives everybody two bases%s.',
                    $play->fieldedBy()->value,
                    $base->word(),
                    $play->isBackedUp($base) ? ' before anybody has it' : '',
                ),
                "Send somebody behind {$base->word()}, in line with the throw.",
                null,
                $base,
                0.25,
                isClose: true,
                moment: new Moment($called->ballThere, 'nobody behind', [], $called),
            ),
        ];
    }

    /** Whether one of them has a throw that gets by, before it costs a second base. */
    private static function isInTime(Timeline $play, ThrowOption $throw): bool
    {
        $gotBy = new GotBy($play->setting->scene, $play->thrownFrom($throw->base), $throw->base);
        foreach ($play->behind($throw->base) as $move) {
            if ($gotBy->isMet($move->who, $move->starts, $throw->ballThere)) {
                return true;
            }
        }

        return false;
    }
}
