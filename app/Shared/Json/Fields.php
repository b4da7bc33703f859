<?php

declare(strict_types=1);

namespace FoxCorner\App\Shared\Json;

use FoxCorner\Core\Problem\NoNumber;
use FoxCorner\Core\Problem\Problem;
use FoxCorner\Core\Problem\Refused;
use FoxCorner\Core\Problem\Unknown;

/** The fields of a JSON object, read by name and kind; what is not there is empty. */
final readonly class Fields
{
    /** @param array<array-key, mixed> $values */
    private function __construct(private array $values) {}

    /** @param array<array-key, mixed> $values */
    public static function of(array $values): self
    {
        return new self($values);
    }

    /** @throws Problem when the text is no JSON object */
    public static function parse(string $json): self
    {
        $values = json_decode($json, true, 32);

        return \is_array($values)
            ? new self($values)
            : throw Refused::because('document', 'it is not JSON', 'a JSON object');
    }

    public function has(string $name): bool
    {
        return isset($this->values[$name]);
    }

    /** @return array<array-key, mixed> everything, as it was read */
    public function all(): array
    {
        return $this->values;
    }

    public function text(string $name, string $otherwise = ''): string
    {
        return $this->textOrNull($name) ?? $otherwise;
    }

    /** A text, or null when there is none or it is empty. */
    public function textOrNull(string $name): ?string
    {
        $value = $this->values[$name] ?? null;

        return \is_string($value) && '' !== $value ? $value : null;
    }

    /** @throws Problem when it is there and no number */
    public function number(string $name, float $otherwise = 0.0): float
    {
        return $this->numberOrNull($name) ?? $otherwise;
    }

    /** @throws Problem when it is there and no number */
    public function numberOrNull(string $name): ?float
    {
        $value = $this->values[$name] ?? null;
        if (null !== $value && !\is_int($value) && !\is_float($value)) {
            throw NoNumber::at($name);
        }

        return null === $value ? null : (float) $value;
    }

    /** An id, which may be written as a number. */
    public function id(string $name): string
    {
        $value = $this->values[$name] ?? '';

        return \is_string($value) || \is_int($value) ? (string) $value : '';
    }

    public function whole(string $name, int $otherwise): int
    {
        return $this->wholeOrNull($name) ?? $otherwise;
    }

    public function wholeOrNull(string $name): ?int
    {
        $value = $this->values[$name] ?? null;

        return null === $value || \is_int($value) ? $value : throw NoNumber::whole($name);
    }

    public function flag(string $name): ?bool
    {
        $value = $this->values[$name] ?? null;

        return null === $value || \is_bool($value)
            ? $value
            : throw Refused::because($name, 'it is neither true nor false', 'true or false');
    }

    public function within(string $name): self
    {
        $value = $this->values[$name] ?? [];

        return new self(\is_array($value) ? $value : []);
    }

    /** @return list<self> the objects of a list */
    public function each(string $name): array
    {
        return array_values(
            array_map(
                static fn(mixed $value): self => new self(\is_array($value) ? $value : []),
                $this->within($name)->values,
            ),
        );
    }

    /** @return array<string, self> the objects of an object */
    public function map(string $name): array
    {
        $map = [];
        foreach ($this->within($name)->values as $key => $value) {
            $map[(string) $key] = new self(\is_array($value) ? $value : []);
        }

        return $map;
    }

    /** @return list<self> those of a list's entries that have names */
    public function objects(string $name): array
    {
        return array_map(
            self::of(...),
            array_values(array_filter($this->lists($name), static fn(array $entry): bool => !array_is_list($entry))),
        );
    }

    /** @return list<array<array-key, mixed>> those of a list's entries that are lists or have names */
    public function lists(string $name): array
    {
        return array_values(array_filter($this->within($name)->values, is_array(...)));
    }

    /** @return array<string, int> every field that is a whole number */
    public function wholes(): array
    {
        $wholes = [];
        foreach ($this->values as $name => $value) {
            if (\is_int($value)) {
                $wholes[(string) $name] = $value;
            }
        }

        return $wholes;
    }

    /** @return list<string> */
    public function texts(string $name): array
    {
        return array_values(array_filter($this->within($name)->values, is_string(...)));
    }

    /** @return list<int> */
    public function integers(string $name): array
    {
        return array_values(array_filter($this->within($name)->values, is_int(...)));
    }

    /** @return array<string, float> */
    public function numbers(string $name): array
    {
        $numbers = [];
        foreach ($this->within($name)->values as $key => $value) {
            $numbers[(string) $key] =
                \is_int($value) || \is_float($value) ? (float) $value : throw NoNumber::at("$name $key");
        }

        return $numbers;
    }

    /** @return list<self> the lists of a list, by the name of a key */
    public function items(): array
    {
        return array_values(
            array_map(static fn(mixed $value): self => new self(\is_array($value) ? $value : []), $this->values),
        );
    }

    /**
     * @template T of \BackedEnum
     *
     * @param class-string<T> $enum
     *
     * @return T
     */
    public function enum(string $name, string $enum): \BackedEnum
    {
        return self::toCase($this->values[$name] ?? '', $name, $enum);
    }

    /**
     * @template T of \BackedEnum
     *
     * @param class-string<T> $enum
     *
     * @return array<string, T>
     */
    public function enumMap(string $name, string $enum): array
    {
        $map = [];
        foreach ($this->within($name)->values as $key => $value) {
            $map[(string) $key] = self::toCase($value, $name, $enum);
        }

        return $map;
    }

    /**
     * @template T of \BackedEnum
     *
     * @param class-string<T> $enum
     *
     * @return list<T>
     */
    public function enums(string $name, string $enum): array
    {
        return array_values(
            array_map(
                static fn(mixed $value): \BackedEnum => self::toCase($value, $name, $enum),
                $this->within($name)->values,
            ),
        );
    }

    /**
     * @template T of \BackedEnum
     *
     * @param class-string<T> $enum
     *
     * @return T
     */
    private static function toCase(mixed $value, string $name, string $enum): \BackedEnum
    {
        foreach ($enum::cases() as $case) {
            if ($case->value === $value) {
                return $case;
            }
        }

        throw Unknown::noneOf($enum, \is_scalar($value) ? (string) $value : '?', $name);
    }
}
