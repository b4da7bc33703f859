<?php

declare(strict_types=1);

namespace FoxCorner\App\Team;

use FoxCorner\App\Shared\Csv\CsvRow;
use FoxCorner\App\Shared\Csv\CsvTable;
use FoxCorner\Core\Game\Pitching;
use FoxCorner\Core\InvalidValue;
use FoxCorner\Core\People\Bats;
use FoxCorner\Core\People\Hand;
use FoxCorner\Core\People\Limit;
use FoxCorner\Core\People\PitcherFielding;
use FoxCorner\Core\People\Position;
use FoxCorner\Core\People\RosterPlayer;

/** A roster as a table: read from what a spreadsheet saves or pastes, and written so that it comes back the same. */
final readonly class RosterCsv
{
    public const COLUMNS = ['number', 'name', 'positions', 'throws', 'bats', 'home_to_first_s', 'arm_mph', 'pace_ft', 'exchange_s', 'time_to_plate_s', 'pitching', 'fielding', 'limit', 'limit_until'];
    private const NEEDED = 3;
    /** The column by the core's name of the field, where they differ. */
    private const COLUMN_OF = ['home to first' => 'home_to_first_s', 'arm' => 'arm_mph', 'pace' => 'pace_ft', 'exchange' => 'exchange_s', 'time to plate' => 'time_to_plate_s', 'limit until' => 'limit_until'];

    /** @param list<RosterPlayer> $roster */
    public function write(array $roster): string
    {
        return CsvTable::write(self::COLUMNS, array_map(static fn(RosterPlayer $player): array => [
            (string) $player->number, $player->name, implode(' ', array_map(static fn(Position $position): int => $position->value, $player->positions)),
            $player->traits->throws->value, $player->traits->bats->value,
            (string) $player->traits->homeToFirst, (string) $player->traits->armMph, (string) $player->traits->paceFeet,
            (string) $player->traits->exchange, (string) $player->traits->timeToPlate, $player->traits->pitching->value, $player->traits->fielding->value,
            $player->limit->value, $player->limitUntil?->format('Y-m-d') ?? '',
        ], $roster));
    }

    public function read(string $text): RosterReading
    {
        $table = CsvTable::read($text, self::COLUMNS, self::NEEDED);
        $taken = [];
        [$players, $problems] = CsvTable::make($table->rows, static function (CsvRow $row) use (&$taken): RosterPlayer {
            $player = self::draft($row)->toRosterPlayer(null, $taken);
            $taken[] = $player->number;

            return $player;
        }, self::COLUMN_OF);

        return new RosterReading($players, [...$table->problems, ...$problems]);
    }

    /** @throws InvalidValue */
    private static function draft(CsvRow $row): PlayerDraft
    {
        $draft = new PlayerDraft();
        $draft->name = $row->text('name');
        $draft->number = $row->whole('number', 'number', '0 to 99');
        $draft->positions = $row->text('positions');
        $draft->throws = $row->choice(Hand::class, 'throws', Hand::Right);
        $draft->bats = $row->choice(Bats::class, 'bats', Bats::Right);
        $draft->homeToFirst = $row->number('home_to_first_s', 'home to first');
        $draft->arm = $row->number('arm_mph', 'arm');
        $draft->pace = $row->number('pace_ft', 'pace');
        $draft->exchange = $row->number('exchange_s', 'exchange');
        $draft->timeToPlate = $row->number('time_to_plate_s', 'time to plate');
        $draft->pitching = $row->choice(Pitching::class, 'pitching', Pitching::Ordinary);
        $draft->fielding = $row->choice(PitcherFielding::class, 'fielding', PitcherFielding::Ordinary);
        $draft->limit = $row->choice(Limit::class, 'limit', Limit::None);
        $draft->limitUntil = $row->day('limit_until');

        return $draft;
    }
}
