<?php

declare(strict_types=1);

namespace FoxCorner\Core\Problem;

/** Somebody else was there in between: nothing of theirs is overwritten. */
final class Meanwhile extends ValueProblem
{
    /** What was typed into a form is shown again with it. */
    public static function changedUnder(string $field): self
    {
        return new self(
            $field,
            'somebody else has changed it since you opened it; what you typed is still here',
            'open it again and compare',
        );
    }

    /** A press on a page that shows what is no more. */
    public static function changedSince(string $field): self
    {
        return new self(
            $field,
            'somebody else has changed it since this page was opened',
            'look at what is here now and do it again',
        );
    }
}
