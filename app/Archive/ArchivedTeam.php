<?php

declare(strict_types=1);

namespace FoxCorner\App\Archive;

use FoxCorner\Core\Problem\Problem;
use FoxCorner\Core\Problem\Refused;

/** A team of an archive, its tables looked over: every column there, of its kind, every row that is named there too. */
final readonly class ArchivedTeam
{
    /** Letters of a text, at most; documents are bounded by the archive. */
    private const LONGEST = 255;
    private const ID = '~^00000000-0000-8000-8000-\d{12}$~';

    /**
     * @param array<string, mixed>                      $team
     * @param array<string, list<array<string, mixed>>> $tables
     */
    private function __construct(public array $team, public array $tables) {}

    /**
     * @param string $file as messages name it
     *
     * @throws Problem naming file, table and column
     */
    public static function of(mixed $document, string $file): self
    {
        $document = self::object($document);
        $team = self::object($document['team'] ?? null);
        $team += [] === $team ? [] : TeamTables::LATER;
        self::mustFit($team, TeamTables::TEAM, "$file, team");
        self::mustBeTypable(static fn() => PageRules::team($team), "$file, team");
        $given = self::object($document['tables'] ?? null);
        $given += [] === $given ? [] : TeamTables::LATER_TABLES;
        $unknown = array_diff(array_keys($given), array_keys(TeamTables::TABLES));
        if ([] !== $unknown) {
            throw self::wrong($file, 'it has a table “' . current($unknown) . '”');
        }
        $tables = $known = [];
        $count = 0;
        foreach (array_keys(TeamTables::TABLES) as $table) {
            $tables[$table] = self::rows($given[$table] ?? null, $table, "$file, $table");
            foreach ($tables[$table] as $row) {
                $known[\is_string($row['id']) ? $row['id'] : ''] = true;
            }
            $count += \count($tables[$table]);
        }
        if (\count($known) !== $count) {
            throw self::wrong($file, 'an id is there twice');
        }
        $one = new self($team, $tables);
        $one->mustNameWhatIsThere($file);

        return $one;
    }

    public function name(): string
    {
        return \is_string($this->team['name']) ? $this->team['name'] : '';
    }

    public function count(string $table): int
    {
        return \count($this->tables[$table] ?? []);
    }

    /**
     * @return list<array<string, mixed>>
     *
     * @throws Problem
     */
    private static function rows(mixed $rows, string $table, string $where): array
    {
        if (!\is_array($rows) || !array_is_list($rows)) {
            throw self::wrong($where, 'there is no list of rows');
        }
        if (\count($rows) > (PageRules::MOST[$table] ?? \PHP_INT_MAX)) {
            throw self::wrong(
                $where,
                \sprintf('there are %d rows, where a team may have %d', \count($rows), PageRules::MOST[$table] ?? 0),
            );
        }
        $columns = TeamTables::TABLES[$table];
        $read = [];
        foreach ($rows as $number => $row) {
            $row = array_diff_key(self::object($row), TeamTables::FORMER[$table] ?? []);
            if (!\is_string($row['id'] ?? null) || 1 !== preg_match(self::ID, $row['id'])) {
                throw self::wrong("$where, row " . ($number + 1), 'it has no id of an archive');
            }
            self::mustFit(array_diff_key($row, ['id' => true]), $columns, "$where, row " . ($number + 1));
            self::mustBeTypable(static fn() => PageRules::row($table, $row), "$where, row " . ($number + 1));
            $read[] = $row;
        }

        return $read;
    }

    /**
     * @param array<string, mixed>  $row
     * @param array<string, string> $columns
     *
     * @throws Problem
     */
    private static function mustFit(array $row, array $columns, string $where): void
    {
        if ([] !== array_diff_key($columns, $row) || [] !== array_diff_key($row, $columns)) {
            $odd = array_key_first(array_diff_key($columns, $row) + array_diff_key($row, $columns));
            throw self::wrong($where, "“{$odd}” is missing or unknown");
        }
        foreach ($columns as $column => $kind) {
            $value = $row[$column];
            $fits =
                null === $value
                    ? str_ends_with($kind, '?')
                    : match (rtrim($kind, '?')) {
                        'int' => \is_int($value) && abs($value) < 2 ** 53,
                        'float' => \is_int($value) || (\is_float($value) && is_finite($value)),
                        'bool' => \is_bool($value),
                        'json' => \is_array($value) || $value instanceof \stdClass,
                        'time' => \is_string($value) && self::isTime($value),
                        default => \is_string($value) && mb_strlen($value) <= self::LONGEST,
                    };
            if (!$fits) {
                throw self::wrong("$where, $column", 'it is no ' . rtrim($kind, '?'));
            }
        }
    }

    /**
     * @param callable(): void $rules
     *
     * @throws Problem where no page would have taken it
     */
    private static function mustBeTypable(callable $rules, string $where): void
    {
        try {
            $rules();
        } catch (Problem $problem) {
            throw self::wrong("$where, {$problem->field()}", "{$problem->wrong()} (allowed: {$problem->allowed()})");
        }
    }

    private static function isTime(string $text): bool
    {
        $time = \DateTimeImmutable::createFromFormat('!Y-m-d H:i:s', $text);

        return false !== $time && $time->format('Y-m-d H:i:s') === $text;
    }

    /** @throws Problem when a row names another that is not in the archive, or is of another table */
    private function mustNameWhatIsThere(string $file): void
    {
        $ids = [];
        foreach ($this->tables as $table => $rows) {
            $ids[$table] = [];
            foreach ($rows as $row) {
                $ids[$table][\is_string($row['id']) ? $row['id'] : ''] = true;
            }
        }
        foreach (TeamTables::TABLES as $table => $columns) {
            foreach ($columns as $column => $kind) {
                $named = $ids[rtrim($kind, '?')] ?? null;
                foreach (null === $named ? [] : $this->tables[$table] as $row) {
                    $value = $row[$column];
                    if (null !== $value && (!\is_string($value) || !isset($named[$value]))) {
                        throw self::wrong("$file, $table, $column", 'it names a row that is not there');
                    }
                }
            }
        }
    }

    /** @return array<string, mixed> of what is no object nothing */
    private static function object(mixed $value): array
    {
        $fields = [];
        foreach ($value instanceof \stdClass ? get_object_vars($value) : [] as $name => $field) {
            $fields[(string) $name] = $field;
        }

        return $fields;
    }

    private static function wrong(string $where, string $what): Problem
    {
        return Refused::because('archive', "in $where $what", 'an archive as Fox Corner writes it, unchanged');
    }
}
