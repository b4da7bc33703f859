<?php

declare(strict_types=1);

namespace FoxCorner\Tests\Core\Golden;

/**
 * What can be seen of a value from outside, as scalars and arrays: no class names, so that a golden value survives a
 * rename.
 */
final class Plain
{
    /**
     * @param list<string> $without names of properties that another golden value has already, or that hold too much
     *
     * @return array<array-key, mixed>|bool|float|int|string|null
     */
    public static function of(mixed $value, array $without = []): array|bool|float|int|string|null
    {
        return match (true) {
            \is_float($value) => is_finite($value) ? round($value, 9) : (string) $value,
            null === $value, \is_scalar($value) => $value,
            $value instanceof \BackedEnum => $value->value,
            $value instanceof \DateTimeInterface => $value->format(\DATE_ATOM),
            \is_array($value) => self::each($value, $without),
            \is_object($value) => self::each(array_diff_key(get_object_vars($value), array_flip($without)), $without),
            default => throw new \LogicException('Of this there is no golden value.'),
        };
    }

    /**
     * @param array<array-key, mixed> $values
     * @param list<string>            $without
     *
     * @return array<array-key, mixed>
     */
    private static function each(array $values, array $without): array
    {
        return array_map(static fn(mixed $one): array|bool|float|int|string|null => self::of($one, $without), $values);
    }
}
