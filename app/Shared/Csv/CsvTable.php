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

    /** Lines above the headings that are passed over, as a title of the list. */
    private const MOST_ABOVE = 6;
    /** What people write behind a heading to say in what it is measured. */
    private const UNIT = '/_(s|sec|secs|seconds|mph|ft|feet)$/';

    /**
     * @param list<CsvRow>          $rows     without the empty ones
     * @param list<RowProblem>      $problems that kept it from being read at all
     * @param array<string, string> $unused   headings that no column is known by, as they are written, by their key
     */
    private function __construct(public array $rows, public array $problems, public array $unused = []) {}

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
        $lines = self::fromHeadings($lines, $columns, $names, null === $guess ? 1 : $needed);
        $above = array_key_first($lines) ?? 0;
        $lines = array_values($lines);
        $written = $lines[0] ?? [];
        $headings = array_map(static fn(string $cell): string => self::columnName($cell, $columns, $names), $written);
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

        return new self(
            self::rows($lines, $headings, $above + ($hasHeadings ? 2 : 1)),
            [],
            $hasHeadings ? self::unused($written, $headings, [...$columns, ...array_values($names)]) : [],
        );
    }

    /**
     * The lines from the headings on, as many of which are known as must be there; all of them where no line is that.
     *
     * @param list<list<string>>    $lines
     * @param list<string>          $columns
     * @param array<string, string> $names
     *
     * @return array<int, list<string>> by their place in the text, from 0
     */
    private static function fromHeadings(array $lines, array $columns, array $names, int $needed): array
    {
        foreach (\array_slice($lines, 0, self::MOST_ABOVE, true) as $index => $cells) {
            $known = array_filter(
                $cells,
                static fn(string $cell): bool => \in_array(self::columnName($cell, $columns, $names), $columns, true),
            );
            if (\count($known) >= $needed) {
                return \array_slice($lines, $index, null, true);
            }
        }

        return $lines;
    }

    /**
     * @param list<string> $written
     * @param list<string> $headings
     * @param list<string> $known
     *
     * @return array<string, string>
     */
    private static function unused(array $written, array $headings, array $known): array
    {
        $unused = array_filter(array_combine($headings, $written), static fn(string $cell): bool => '' !== $cell);

        return array_diff_key($unused, array_flip($known));
    }

    private static function unreadable(int $row, string $column, string $wrong, string $allowed): self
    {
        return new self([], [new RowProblem($row, $column, $wrong, $allowed)]);
    }

    /** @return list<list<string>> */
    private static function cells(string $text, string $separator): array
    {
        // Every line is read as wide as the first one is: one of the widest goes before them.
        $width = max(array_map(static fn(string $line): int => substr_count($line, $separator), explode("\n", $text)));
        /** @var list<list<string|null>> $lines */
        $lines = (new CsvEncoder())->decode(str_repeat($separator, $width) . "\n" . trim($text, "\r\n") . "\n", 'csv', [
            CsvEncoder::DELIMITER_KEY => $separator,
            CsvEncoder::AS_COLLECTION_KEY => true,
            CsvEncoder::NO_HEADERS_KEY => true,
            CsvEncoder::KEY_SEPARATOR_KEY => self::NEVER,
        ]);

        return array_map(
            static fn(array $cells): array => array_map(self::plain(...), $cells),
            \array_slice($lines, 1),
        );
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
        $first = implode("\n", \array_slice(explode("\n", $text), 0, self::MOST_ABOVE));
        $counts = array_map(static fn(string $mark): int => substr_count($first, $mark), [
            ';' => ';',
            "\t" => "\t",
            ',' => ',',
        ]);
        arsort($counts);

        return array_key_first($counts);
    }

    /**
     * @param list<string>          $columns
     * @param array<string, string> $names
     */
    private static function columnName(string $heading, array $columns, array $names): string
    {
        $name = trim((string) preg_replace('/[^a-z0-9#]+/', '_', mb_strtolower(trim($heading))), '_');
        $bare = (string) preg_replace(self::UNIT, '', $name);

        return $names[$name] ?? (\in_array($name, $columns, true) ? $name : $names[$bare] ?? $name);
    }
}
