<?php

declare(strict_types=1);

namespace FoxCorner\App\Team;

use FoxCorner\App\Club\Player;
use FoxCorner\App\Club\RosterColumns;
use FoxCorner\App\Shared\Csv\CsvRow;
use FoxCorner\App\Shared\Csv\CsvTable;
use FoxCorner\Core\People\Bats;
use FoxCorner\Core\People\Hand;
use FoxCorner\Core\People\Limit;
use FoxCorner\Core\People\PitcherFielding;
use FoxCorner\Core\People\Pitching;
use FoxCorner\Core\People\Position;
use FoxCorner\Core\People\RosterPlayer;
use FoxCorner\Core\Problem\Problem;

/** A roster as a table: read from what a spreadsheet saves or pastes, and written so that it comes back the same. */
final readonly class RosterCsv
{
    /** The column by the core's name of the field, where they differ. */
    private const COLUMN_OF = [
        'home to first' => 'home_to_first_s',
        'arm' => 'arm_mph',
        'pace' => 'pace_ft',
        'exchange' => 'exchange_s',
        'time to plate' => 'time_to_plate_s',
        'limit until' => 'limit_until',
    ];

    /** @param list<RosterPlayer> $roster */
    public function write(array $roster, bool $forSpreadsheet = false): string
    {
        return CsvTable::write(
            RosterColumns::ALL,
            array_map(
                static fn(RosterPlayer $player): array => [
                    (string) $player->number,
                    $player->name,
                    implode(' ', Position::numbers($player->positions)),
                    $player->traits->throws->value,
                    $player->traits->bats->value,
                    (string) $player->traits->homeToFirst,
                    (string) $player->traits->armMph,
                    (string) $player->traits->paceFeet,
                    (string) $player->traits->exchange,
                    (string) $player->traits->timeToPlate,
                    $player->traits->pitching->value,
                    $player->traits->fielding->value,
                    $player->limit->value,
                    $player->limitUntil?->format('Y-m-d') ?? '',
                ],
                $roster,
            ),
            $forSpreadsheet,
        );
    }

    /**
     * A number that is already worn is that player, changed in what the table says; what it does not say stays.
     *
     * @param array<int, Player> $known by number
     */
    public function read(string $text, array $known = []): RosterReading
    {
        $table = CsvTable::read(
            $text,
            RosterColumns::ALL,
            RosterColumns::NEEDED,
            RosterColumns::NAMES,
            RosterColumns::guess(...),
        );
        $taken = [];
        [$lines, $problems] = CsvTable::make(
            $table->rows,
            static function (CsvRow $row) use (&$taken, $known): RosterLine {
                $number = $row->whole('number', 'number', '0 to 99');
                $player = $known[$number] ?? null;
                $read = self::draft(
                    $row,
                    $number,
                    null === $player ? new PlayerDraft() : PlayerDraft::of($player),
                )->toRosterPlayer($player?->id(), $taken);
                $taken[] = $number;

                return new RosterLine($read, $player?->asRosterPlayer());
            },
            self::COLUMN_OF,
        );

        return new RosterReading($lines, [...$table->problems, ...$problems]);
    }

    /** @throws Problem */
    private static function draft(CsvRow $row, int $number, PlayerDraft $draft): PlayerDraft
    {
        $draft->number = $number;
        self::hands($row, $draft);
        $draft->name = $row->says('name') ? $row->text('name') : $draft->name;
        $draft->positions = $row->says('positions') ? $row->text('positions') : $draft->positions;
        $draft->homeToFirst = self::measured($row, 'home to first', $draft->homeToFirst);
        $draft->arm = self::measured($row, 'arm', $draft->arm);
        $draft->pace = self::measured($row, 'pace', $draft->pace);
        $draft->exchange = self::measured($row, 'exchange', $draft->exchange);
        $draft->timeToPlate = self::measured($row, 'time to plate', $draft->timeToPlate);
        $draft->pitching = $row->choice(Pitching::class, 'pitching', $draft->pitching);
        $draft->fielding = $row->choice(PitcherFielding::class, 'fielding', $draft->fielding);
        if ($row->says('limit')) {
            [$draft->limit, $draft->limitUntil] = [$row->choice(Limit::class, 'limit', Limit::None), null];
        }
        $draft->limitUntil = $row->says('limit_until') ? $row->day('limit_until') : $draft->limitUntil;

        return $draft;
    }

    /** @throws Problem */
    private static function measured(CsvRow $row, string $field, ?float $known): ?float
    {
        $column = self::COLUMN_OF[$field];

        return $row->says($column) ? $row->number($column, $field) : $known;
    }

    /** In columns of their own, or both in one, as in R/L. @throws Problem */
    private static function hands(CsvRow $row, PlayerDraft $draft): void
    {
        $both = $row->text('bats_throws');
        [$bats, $throws] = [...explode('/', $both, 2), ''];
        if ('' === $both) {
            [$throws, $bats] = [...explode('/', $row->text('throws_bats'), 2), ''];
        }
        $row = '' === $throws . $bats ? $row : new CsvRow($row->line, ['throws' => $throws, 'bats' => $bats]);
        $draft->throws = $row->choice(Hand::class, 'throws', $draft->throws, RosterColumns::HANDS);
        $draft->bats = $row->choice(Bats::class, 'bats', $draft->bats, RosterColumns::SIDES);
    }
}
