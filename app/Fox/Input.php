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

    /** @return list<self> the fields of each entry of a list */
    public function each(string $name): array
    {
        $list = $this->fields[$name] ?? [];

        return array_map(static fn(mixed $entry): self => new self($entry instanceof \stdClass ? (array) $entry : []), \is_array($list) ? array_values($list) : []);
    }

    public function has(string $name): bool
    {
        return \array_key_exists($name, $this->fields);
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
