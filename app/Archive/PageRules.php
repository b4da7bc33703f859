<?php

declare(strict_types=1);

namespace FoxCorner\App\Archive;

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
use FoxCorner\Core\Problem\Unknown;
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
    /** Years between which anything can be. */
    private const YEARS = ['1990', '2099'];

    /**
     * @param array<string, mixed> $row a team's own, its columns of the right kinds
     *
     * @throws Problem
     */
    public static function team(array $row): void
    {
        WrongLength::unlessBetween('name', self::text($row['name']), 1, Team::LONGEST);
        self::among(Level::class, $row['level'], 'level');
        ShippedRuleSets::get(self::text($row['rule_set']));
        self::floors($row['floors']);
        if (null !== $row['rest']) {
            $rest = array_map(self::whole(...), self::list($row['rest'], 'rest'));
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
                self::among(Work::class, $work, 'floors');
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
            'opponent' => Opponent::checkName(self::text($row['name'])),
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
        $draft->name = self::text($row['name']);
        $draft->number = self::whole($row['number']);
        $positions = array_map(self::whole(...), self::list($row['positions'], 'positions'));
        $draft->positions = implode(' ', $positions);
        $draft->throws = self::among(Hand::class, $row['throws'], 'throws');
        $draft->bats = self::among(Bats::class, $row['bats'], 'bats');
        foreach (Quantity::cases() as $one) {
            $draft->measured[$one->value] = self::number($row[$one->stored()]);
        }
        $draft->pitching = self::among(Pitching::class, $row['pitching'], 'pitching');
        $draft->fielding = self::among(PitcherFielding::class, $row['fielding'], 'fielding');
        $draft->limit = self::among(Limit::class, $row['today_limit'], 'limit');
        if (null !== $row['limit_until']) {
            self::moment(self::text($row['limit_until']) . ' 00:00:00', 'limit until');
        }
        $draft->toRosterPlayer(null, []);
    }

    /** @param array<string, mixed> $row */
    private static function reading(array $row): void
    {
        $quantity = self::among(Quantity::class, $row['quantity'], 'quantity');
        $quantity->check(self::number($row['value']) ?? 0.0, $quantity->field());
        self::moment(self::text($row['taken_at']), 'taken at');
    }

    /** @param array<string, mixed> $row */
    private static function batter(array $row): void
    {
        new ScoutedBatter(
            self::whole($row['number']),
            self::text($row['name']),
            null === $row['place'] ? null : self::whole($row['place']),
            self::among(Bats::class, $row['bats'], 'bats'),
            self::number($row['home_to_first']),
            self::among(Tendency::class, $row['tendency'], 'tendency'),
            true === $row['power'],
            true === $row['bunts'],
            true === $row['goes'],
        );
    }

    /** @param array<string, mixed> $row */
    private static function booking(array $row): void
    {
        self::fits($row['uid'], 'uid', 190, 1);
        self::fits($row['summary'], 'summary', 160);
        self::fits($row['place'], 'place', 120);
        $from = self::moment(self::text($row['starts_at']), 'starts at');
        if (self::moment(self::text($row['ends_at']), 'ends at') < $from) {
            throw Refused::because('ends at', 'it ends before it begins', 'an end after the beginning');
        }
    }

    /** @param array<string, mixed> $row */
    private static function practice(array $row): void
    {
        OutOfRange::unlessBetween('minutes', self::whole($row['minutes']), 40, 180, 'minutes');
        self::fits($row['place'], 'place', 120);
        $day = self::moment(self::text($row['starts_at']), 'starts at')->format('Y-m-d-');
        if (null === PracticeAddress::read($day . self::text($row['letters']))) {
            throw Refused::because('letters', 'they are not of an address', 'four letters of an address');
        }
        foreach (self::list($row['comes'], 'comes') as $player) {
            self::fits($player, 'comes', 36, 1);
        }
    }

    /** @param array<string, mixed> $row */
    private static function run(array $row): void
    {
        $ms = static function (string $column) use ($row): array {
            $all = array_map(self::whole(...), self::list($row[$column], $column));
            foreach ($all as $one) {
                OutOfRange::unlessBetween($column, $one, 0, 86_400_000, 'milliseconds');
            }

            return $all;
        };
        RunClock::kept(
            $ms('lengths'),
            $ms('skipped'),
            null === $row['started_at'] ? null : self::whole($row['started_at']),
            null === $row['paused_at'] ? null : self::whole($row['paused_at']),
            null === $row['reason'] ? null : self::among(PauseReason::class, $row['reason'], 'reason'),
            $ms('planned'),
        );
    }

    /** @param array<string, mixed> $row */
    private static function record(array $row): void
    {
        OutOfRange::unlessBetween('block', self::whole($row['block']), 0, 200, 'of a practice');
        self::fits($row['drill'], 'drill', 60, 1);
        self::fits($row['player'], 'player', 36, 1);
        if (null !== $row['counted']) {
            OutOfRange::unlessBetween('counted', self::whole($row['counted']), 0, TurnRecords::MOST, 'repetitions');
        }
        if (null !== $row['grade']) {
            self::among(Grade::class, $row['grade'], 'grade');
        }
    }

    /** @param array<string, mixed> $row */
    private static function event(array $row): void
    {
        self::among(EventKind::class, $row['kind'], 'kind');
        if (null === Base::tryFrom(self::whole($row['base']))) {
            throw Refused::because('base', self::whole($row['base']) . ' is none', 'a base');
        }
        if (null !== $row['lead_feet']) {
            OutOfRange::unlessBetween('lead', self::number($row['lead_feet']) ?? 0.0, 0.0, 45.0, 'feet');
        }
        if (null !== $row['looks']) {
            OutOfRange::unlessBetween('looks', self::whole($row['looks']), 0, 20, 'looks');
        }
        self::fits($row['counted_by'], 'counted by', 120, 1);
        self::moment(self::text($row['counted_at']), 'counted at');
    }

    /** @param array<string, mixed> $row */
    private static function pitched(array $row): void
    {
        self::moment(self::text($row['day']) . ' 00:00:00', 'day');
        Outing::check(self::whole($row['pitches']));
    }

    /**
     * @template T of \BackedEnum
     *
     * @param class-string<T> $kind
     *
     * @return T
     */
    private static function among(string $kind, mixed $value, string $field): \BackedEnum
    {
        return Unknown::oneOf($kind, self::text($value), $field);
    }

    private static function moment(string $text, string $field): \DateTimeImmutable
    {
        $moment = \DateTimeImmutable::createFromFormat('!Y-m-d H:i:s', $text);
        $year = false === $moment ? '' : $moment->format('Y');
        if (
            false === $moment ||
            $moment->format('Y-m-d H:i:s') !== $text ||
            $year < self::YEARS[0] ||
            $year > self::YEARS[1]
        ) {
            throw Refused::because($field, 'it is no day of ours', implode(' to ', self::YEARS));
        }

        return $moment;
    }

    private static function fits(mixed $value, string $field, int $most, int $least = 0): void
    {
        $letters = mb_strlen(trim(self::text($value)));
        if (!\is_string($value) || $letters < $least || mb_strlen($value) > $most) {
            throw Refused::because($field, "it has $letters letters", "$least to $most letters");
        }
    }

    /** @return list<mixed> */
    private static function list(mixed $value, string $field): array
    {
        return \is_array($value) && array_is_list($value)
            ? $value
            : throw Refused::because($field, 'it is no list', 'a list');
    }

    private static function text(mixed $value): string
    {
        return \is_string($value) ? $value : '';
    }

    private static function whole(mixed $value): int
    {
        return \is_int($value) ? $value : -1;
    }

    private static function number(mixed $value): ?float
    {
        return \is_int($value) || \is_float($value) ? (float) $value : null;
    }
}
