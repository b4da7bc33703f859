<?php

declare(strict_types=1);

namespace FoxCorner\Core;

/**
 * A value that the game or the model does not allow.
 *
 * Names the field as the outside calls it, what was wrong and what is allowed, so that every edge
 * (form, address, file, command) can show the same sentence beside what was typed.
 */
final class InvalidValue extends \DomainException
{
    private function __construct(
        public readonly string $field,
        public readonly string $wrong,
        public readonly string $allowed,
    ) {
        parent::__construct(\sprintf('%s: %s; allowed: %s', $field, $wrong, $allowed));
    }

    public static function because(string $field, string $wrong, string $allowed): self
    {
        return new self($field, $wrong, $allowed);
    }

    /**
     * @param list<string> $allowed the closed set
     */
    public static function notOneOf(string $field, string $value, array $allowed): self
    {
        return new self($field, \sprintf('"%s" is not known', $value), implode(', ', $allowed));
    }

    /**
     * Returns the value unchanged when it lies between the limits, both included.
     *
     * @throws self when it is outside, or not a finite number
     */
    public static function unlessBetween(string $field, float $value, float $least, float $most, string $unit): float
    {
        if (is_finite($value) && $value >= $least && $value <= $most) {
            return $value;
        }

        throw new self(
            $field,
            \sprintf('%s is %s', self::number($value), $value < $least ? 'too small' : 'too large'),
            \sprintf('%s to %s %s', self::number($least), self::number($most), $unit),
        );
    }

    /** As a page says it: "It is empty. Allowed: a day and a time." */
    public function sentence(): string
    {
        return \sprintf('%s. Allowed: %s.', ucfirst($this->wrong), $this->allowed);
    }

    private static function number(float $value): string
    {
        return rtrim(rtrim(number_format($value, 2, '.', ''), '0'), '.');
    }
}
