<?php

declare(strict_types=1);

namespace FoxCorner\App\Fox;

/** A question's fields, after the schema has found them in order. */
final readonly class Input
{
    /** @param array<array-key, mixed> $fields */
    public function __construct(private array $fields)
    {
    }

    public function number(string $name, float $otherwise = 0.0): float
    {
        $value = $this->fields[$name] ?? $otherwise;

        return \is_int($value) || \is_float($value) ? (float) $value : $otherwise;
    }

    public function isTrue(string $name): bool
    {
        return true === ($this->fields[$name] ?? false);
    }

    /** The fields of a field. */
    public function within(string $name): self
    {
        $value = $this->fields[$name] ?? null;

        return new self($value instanceof \stdClass ? (array) $value : []);
    }

    public function text(string $name, string $otherwise = ''): string
    {
        $value = $this->fields[$name] ?? $otherwise;

        return \is_string($value) ? $value : $otherwise;
    }
}
