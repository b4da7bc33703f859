<?php

declare(strict_types=1);

namespace FoxCorner\App\Team;

/** Values of a rule set as they come out of storage; what is missing is null. */
final readonly class StoredRules
{
    /** @param array<string, bool|int|float|string> $values */
    public function __construct(private array $values)
    {
    }

    public function flag(string $name): ?bool
    {
        $value = $this->values[$name] ?? null;

        return \is_bool($value) ? $value : null;
    }

    public function whole(string $name): ?int
    {
        $value = $this->values[$name] ?? null;

        return \is_int($value) ? $value : null;
    }

    public function number(string $name): ?float
    {
        $value = $this->values[$name] ?? null;

        return \is_int($value) || \is_float($value) ? (float) $value : null;
    }

    public function text(string $name): string
    {
        $value = $this->values[$name] ?? null;

        return \is_string($value) ? $value : '';
    }
}
