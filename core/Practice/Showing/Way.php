<?php

declare(strict_types=1);

namespace FoxCorner\Core\Practice\Showing;

/** How something gets from one to another in a repetition. */
enum Way: string
{
    case Rolled = '~';
    case Lobbed = '^';
    case Thrown = '>';
    case Runs = ':';

    public function isOfTheBall(): bool
    {
        return self::Runs !== $this;
    }
}
