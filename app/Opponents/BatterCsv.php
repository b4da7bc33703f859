<?php

declare(strict_types=1);

namespace FoxCorner\App\Opponents;

use FoxCorner\App\Club\RosterColumns;
use FoxCorner\App\Shared\Csv\CsvRow;
use FoxCorner\App\Shared\Csv\CsvTable;
use FoxCorner\App\Shared\Csv\RowProblem;
use FoxCorner\Core\Game\Tendency;
use FoxCorner\Core\People\Bats;
use FoxCorner\Core\People\ShirtNumber;
use FoxCorner\Core\Problem\Refused;

/** An opponent's batters as a table, in and out. */
final class BatterCsv
{
    public const COLUMNS = ['number', 'name', 'order', 'bats', 'home_to_first_s', 'tendency', 'power', 'bunts', 'goes'];
    private const NEEDED = 2;

    /** @param list<ScoutedBatter> $batters */
    public function write(array $batters, bool $forSpreadsheet = false): string
    {
        $flag = static fn(bool $is): string => $is ? 'yes' : 'no';

        return CsvTable::write(
            self::COLUMNS,
            array_map(
                static fn(ScoutedBatter $batter): array => [
                    $batter->number,
                    $batter->name,
                    (string) $batter->place,
                    $batter->bats->value,
                    (string) $batter->homeToFirst,
                    $batter->tendency->value,
                    $flag($batter->power),
                    $flag($batter->bunts),
                    $flag($batter->goes),
                ],
                $batters,
            ),
            $forSpreadsheet,
        );
    }

    /** @return array{list<ScoutedBatter>, list<RowProblem>} */
    public function read(string $text): array
    {
        $table = CsvTable::read($text, self::COLUMNS, self::NEEDED, RosterColumns::NAMES);

        return [] === $table->problems ? $this->make($table->rows) : [[], $table->problems];
    }

    /**
     * @param list<CsvRow> $rows
     *
     * @return array{list<ScoutedBatter>, list<RowProblem>}
     */
    public function make(array $rows): array
    {
        $taken = [];

        return CsvTable::make(
            $rows,
            static function (CsvRow $row) use (&$taken): ScoutedBatter {
                $number = ShirtNumber::check($row->text('number'));
                if (isset($taken[$number])) {
                    throw Refused::because('number', "$number is there twice", 'a number that nobody else wears');
                }
                $taken[$number] = true;
                $bats = $row->choice(Bats::class, 'bats', Bats::Right, RosterColumns::SIDES);

                return new ScoutedBatter(
                    $number,
                    $row->text('name'),
                    '' === $row->text('order') ? null : $row->whole('order', 'order', '1 to 9, or nothing'),
                    $bats,
                    $row->number('home_to_first_s', 'home to first'),
                    $row->choice(
                        Tendency::class,
                        'tendency',
                        Bats::Slap === $bats ? Tendency::OtherWay : Tendency::AllFields,
                    ),
                    $row->flag('power', 'power'),
                    $row->flag('bunts', 'bunts'),
                    $row->flag('goes', 'goes'),
                );
            },
            ['home to first' => 'home_to_first_s'],
        );
    }
}
