<?php

declare(strict_types=1);

namespace FoxCorner\Core\Play\Contract;

use FoxCorner\Core\Problem\NoNumber;
use FoxCorner\Core\Problem\Problem;
use FoxCorner\Core\Problem\Unknown;

/** The fields of a trial, as an address or a file has them, one by one. */
final readonly class TrialFields
{
    /** @param array<string, float|string> $fields */
    public function __construct(private array $fields) {}

    /** @throws Problem when it is there and no number */
    public function number(string $name): ?float
    {
        $value = $this->fields[$name] ?? '';
        if ('' === $value) {
            return null;
        }

        return is_numeric($value) ? (float) $value : throw NoNumber::at($name);
    }

    /**
     * @param float  $usual   where it is not there
     * @param string $allowed in words
     *
     * @throws Problem when it is there and no number
     */
    public function numberOr(string $name, float $usual, string $allowed = 'a number'): float
    {
        $value = $this->fields[$name] ?? $usual;

        return is_numeric($value) ? (float) $value : throw NoNumber::at($name, $allowed);
    }

    public function text(string $name): string
    {
        return (string) ($this->fields[$name] ?? '');
    }

    /**
     * @template T of \BackedEnum
     *
     * @param class-string<T> $enum
     *
     * @return T|null null when it is not there
     *
     * @throws Problem when it is none of them
     */
    public function oneOf(string $name, string $enum): ?\BackedEnum
    {
        $value = $this->text($name);

        return '' === $value ? null : Unknown::oneOf($enum, $value, $name);
    }
}
