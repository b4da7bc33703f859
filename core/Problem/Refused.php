<?php

declare(strict_types=1);

namespace FoxCorner\Core\Problem;

/** A value, or values together, that make no sense in the game; in words of their own. */
final class Refused extends ValueProblem
{
    public static function because(string $field, string $wrong, string $allowed): self
    {
        return new self($field, $wrong, $allowed);
    }
}
