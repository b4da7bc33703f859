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

    /**
     * @template T of \BackedEnum
     *
     * @param class-string<T> $kind
     *
     * @return T the case that the word is the value of
     *
     * @throws self
     */
    public static function oneOf(string $kind, string $value, string $field): \BackedEnum
    {
        foreach ($kind::cases() as $case) {
            if ((string) $case->value === $value) {
                return $case;
            }
        }

        throw self::noneOf($kind, $value, $field);
    }

    /** @param class-string<\BackedEnum> $kind */
    public static function noneOf(string $kind, string $value, string $field): self
    {
        return self::notOneOf($field, $value, array_map(strval(...), array_column($kind::cases(), 'value')));
    }
}
