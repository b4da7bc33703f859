<?php

declare(strict_types=1);

namespace FoxCorner\App\Shared\Csv;

use FoxCorner\Core\InvalidValue;
use Symfony\Component\Serializer\Encoder\CsvEncoder;

/**
 * What a spreadsheet saves or pastes, read by the names of its columns.
 *
 * Commas, semicolons and tabs are all taken, a byte-order mark is passed over, and "3,15" is a number
 * where semicolons or tabs part the columns.
 */
final readonly class CsvTable
{
    private const MOST_ROWS = 200;

    /**
     * @param list<CsvRow>     $rows     without the empty ones
     * @param list<RowProblem> $problems that kept it from being read at all
     */
    private function __construct(public array $rows, public array $problems)
    {
    }

    /**
     * @param list<string> $columns all that are known, the needed ones first
     * @param int          $needed  how many of them must be there
     */
    public static function read(string $text, array $columns, int $needed): self
    {
        $text = self::unicode((string) preg_replace('/^\xEF\xBB\xBF/', '', $text));
        $must = \array_slice($columns, 0, $needed);
        if ('' === trim($text)) {
            return new self([], [new RowProblem(1, '', 'There is nothing in it', 'a first line with '.implode(', ', $must).', then a line for every one')]);
        }
        $separator = self::separator($text);
        /** @var list<array<string, string|null>> $rows */
        $rows = array_values((array) (new CsvEncoder())->decode(trim($text)."\n", 'csv', [CsvEncoder::DELIMITER_KEY => $separator, CsvEncoder::AS_COLLECTION_KEY => true]));
        $rows = array_map(static fn(array $row): array => array_combine(array_map(self::columnName(...), array_keys($row)), $row), $rows);
        $missing = array_diff($must, array_keys($rows[0] ?? []));
        if ([] !== $missing) {
            return new self([], [new RowProblem(1, implode(', ', $missing), [] === $rows ? 'There is no line below the first' : 'The column is missing', 'columns '.implode(', ', $columns).'; all but the first '.$needed.' may be left out')]);
        }
        if (\count($rows) > self::MOST_ROWS) {
            return new self([], [new RowProblem(self::MOST_ROWS + 2, '', \sprintf('There are %d lines', \count($rows)), \sprintf('at most %d', self::MOST_ROWS))]);
        }
        $read = [];
        foreach ($rows as $index => $row) {
            if ('' !== trim(implode('', $row))) {
                $read[] = new CsvRow($index + 2, $row, ',' !== $separator);
            }
        }

        return new self($read, []);
    }

    /**
     * Makes one thing of every row; a row that cannot be is a problem and the others go on.
     *
     * @template T
     *
     * @param list<CsvRow>          $rows
     * @param callable(CsvRow): T   $make    throws InvalidValue
     * @param array<string, string> $columns the column by the core's name of the field, where they differ
     *
     * @return array{list<T>, list<RowProblem>}
     */
    public static function make(array $rows, callable $make, array $columns = []): array
    {
        $made = $problems = [];
        foreach ($rows as $row) {
            try {
                $made[] = $make($row);
            } catch (InvalidValue $problem) {
                $problems[] = new RowProblem($row->line, $columns[$problem->field] ?? $problem->field, $problem->wrong, $problem->allowed);
            }
        }

        return [$made, $problems];
    }

    /**
     * @param list<string>       $columns
     * @param list<list<string>> $rows
     */
    public static function write(array $columns, array $rows): string
    {
        return (new CsvEncoder())->encode(array_map(static fn(array $row): array => array_combine($columns, $row), $rows), 'csv', [CsvEncoder::HEADERS_KEY => $columns]);
    }

    /** As a form shows it again. */
    public static function unicode(string $text): string
    {
        return mb_check_encoding($text, 'UTF-8') ? $text : mb_convert_encoding($text, 'UTF-8', 'Windows-1252');
    }

    private static function separator(string $text): string
    {
        $first = strtok($text, "\n");
        $counts = array_map(static fn(string $mark): int => substr_count((string) $first, $mark), [';' => ';', "\t" => "\t", ',' => ',']);
        arsort($counts);

        return array_key_first($counts);
    }

    private static function columnName(string $heading): string
    {
        return (string) preg_replace('/[^a-z0-9]+/', '_', strtolower(trim($heading)));
    }
}
