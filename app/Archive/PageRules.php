<?php

declare(strict_types=1);

namespace FoxCorner\App\Archive;

use FoxCorner\App\Club\ShirtNumberType;
use FoxCorner\App\Club\Team;
use FoxCorner\App\Opponents\Opponent;
use FoxCorner\App\Opponents\ScoutedBatter;
use FoxCorner\App\Practice\Book\PracticeAddress;
use FoxCorner\App\Practice\Live\TurnRecords;
use FoxCorner\App\Runners\Log\EventKind;
use FoxCorner\App\Team\PlayerDraft;
use FoxCorner\Core\Field\Base;
use FoxCorner\Core\Field\ShippedRuleSets;
use FoxCorner\Core\Game\Tendency;
use FoxCorner\Core\Level\AgeGroup;
use FoxCorner\Core\Level\Level;
use FoxCorner\Core\People\Bats;
use FoxCorner\Core\People\Hand;
use FoxCorner\Core\People\Limit;
use FoxCorner\Core\People\PitcherFielding;
use FoxCorner\Core\People\Pitching;
use FoxCorner\Core\People\Position;
use FoxCorner\Core\People\Quantity;
use FoxCorner\Core\Practice\Arm\Outing;
use FoxCorner\Core\Practice\Arm\RestTable;
use FoxCorner\Core\Practice\Floor\FloorTable;
use FoxCorner\Core\Practice\Floor\Work;
use FoxCorner\Core\Practice\Live\PauseReason;
use FoxCorner\Core\Practice\Live\RunClock;
use FoxCorner\Core\Practice\Need\Grade;
use FoxCorner\Core\Problem\OutOfRange;
use FoxCorner\Core\Problem\Problem;
use FoxCorner\Core\Problem\Refused;
use FoxCorner\Core\Problem\WrongLength;

/**
 * Every row of an archive by the rules of the pages on which it could have been typed. Documents (plan, sheets, drills,
 * lineup) are read by {@see ReadableTeam} as the pages read them.
 */
final class PageRules
{
    /** Rows that a team may have where its pages say so; all else is bounded by the archive's bytes. */
    public const MOST = [
        'player' => Team::MOST_PLAYERS,
        'own_drill' => 100,
        'plan_draft' => 1,
        'todays_lineup' => 1,
        'opponent' => 80,
        'booking' => 9000,
        'practice' => 4000,
    ];

    /**
     * @param array<string, mixed> $row a team's own, its columns of the right kinds
     *
     * @throws Problem
     */
    public static function team(array $row): void
    {
        WrongLength::unlessBetween('name', Cell::text($row['name']), 1, Team::LONGEST);
        Cell::among(Level::class, $row['level'], 'level');
        ShippedRuleSets::get(Cell::text($row['rule_set']));
        self::floors($row['floors']);
        if (null !== $row['rest']) {
            $rest = array_map(Cell::whole(...), Cell::list($row['rest'], 'rest'));
            OutOfRange::unlessBetween('rest', \count($rest), RestTable::DAYS + 1, RestTable::DAYS + 1, 'figures');
            RestTable::of(AgeGroup::Older)->with(array_map(strval(...), $rest));
        }
    }

    /** @throws Problem */
    private static function floors(mixed $floors): void
    {
        $table = FloorTable::of(AgeGroup::Older);
        foreach (self::pairs($floors) as $position => $works) {
            foreach (self::pairs($works) as $work => $reps) {
                Cell::among(Work::class, $work, 'floors');
                $table->with(
                    Position::ofNumber((int) $position),
                    Work::from((string) $work),
                    \is_int($reps) ? (string) $reps : '-',
                );
            }
        }
    }

    /** @return array<array-key, mixed> of a document as it was read */
    private static function pairs(mixed $document): array
    {
        return $document instanceof \stdClass ? get_object_vars($document) : (\is_array($document) ? $document : []);
    }

    /**
     * @param array<string, mixed> $row its columns of the right kinds
     *
     * @throws Problem naming the column
     */
    public static function row(string $table, array $row): void
    {
        foreach ($row as $column => $value) {
            if (\is_string($value) && 1 === preg_match('/[\x00-\x08\x0b\x0c\x0e-\x1f\x7f]/', $value)) {
                throw Refused::because($column, 'it has signs that nobody can type', 'text');
            }
        }
        match ($table) {
            'player' => self::player($row),
            'reading' => self::reading($row),
            'opponent' => Opponent::checkName(Cell::text($row['name'])),
            'opponent_batter' => self::batter($row),
            'booking' => self::booking($row),
            'practice' => self::practice($row),
            'practice_run' => self::run($row),
            'turn_record' => self::record($row),
            'runner_event' => self::event($row),
            'pitched_day' => self::pitched($row),
            default => null,
        };
    }

