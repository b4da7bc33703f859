<?php

declare(strict_types=1);

namespace FoxCorner\Core\Play\Outfield;

use FoxCorner\Core\Field\Base;
use FoxCorner\Core\Play\Clock\ThrowOption;

/** What a ball to the outfield comes to, as a title. */
final class Summary
{
    public static function of(OutfieldPlay $play, Ending $made, ThrowOption $option): string
    {
        if (null !== $made->runner) {
            $who = ucfirst($made->runner->person());
            $at = Base::Home === $made->way->base ? 'home' : $made->way->base->word();

            return $option->margin() > 0.0
                ? \sprintf('%s is out at %s by %.2f s', $who, $at, $option->margin())
                : \sprintf('%s is safe at %s by %.2f s', $who, $at, -$option->margin());
        }
        if (null !== $made->next) {
            $stops = $made->ends[$made->next->from];
            $who = ucfirst($made->next->person());

            return 0 === $stops || $stops === $made->next->from
                ? \sprintf('%s stays', $who)
                : \sprintf('%s stops at %s', $who, Base::from($stops)->word());
        }

        return [] === $play->runners ? 'Caught: the side is out' : 'Everybody is in';
    }
}
