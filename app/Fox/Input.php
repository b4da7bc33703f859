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

    /** An id, which may be written as a number. */
    public function name(string $name): string
    {
        $value = $this->fields[$name] ?? '';

        return \is_string($value) || \is_int($value) ? (string) $value : '';
    }

    public function wholeOrNull(string $name): ?int
    {
        $value = $this->fields[$name] ?? null;

        return \is_int($value) ? $value : null;
    }

    /** @return list<mixed> */
    public function list(string $name): array
    {
        $list = $this->fields[$name] ?? [];

        return \is_array($list) ? array_values($list) : [];
    }

    /** @return list<int> */
    public function integers(string $name): array
    {
        return array_values(array_filter($this->list($name), is_int(...)));
    }

    /** @return list<string> the entries that are texts */
    public function texts(string $name): array
    {
        return array_values(array_filter($this->list($name), is_string(...)));
    }

    /** @return list<self> the entries that are objects */
    public function objects(string $name): array
    {
        return array_map(static fn(\stdClass $entry): self => new self((array) $entry), array_values(array_filter($this->list($name), static fn(mixed $entry): bool => $entry instanceof \stdClass)));
    }

    /** @return list<list<mixed>> the entries that are lists */
    public function lists(string $name): array
    {
        return array_map(array_values(...), array_values(array_filter($this->list($name), is_array(...))));
    }

    /** @return array<string, int> every field that is a whole number */
    public function wholes(): array
    {
        $wholes = [];
        foreach ($this->fields as $name => $value) {
            if (\is_int($value)) {
                $wholes[(string) $name] = $value;
            }
        }

        return $wholes;
    }
}
