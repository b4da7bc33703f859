<?php

declare(strict_types=1);

namespace FoxCorner\Core\Problem;

/** Nothing where something has to be. */
final class Missing extends ValueProblem
{
    public static function at(string $field, string $allowed): self
    {
        return new self($field, 'it is empty', $allowed);
    }
}
