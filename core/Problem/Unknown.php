<?php

declare(strict_types=1);

namespace FoxCorner\Core\Problem;

/** A word that is none of a closed set. */
final class Unknown extends ValueProblem
{
    /** @param list<string> $allowed the closed set */
    public static function notOneOf(string $field, string $value, array $allowed): self
    {
        return new self($field, \sprintf('"%s" is not known', $value), implode(', ', $allowed));
    }
}
