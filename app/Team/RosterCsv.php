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
use FoxCorner\Core\People\Quantity;
use FoxCorner\Core\People\RosterPlayer;
use FoxCorner\Core\People\ShirtNumber;
use FoxCorner\Core\Problem\Problem;

/** A roster as a table: read from what a spreadsheet saves or pastes, and written so that it comes back the same. */
final readonly class RosterCsv
{
    /** @param list<RosterPlayer> $roster */
    public function write(array $roster, bool $forSpreadsheet = false): string
    {
        return CsvTable::write(
            RosterColumns::all(),
            array_map(
                static fn(RosterPlayer $player): array => [
                    $player->number,
                    $player->name,
                    implode(' ', Position::numbers($player->positions)),
                    $player->traits->throws->value,
                    $player->traits->bats->value,
                    ...array_map(
                        static fn(Quantity $one): string => (string) $player->traits->measured($one),
                        Quantity::cases(),
                    ),
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
     * @param array<array-key, Player> $known by number
     * @param array<string, string>    $as    columns by headings that nobody knew, as in {@see RosterReading::$unused}
     */
    public function read(string $text, array $known = [], array $as = []): RosterReading
    {
        $table = CsvTable::read(
            $text,
            RosterColumns::all(),
            RosterColumns::NEEDED,
            array_intersect($as, RosterColumns::ASKED) + RosterColumns::NAMES,
            RosterColumns::guess(...),
        );
        $taken = [];
        [$lines, $problems] = CsvTable::make(
            $table->rows,
            static function (CsvRow $row) use (&$taken, $known): RosterLine {
                $number = ShirtNumber::check($row->text('number'));
                $player = $known[$number] ?? null;
                $draft = null === $player ? new PlayerDraft() : PlayerDraft::of($player);
                $positions = TypedPositions::read($row->text('positions'), $draft->positions);
                $draft->positions = $positions->positions;
                $read = self::draft($row, $number, $draft)->toRosterPlayer($player?->id(), $taken);
                $taken[] = $number;

                return new RosterLine($read, $player?->asRosterPlayer(), $positions->unknown);
            },
            RosterColumns::fields(),
        );

        return new RosterReading($lines, [...$table->problems, ...$problems], $table->unused);
    }

    /** @throws Problem */
    private static function draft(CsvRow $row, string $number, PlayerDraft $draft): PlayerDraft
    {
        $draft->number = $number;
        self::hands($row, $draft);
        $draft->name = $row->says('name') ? trim($row->text('first_name') . ' ' . $row->text('name')) : $draft->name;
        foreach (Quantity::cases() as $one) {
            if ($row->says($one->column())) {
                $draft->measured[$one->value] = $row->median($one->column(), $one->field());
            }
        }
        $draft->pitching = $row->choice(Pitching::class, 'pitching', $draft->pitching);
        $draft->fielding = $row->choice(PitcherFielding::class, 'fielding', $draft->fielding);
        if ($row->says('limit')) {
            [$draft->limit, $draft->limitUntil] = [$row->choice(Limit::class, 'limit', Limit::None), null];
        }
        $draft->limitUntil = $row->says('limit_until') ? $row->day('limit_until') : $draft->limitUntil;

        return $draft;
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
