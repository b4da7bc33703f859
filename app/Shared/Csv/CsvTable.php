<?php

declare(strict_types=1);

namespace FoxCorner\App\Shared\Csv;

use FoxCorner\App\Shared\TypedText;
use FoxCorner\Core\Problem\Problem;
use Symfony\Component\Serializer\Encoder\CsvEncoder;

/**
 * What a spreadsheet saves or pastes, read by the names of its columns.
 *
 * Commas, semicolons and tabs are all taken, whatever letters a program has written it in. A cell that a spreadsheet
 * would take for a formula is written with an apostrophe before it, and read without.
 */
final readonly class CsvTable
{
    private const MOST_ROWS = 200;
    /** Bytes; a roster has a few thousand. */
    private const LARGEST = 300_000;
    private const FORMULA = "/^'*[=@+\\-\t\r]/";
    /** No heading carries it: the encoder would take it for the mark of a table within the table. */
    private const NEVER = "\x1F";

    /**
     * @param list<CsvRow>     $rows     without the empty ones
     * @param list<RowProblem> $problems that kept it from being read at all
     */
    private function __construct(public array $rows, public array $problems) {}

    /**
     * @param list<string>                                      $columns all that are known, the needed ones first
     * @param int                                               $needed  how many of them must be there
     * @param array<string, string>                             $names   columns by other names that people give them
     * @param (callable(list<list<string>>): list<string>)|null $guess   columns of a table that has no headings
     */
    public static function read(
        string $text,
        array $columns,
        int $needed,
        array $names = [],
        ?callable $guess = null,
    ): self {
        $must = \array_slice($columns, 0, $needed);
        $text = TypedText::unicode($text);
        if ('' === trim($text)) {
            return self::unreadable(
                1,
                '',
                'There is nothing in it',
                'a first line with ' . implode(', ', $must) . ', then a line for every one',
            );
        }
        if (\strlen($text) > self::LARGEST) {
            return self::unreadable(
                1,
                '',
                \sprintf('It is larger than %d kB', self::LARGEST / 1000),
                \sprintf('at most %d lines', self::MOST_ROWS),
            );
        }
        $separator = self::separator($text);
        $lines = self::cells($text, $separator);
        $headings = array_map(static fn(string $cell): string => self::columnName($cell, $names), $lines[0] ?? []);
        $hasHeadings = [] !== array_intersect($headings, $columns);
        if (!$hasHeadings && null !== $guess) {
            $headings = $guess($lines);
        }
        $lines = \array_slice($lines, $hasHeadings || null === $guess ? 1 : 0);
        $missing = array_values(array_diff($must, $headings));
        if ([] !== $missing || [] === $lines) {
            return self::unreadable(
                1,
                implode(', ', $missing),
                [] === $lines ? 'There is no line below the first' : 'The column is missing',
                'columns ' . implode(', ', $columns) . '; all but the first ' . $needed . ' may be left out',
            );
        }
        if (\count($lines) > self::MOST_ROWS) {
            return self::unreadable(
                self::MOST_ROWS + 2,
                '',
                \sprintf('There are %d lines', \count($lines)),
                \sprintf('at most %d', self::MOST_ROWS),
            );
        }

        return new self(self::rows($lines, $headings, $hasHeadings ? 2 : 1), []);
    }

    private static function unreadable(int $row, string $column, string $wrong, string $allowed): self
    {
        return new self([], [new RowProblem($row, $column, $wrong, $allowed)]);
    }

    /** @return list<list<string>> */
    private static function cells(string $text, string $separator): array
    {
        /** @var list<list<string|null>> $lines */
        $lines = (new CsvEncoder())->decode(trim($text, "\r\n") . "\n", 'csv', [
            CsvEncoder::DELIMITER_KEY => $separator,
            CsvEncoder::AS_COLLECTION_KEY => true,
            CsvEncoder::NO_HEADERS_KEY => true,
            CsvEncoder::KEY_SEPARATOR_KEY => self::NEVER,
        ]);

        return array_map(static fn(array $cells): array => array_map(self::plain(...), $cells), $lines);
    }

    /**
     * @param list<list<string>> $lines
     * @param list<string>       $headings
     *
     * @return list<CsvRow>
     */
    private static function rows(array $lines, array $headings, int $first): array
    {
        $rows = [];
        foreach ($lines as $index => $cells) {
            $row = [];
            foreach ($headings as $column => $heading) {
                // Of two columns of one name the first counts.
                $row += [$heading => $cells[$column] ?? ''];
            }
            if ('' !== trim(implode('', $cells))) {
                $rows[] = new CsvRow($index + $first, $row);
            }
        }

        return $rows;
    }

    /**
     * Makes one thing of every row; a row that cannot be is a problem and the others go on.
     *
     * @template T
     *
     * @param list<CsvRow>          $rows
     * @param callable(CsvRow): T   $make    throws Problem
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
            } catch (Problem $problem) {
                $problems[] = new RowProblem(
                    $row->line,
                    $columns[$problem->field()] ?? $problem->field(),
                    $problem->wrong(),
                    $problem->allowed(),
                );
            }
        }

        return [$made, $problems];
    }

    /**
     * @param list<string>       $columns
     * @param list<list<string>> $rows
     * @param bool               $forSpreadsheet with the mark by which a spreadsheet knows that it is UTF-8
     */
    public static function write(array $columns, array $rows, bool $forSpreadsheet = false): string
    {
        $safe = static fn(string $cell): string => 1 === preg_match(self::FORMULA, $cell) ? "'" . $cell : $cell;
        $lines = array_map(static fn(array $row): array => array_combine($columns, array_map($safe, $row)), $rows);

        return ($forSpreadsheet ? "\u{FEFF}" : '') .
            (new CsvEncoder())->encode($lines, 'csv', [CsvEncoder::HEADERS_KEY => $columns]);
    }

    /** Without the apostrophe of {@see write}. */
    private static function plain(?string $cell): string
    {
        $cell = trim($cell ?? '');

        return str_starts_with($cell, "'") && 1 === preg_match(self::FORMULA, $cell) ? substr($cell, 1) : $cell;
    }

    private static function separator(string $text): string
    {
        $first = strtok($text, "\n");
        $counts = array_map(static fn(string $mark): int => substr_count((string) $first, $mark), [
            ';' => ';',
            "\t" => "\t",
            ',' => ',',
        ]);
        arsort($counts);

        return array_key_first($counts);
    }

    /** @param array<string, string> $names */
    private static function columnName(string $heading, array $names): string
    {
        $name = trim((string) preg_replace('/[^a-z0-9#]+/', '_', mb_strtolower(trim($heading))), '_');

        return $names[$name] ?? $name;
    }
}
