<?php

declare(strict_types=1);

namespace FoxCorner\App\Team;

use FoxCorner\App\Shared\Csv\CsvRow;
use FoxCorner\App\Shared\Csv\CsvTable;
use FoxCorner\App\Shared\Csv\RowProblem;
use FoxCorner\Core\Level\FieldingRecord;
use FoxCorner\Core\People\Position;
use FoxCorner\Core\Problem\Problem;
use FoxCorner\Core\Problem\Refused;

/** The infield's record: a line for every position, as 6 or SS. */
final class RecordCsv
{
    private const COLUMNS = ['position', 'chances', 'outs'];

    public function write(FieldingRecord $record): string
    {
        $rows = [];
        foreach ($record->counts as $number => [$chances, $outs]) {
            $rows[] = [(string) $number, (string) $chances, (string) $outs];
        }

        return CsvTable::write(self::COLUMNS, $rows);
    }

    /** @return array{FieldingRecord|null, list<RowProblem>} */
    public function read(string $text): array
    {
        $table = CsvTable::read($text, self::COLUMNS, \count(self::COLUMNS));
        if ([] !== $table->problems) {
            return [null, $table->problems];
        }
        $seen = [];
        [$read, $problems] = CsvTable::make(
            $table->rows,
            static function (CsvRow $row) use (&$seen): array {
                $position = self::position($row);
                if (isset($seen[$position->value])) {
                    throw Refused::because(
                        'position',
                        "$position->value is in line {$seen[$position->value]} already",
                        'every position once',
                    );
                }
                $seen[$position->value] = $row->line;
                $counts = [
                    $row->whole('chances', 'chances', 'a whole number'),
                    $row->whole('outs', 'outs', 'a whole number'),
                ];
                FieldingRecord::of([$position->value => $counts]);

                return [$position->value, $counts];
            },
            self::columns(),
        );

        return [] === $problems ? [FieldingRecord::of(array_column($read, 1, 0)), []] : [null, $problems];
    }

    /** @return array<string, string> the column by what the core calls a count */
    private static function columns(): array
    {
        $columns = [];
        foreach (Position::INFIELD as $position) {
            $columns["chances of $position->value"] = 'chances';
            $columns["outs of $position->value"] = 'outs';
        }

        return $columns;
    }

    /** @throws Problem */
    private static function position(CsvRow $row): Position
    {
        $positions = Position::read($row->text('position'));

        return 1 === \count($positions)
            ? $positions[0]
            : throw Refused::because('position', 'it is several', 'one of positions 1 to 6');
    }
}
