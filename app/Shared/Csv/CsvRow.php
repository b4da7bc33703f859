<?php

declare(strict_types=1);

namespace FoxCorner\App\Shared\Csv;

use FoxCorner\Core\Problem\NoNumber;
use FoxCorner\Core\Problem\Problem;
use FoxCorner\Core\Problem\Refused;
use FoxCorner\Core\Problem\Unknown;

/** One line of a table, its cells by column; every reader names the field as the core does when a cell cannot be. */
final readonly class CsvRow
{
    /**
     * @param int                        $line  as a spreadsheet counts, the headings being 1
     * @param array<string, string|null> $cells
     */
    public function __construct(public int $line, private array $cells) {}

    /** Whether something stands in the cell; a hyphen says "nothing" aloud. */
    public function says(string $column): bool
    {
        return '' !== trim($this->cells[$column] ?? '');
    }

    public function text(string $column): string
    {
        $cell = trim($this->cells[$column] ?? '');

        return \in_array($cell, ['-', '–', '—'], true) ? '' : $cell;
    }

    /** @throws Problem */
    public function number(string $column, string $field): ?float
    {
        $cell = $this->text($column);
        if ('' === $cell) {
            return null;
        }
        // As people write it: 3,15 or 3.15 s or 62 mph.
        $number =
            1 === preg_match('/^([+-]?\d{0,6}[.,]?\d{1,6})\s*(s|sec|mph|ft|feet|\'|")?$/i', $cell, $parts)
                ? str_replace(',', '.', $parts[1])
                : $cell;

        return is_numeric($number) ? (float) $number : throw NoNumber::at($field, 'a number, or nothing', $cell);
    }

    /** Of several in one cell, as in 3.05 / 3.11, the middle one, or the mean of two in the middle. @throws Problem */
    public function median(string $column, string $field): ?float
    {
        $cells = (array) preg_split('~\s*[/;&]\s*|\s+and\s+|(?<=\d)\s+(?=\d)~', $this->text($column));
        $numbers = [];
        foreach ($cells as $cell) {
            $numbers[] = (new self($this->line, [$column => (string) $cell]))->number($column, $field);
        }
        $numbers = array_values(array_filter($numbers, is_float(...)));
        sort($numbers);
        $count = \count($numbers);

        return 0 === $count ? null : ($numbers[intdiv($count - 1, 2)] + $numbers[intdiv($count, 2)]) / 2;
    }

    /**
     * @param string $allowed as in "0 to 99"
     *
     * @throws Problem
     */
    public function whole(string $column, string $field, string $allowed): int
    {
        $cell = $this->text($column);

        return ctype_digit($cell) && \strlen($cell) < 6 ? (int) $cell : throw NoNumber::whole($field, $allowed, $cell);
    }

    /** Anything of y, yes, true, 1, x is yes; empty, n, no, false, 0 is no. @throws Problem */
    public function flag(string $column, string $field): bool
    {
        $cell = strtolower($this->text($column));

        return match (true) {
            \in_array($cell, ['y', 'yes', 'true', '1', 'x'], true) => true,
            \in_array($cell, ['', 'n', 'no', 'false', '0'], true) => false,
            default => throw Refused::because($field, "\"$cell\" is neither yes nor no", 'yes, no, or nothing'),
        };
    }

    /**
     * @template T of \BackedEnum
     *
     * @param class-string<T>       $enum
     * @param T                     $otherwise what an empty cell means
     * @param array<string, string> $words     values by other words for them, in small letters
     *
     * @return T
     *
     * @throws Problem
     */
    public function choice(string $enum, string $column, \BackedEnum $otherwise, array $words = []): \BackedEnum
    {
        $cell = $this->text($column);
        $cell = $words[mb_strtolower($cell)] ?? $cell;
        foreach ($enum::cases() as $case) {
            if (0 === strcasecmp((string) $case->value, $cell)) {
                return $case;
            }
        }

        return '' === $cell ? $otherwise : throw Unknown::noneOf($enum, $cell, str_replace('_', ' ', $column));
    }

    /** @throws Problem */
    public function day(string $column): ?\DateTimeImmutable
    {
        $cell = $this->text($column);
        if ('' === $cell) {
            return null;
        }
        $day = \DateTimeImmutable::createFromFormat('!Y-m-d', $cell);

        return false !== $day && $day->format('Y-m-d') === $cell
            ? $day
            : throw Refused::because(
                str_replace('_', ' ', $column),
                "\"$cell\" is not a date",
                'year-month-day, as in 2026-11-30, or nothing',
            );
    }
}
