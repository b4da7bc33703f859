<?php

declare(strict_types=1);

namespace FoxCorner\App\Undo;

use Doctrine\DBAL\Connection;
use FoxCorner\Core\Problem\Problem;
use FoxCorner\Core\Problem\Refused;

/** One row before and after a change; null where it was not there. */
final readonly class RowChange
{
    /** Counted up by the mapper: no part of what somebody decided. */
    private const COUNTERS = ['version', 'edition'];

    /**
     * @param array<string, mixed>|null $before
     * @param array<string, mixed>|null $after
     */
    private function __construct(private string $table, private ?array $before, private ?array $after) {}

    /**
     * @param array<string, array<string, mixed>> $before
     * @param array<string, array<string, mixed>> $after
     *
     * @return list<self>
     */
    public static function between(string $table, array $before, array $after): array
    {
        $changes = [];
        foreach ($before + $after as $id => $_) {
            if (!self::same($before[$id] ?? null, $after[$id] ?? null)) {
                $changes[] = new self($table, $before[$id] ?? null, $after[$id] ?? null);
            }
        }

        return $changes;
    }

    /** @param list<self> $changes */
    public static function write(array $changes): string
    {
        $cell = static fn(mixed $value): mixed => \is_string($value) && !mb_check_encoding($value, 'UTF-8')
            ? ['bytes' => bin2hex($value)]
            : $value;
        $row = static fn(?array $row): ?array => null === $row
            ? null
            : array_map(
                static fn(mixed $value): mixed => \is_string($value) && 16 === \strlen($value)
                    ? ['bytes' => bin2hex($value)]
                    : $cell($value),
                $row,
            );

        return json_encode(
            array_map(static fn(self $one): array => [$one->table, $row($one->before), $row($one->after)], $changes),
            \JSON_THROW_ON_ERROR | \JSON_UNESCAPED_UNICODE | \JSON_PRESERVE_ZERO_FRACTION,
        );
    }

    /** @return list<self> */
    public static function read(string $json): array
    {
        $cell = static fn(mixed $value): mixed => \is_array($value) && \is_string($value['bytes'] ?? null)
            ? hex2bin($value['bytes'])
            : $value;
        /** @var list<array{string, array<string, mixed>|null, array<string, mixed>|null}> $rows */
        $rows = json_decode($json, true, 8, \JSON_THROW_ON_ERROR);

        return array_map(
            static fn(array $one): self => new self(
                $one[0],
                null === $one[1] ? null : array_map($cell, $one[1]),
                null === $one[2] ? null : array_map($cell, $one[2]),
            ),
            $rows,
        );
    }

    /** Whether taking it back takes the row away. */
    public function goes(): bool
    {
        return null === $this->before;
    }

    /** Whether taking it back makes the row again: that has to wait until what it hangs on is there. */
    public function makes(): bool
    {
        return null === $this->after;
    }

    /** @throws Problem when the row is not any more what the change had made of it */
    public function takeBack(Connection $connection): void
    {
        $id = $this->before['id'] ?? ($this->after['id'] ?? '');
        $now = $connection->fetchAssociative("SELECT * FROM $this->table WHERE id = ? FOR UPDATE", [$id]);
        if (!self::same(false === $now ? null : $now, $this->after)) {
            throw Refused::because('undo', 'it has been changed again since', 'changing it by hand');
        }
        if (null === $this->before) {
            $connection->delete($this->table, ['id' => $id]);

            return;
        }
        if (false === $now) {
            $connection->insert($this->table, $this->before);

            return;
        }
        $counted = array_map(
            static fn(mixed $count): int => 1 + (is_numeric($count) ? (int) $count : 0),
            array_intersect_key($now, array_flip(self::COUNTERS)),
        );
        $connection->update($this->table, [...$this->before, ...$counted], ['id' => $id]);
    }

    /**
     * Whether two states of a row are the same, as far as both know its columns: a later version of the program may
     * have added some since a step was kept.
     *
     * @param array<string, mixed>|null $one
     * @param array<string, mixed>|null $other
     */
    private static function same(?array $one, ?array $other): bool
    {
        if (null === $one || null === $other) {
            return $one === $other;
        }
        $counters = array_flip(self::COUNTERS);

        return array_diff_key(array_intersect_key($one, $other), $counters) ===
            array_diff_key(array_intersect_key($other, $one), $counters);
    }
}
