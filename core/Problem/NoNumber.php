<?php

declare(strict_types=1);

namespace FoxCorner\Core\Problem;

/** A word, or nothing, where a number has to be. */
final class NoNumber extends ValueProblem
{
    /** @param string|null $typed what stands there, if it is to be said again; nothing typed is "empty" */
    public static function at(string $field, string $allowed = 'a number', ?string $typed = null): self
    {
        return self::no('number', $field, $allowed, $typed);
    }

    /** @param string|null $typed as of {@see at} */
    public static function whole(string $field, string $allowed = 'a whole number', ?string $typed = null): self
    {
        return self::no('whole number', $field, $allowed, $typed);
    }

    private static function no(string $kind, string $field, string $allowed, ?string $typed): self
    {
        return new self(
            $field,
            '' === $typed ? 'it is empty' : \sprintf('%s is not a %s', null === $typed ? 'it' : "\"$typed\"", $kind),
            $allowed,
        );
    }
}