    /** @param array<string, mixed> $row */
    private static function player(array $row): void
    {
        $draft = new PlayerDraft();
        $draft->name = Cell::text($row['name']);
        $draft->number = ShirtNumberType::read(Cell::whole($row['number']));
        $positions = array_map(Cell::whole(...), Cell::list($row['positions'], 'positions'));
        $draft->positions = implode(' ', $positions);
        $draft->throws = Cell::among(Hand::class, $row['throws'], 'throws');
        $draft->bats = Cell::among(Bats::class, $row['bats'], 'bats');
        foreach (Quantity::cases() as $one) {
            $draft->measured[$one->value] = Cell::number($row[$one->stored()]);
        }
        $draft->pitching = Cell::among(Pitching::class, $row['pitching'], 'pitching');
        $draft->fielding = Cell::among(PitcherFielding::class, $row['fielding'], 'fielding');
        $draft->limit = Cell::among(Limit::class, $row['today_limit'], 'limit');
        if (null !== $row['limit_until']) {
            Cell::moment(Cell::text($row['limit_until']) . ' 00:00:00', 'limit until');
        }
        $draft->toRosterPlayer(null, []);
    }

    /** @param array<string, mixed> $row */
    private static function reading(array $row): void
    {
        $quantity = Cell::among(Quantity::class, $row['quantity'], 'quantity');
        $quantity->check(Cell::number($row['value']) ?? 0.0, $quantity->field());
        Cell::moment(Cell::text($row['taken_at']), 'taken at');
    }

    /** @param array<string, mixed> $row */
    private static function batter(array $row): void
    {
        new ScoutedBatter(
            ShirtNumberType::read(Cell::whole($row['number'])),
            Cell::text($row['name']),
            null === $row['place'] ? null : Cell::whole($row['place']),
            Cell::among(Bats::class, $row['bats'], 'bats'),
            Cell::number($row['home_to_first']),
            Cell::among(Tendency::class, $row['tendency'], 'tendency'),
            true === $row['power'],
            true === $row['bunts'],
            true === $row['goes'],
        );
    }

    /** @param array<string, mixed> $row */
    private static function booking(array $row): void
    {
        Cell::fits($row['uid'], 'uid', 190, 1);
        Cell::fits($row['summary'], 'summary', 160);
        Cell::fits($row['place'], 'place', 120);
        $from = Cell::moment(Cell::text($row['starts_at']), 'starts at');
        if (Cell::moment(Cell::text($row['ends_at']), 'ends at') < $from) {
            throw Refused::because('ends at', 'it ends before it begins', 'an end after the beginning');
        }
    }

    /** @param array<string, mixed> $row */
    private static function practice(array $row): void
    {
        OutOfRange::unlessBetween('minutes', Cell::whole($row['minutes']), 40, 180, 'minutes');
        Cell::fits($row['place'], 'place', 120);
        $day = Cell::moment(Cell::text($row['starts_at']), 'starts at')->format('Y-m-d-');
        if (null === PracticeAddress::read($day . Cell::text($row['letters']))) {
            throw Refused::because('letters', 'they are not of an address', 'four letters of an address');
        }
        foreach (Cell::list($row['comes'], 'comes') as $player) {
            Cell::fits($player, 'comes', 36, 1);
        }
    }

    /** @param array<string, mixed> $row */
    private static function run(array $row): void
    {
        $ms = static function (string $column) use ($row): array {
            $all = array_map(Cell::whole(...), Cell::list($row[$column], $column));
            foreach ($all as $one) {
                OutOfRange::unlessBetween($column, $one, 0, 86_400_000, 'milliseconds');
            }

            return $all;
        };
        RunClock::kept(
            $ms('lengths'),
            $ms('skipped'),
            null === $row['started_at'] ? null : Cell::whole($row['started_at']),
            null === $row['paused_at'] ? null : Cell::whole($row['paused_at']),
            null === $row['reason'] ? null : Cell::among(PauseReason::class, $row['reason'], 'reason'),
            $ms('planned'),
        );
    }

    /** @param array<string, mixed> $row */
    private static function record(array $row): void
    {
        OutOfRange::unlessBetween('block', Cell::whole($row['block']), 0, 200, 'of a practice');
        Cell::fits($row['drill'], 'drill', 60, 1);
        Cell::fits($row['player'], 'player', 36, 1);
        if (null !== $row['counted']) {
            OutOfRange::unlessBetween('counted', Cell::whole($row['counted']), 0, TurnRecords::MOST, 'repetitions');
        }
        if (null !== $row['grade']) {
            Cell::among(Grade::class, $row['grade'], 'grade');
        }
    }

    /** @param array<string, mixed> $row */
    private static function event(array $row): void
    {
        Cell::among(EventKind::class, $row['kind'], 'kind');
        if (null === Base::tryFrom(Cell::whole($row['base']))) {
            throw Refused::because('base', Cell::whole($row['base']) . ' is none', 'a base');
        }
        if (null !== $row['lead_feet']) {
            OutOfRange::unlessBetween('lead', Cell::number($row['lead_feet']) ?? 0.0, 0.0, 45.0, 'feet');
        }
        if (null !== $row['looks']) {
            OutOfRange::unlessBetween('looks', Cell::whole($row['looks']), 0, 20, 'looks');
        }
        Cell::fits($row['counted_by'], 'counted by', 120, 1);
        Cell::moment(Cell::text($row['counted_at']), 'counted at');
    }

    /** @param array<string, mixed> $row */
    private static function pitched(array $row): void
    {
        Cell::moment(Cell::text($row['day']) . ' 00:00:00', 'day');
        Outing::check(Cell::whole($row['pitches']));
    }
}
