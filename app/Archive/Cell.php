<?php

declare(strict_types=1);

namespace FoxCorner\App\Archive;

use FoxCorner\Core\Problem\Refused;
use FoxCorner\Core\Problem\Unknown;

/** What a cell of an archive holds, read as the page reads it on which it could have been typed. */
final class Cell
{
    /** Years between which anything can be. */
    private const YEARS = ['1990', '2099'];

    /**
     * @template T of \BackedEnum
     *
     * @param class-string<T> $kind
     *
     * @return T
     */
    public static function among(string $kind, mixed $value, string $field): \BackedEnum
    {
        return Unknown::oneOf($kind, self::text($value), $field);
    }

    public static function moment(string $text, string $field): \DateTimeImmutable
    {
        $moment = \DateTimeImmutable::createFromFormat('!Y-m-d H:i:s', $text);
        $year = false === $moment ? '' : $moment->format('Y');
        if (
            false === $moment ||
            $moment->format('Y-m-d H:i:s') !== $text ||
            $year < self::YEARS[0] ||
            $year > self::YEARS[1]
        ) {
            throw Refused::because($field, 'it is no day of ours', implode(' to ', self::YEARS));
        }

        return $moment;
    }

    public static function fits(mixed $value, string $field, int $most, int $least = 0): void
    {
        $letters = mb_strlen(trim(self::text($value)));
        if (!\is_string($value) || $letters < $least || mb_strlen($value) > $most) {
            throw Refused::because($field, "it has $letters letters", "$least to $most letters");
        }
    }

    /** @return list<mixed> */
    public static function list(mixed $value, string $field): array
    {
        return \is_array($value) && array_is_list($value)
            ? $value
            : throw Refused::because($field, 'it is no list', 'a list');
    }

    public static function text(mixed $value): string
    {
        return \is_string($value) ? $value : '';
    }

    public static function whole(mixed $value): int
    {
        return \is_int($value) ? $value : -1;
    }

    public static function number(mixed $value): ?float
    {
        return \is_int($value) || \is_float($value) ? (float) $value : null;
    }
}
