<?php

declare(strict_types=1);

namespace FoxCorner\App\Archive;

use Doctrine\DBAL\Connection;
use FoxCorner\App\Club\Team;
use Symfony\Component\Uid\Uuid;

/** Reads all rows of a team, numbered, documents opened. */
final readonly class TeamRows
{
    public function __construct(private Connection $connection) {}

    /** @return array{team: array<string, mixed>, tables: array<string, list<array<string, mixed>>>} */
    public function of(Team $team, PlainIds $ids): array
    {
        $found = [];
        foreach (array_keys(TeamTables::TABLES) as $table) {
            $found[$table] = $this->rows($table, $team->id()->toBinary());
            foreach ($found[$table] as $row) {
                $ids->number(self::id($row['id']));
            }
        }
        $own = $this->connection->fetchAssociative('SELECT * FROM team WHERE id = ?', [$team->id()->toBinary()]);
        $tables = [];
        foreach ($found as $table => $rows) {
            $tables[$table] = array_map(
                static fn(array $row): array => ['id' => $ids->number(self::id($row['id']))] +
                    self::row($row, TeamTables::TABLES[$table], $ids),
                $rows,
            );
        }

        return [
            'team' => self::row(false === $own ? [] : $own, TeamTables::TEAM, $ids),
            'tables' => $tables,
        ];
    }

    /** @return list<array<string, mixed>> in the order in which they were made */
    private function rows(string $table, string $team): array
    {
        $of = TeamTables::OF[$table] ?? null;

        $join = null === $of ? '' : "JOIN $of ON $of.id = $table.{$of}_id";
        $owner = $of ?? $table;

        return $this->connection->fetchAllAssociative(
            "SELECT $table.* FROM $table $join WHERE $owner.team_id = ? ORDER BY $table.id",
            [$team],
        );
    }

    /**
     * @param array<string, mixed>  $row
     * @param array<string, string> $columns
     *
     * @return array<string, mixed>
     */
    private static function row(array $row, array $columns, PlainIds $ids): array
    {
        $plain = [];
        foreach ($columns as $column => $kind) {
            $value = $row[$column] ?? null;
            $plain[$column] = match (true) {
                null === $value => null,
                isset(TeamTables::TABLES[rtrim($kind, '?')]) => $ids->number(self::id($value)),
                'json' === rtrim($kind, '?') => json_decode($ids->in(self::text($value)), flags: \JSON_THROW_ON_ERROR),
                'bool' === rtrim($kind, '?') => (bool) $value,
                'text' === rtrim($kind, '?'), 'time' === $kind => $ids->in(self::text($value)),
                default => $value,
            };
        }

        return $plain;
    }

    private static function id(mixed $binary): string
    {
        return Uuid::fromBinary(self::text($binary))->toRfc4122();
    }

    private static function text(mixed $value): string
    {
        return \is_scalar($value) ? (string) $value : '';
    }
}
