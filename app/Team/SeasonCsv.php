<?php

declare(strict_types=1);

namespace FoxCorner\App\Team;

use FoxCorner\App\Shared\Csv\CsvRow;
use FoxCorner\App\Shared\Csv\CsvTable;
use FoxCorner\App\Shared\Csv\RowProblem;
use FoxCorner\Core\Problem\Missing;
use FoxCorner\Core\Runs\EventRates;

/** A season's line: counts, or shares of a plate appearance as we write them. */
final class SeasonCsv
{
    private const COUNTS = [
        'plate_appearances',
        'walks',
        'hit_batters',
        'singles',
        'doubles',
        'triples',
        'home_runs',
        'strikeouts',
        'errors',
    ];
    private const COUNTS_NEEDED = 8;

    public function write(EventRates $rates): string
    {
        return CsvTable::write(EventRates::NAMES, [
            array_map(static fn(float $share): string => (string) $share, array_values($rates->shares())),
        ]);
    }

    /** @return array{EventRates|null, list<RowProblem>} */
    public function read(string $text): array
    {
        $isShares =
            str_contains(strtolower((string) strtok($text, "\n")), 'walk,') ||
            str_contains(strtolower((string) strtok($text, "\n")), 'home_run,');
        $columns = $isShares ? EventRates::NAMES : self::COUNTS;
        $table = CsvTable::read($text, $columns, $isShares ? \count($columns) : self::COUNTS_NEEDED);
        if ([] !== $table->problems) {
            return [null, $table->problems];
        }
        if (1 !== \count($table->rows)) {
            return [
                null,
                [
                    new RowProblem(
                        3,
                        '',
                        \sprintf('There are %d lines below the headings', \count($table->rows)),
                        'one line: the season’s',
                    ),
                ],
            ];
        }
        [$rates, $problems] = CsvTable::make($table->rows, $isShares ? self::shares(...) : self::counts(...));

        return [$rates[0] ?? null, $problems];
    }

    private static function shares(CsvRow $row): EventRates
    {
        return EventRates::of(
            ...array_map(
                static fn(string $name): float => $row->number($name, $name) ??
                    throw Missing::at($name, 'a share of plate appearances'),
                EventRates::NAMES,
            ),
        );
    }

    private static function counts(CsvRow $row): EventRates
    {
        return EventRates::fromCounts(
            ...array_map(
                static fn(string $name): int => 'errors' === $name && '' === $row->text($name)
                    ? 0
                    : $row->whole($name, $name, 'a whole number of the season'),
                self::COUNTS,
            ),
        );
    }
}
