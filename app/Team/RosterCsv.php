<?php

declare(strict_types=1);

namespace FoxCorner\App\Team;

use FoxCorner\Core\InvalidValue;
use FoxCorner\Core\People\Bats;
use FoxCorner\Core\People\Hand;
use FoxCorner\Core\People\Limit;
use FoxCorner\Core\People\Position;
use FoxCorner\Core\People\RosterPlayer;
use Symfony\Component\Serializer\Encoder\CsvEncoder;

/**
 * A roster as a table: read from what a spreadsheet saves or pastes, and written so that it comes back the same.
 *
 * Commas, semicolons and tabs are all taken, a byte-order mark is passed over, and "3,15" is a number
 * where semicolons or tabs part the columns.
 */
final readonly class RosterCsv
{
    private const COLUMNS = ['number', 'name', 'positions', 'throws', 'bats', 'home_to_first_s', 'arm_mph', 'pace_ft', 'limit'];
    private const NEEDED = ['number', 'name', 'positions'];
    /** The column by the core's name of the field, where they differ. */
    private const COLUMN_OF = ['home to first' => 'home_to_first_s', 'arm' => 'arm_mph', 'pace' => 'pace_ft'];
    private const MOST_ROWS = 200;

    private CsvEncoder $encoder;

    public function __construct()
    {
        $this->encoder = new CsvEncoder();
    }

    /** @param list<RosterPlayer> $roster */
    public function write(array $roster): string
    {
        $rows = array_map(static fn(RosterPlayer $player): array => array_combine(self::COLUMNS, [
            (string) $player->number, $player->name, implode(' ', array_map(static fn(Position $position): int => $position->value, $player->positions)),
            $player->traits->throws->value, $player->traits->bats->value,
            self::decimal($player->traits->homeToFirst), self::decimal($player->traits->armMph), self::decimal($player->traits->paceFeet), $player->limit->value,
        ]), $roster);

        return $this->encoder->encode($rows, 'csv', [CsvEncoder::HEADERS_KEY => self::COLUMNS]);
    }

    public function read(string $text): RosterReading
    {
        $text = (string) preg_replace('/^\xEF\xBB\xBF/', '', $text);
        if (!mb_check_encoding($text, 'UTF-8')) {
            $text = mb_convert_encoding($text, 'UTF-8', 'Windows-1252');
        }
        if ('' === trim($text)) {
            return new RosterReading([], [new RowProblem(1, '', 'There is nothing in it', 'a first line with '.implode(', ', self::NEEDED).', then a line for every player')]);
        }
        $separator = self::separator($text);
        /** @var list<array<string, string|null>> $rows */
        $rows = array_values((array) $this->encoder->decode(trim($text)."\n", 'csv', [CsvEncoder::DELIMITER_KEY => $separator, CsvEncoder::AS_COLLECTION_KEY => true]));
        $rows = array_map(static fn(array $row): array => array_combine(array_map(self::columnName(...), array_keys($row)), $row), $rows);
        $missing = array_diff(self::NEEDED, array_keys($rows[0] ?? []));
        if ([] !== $missing) {
            return new RosterReading([], [new RowProblem(1, implode(', ', $missing), [] === $rows ? 'There is no line below the first' : 'The column is missing', 'columns '.implode(', ', self::COLUMNS).'; the last six may be left out')]);
        }
        if (\count($rows) > self::MOST_ROWS) {
            return new RosterReading([], [new RowProblem(self::MOST_ROWS + 2, '', \sprintf('There are %d lines', \count($rows)), \sprintf('at most %d players', self::MOST_ROWS))]);
        }

        return $this->readRows($rows, ',' !== $separator);
    }

    /** @param list<array<string, string|null>> $rows */
    private function readRows(array $rows, bool $decimalComma): RosterReading
    {
        $players = $problems = $taken = [];
        foreach ($rows as $index => $row) {
            if ('' === trim(implode('', $row))) {
                continue;
            }
            try {
                $player = $this->draft($row, $decimalComma)->toRosterPlayer(null, $taken);
                $taken[] = $player->number;
                $players[] = $player;
            } catch (InvalidValue $problem) {
                $problems[] = new RowProblem($index + 2, self::COLUMN_OF[$problem->field] ?? $problem->field, $problem->wrong, $problem->allowed);
            }
        }

        return new RosterReading($players, $problems);
    }

    /**
     * @param array<string, string|null> $row
     *
     * @throws InvalidValue
     */
    private function draft(array $row, bool $decimalComma): PlayerDraft
    {
        $cell = static fn(string $column): string => trim($row[$column] ?? '');
        $number = $cell('number');
        $draft = new PlayerDraft();
        $draft->name = $cell('name');
        $draft->number = ctype_digit($number) && \strlen($number) < 5 ? (int) $number : throw InvalidValue::because('number', '' === $number ? 'it is empty' : "\"$number\" is not a whole number", '0 to 99');
        $draft->positions = $cell('positions');
        $throws = strtoupper($cell('throws'));
        $bats = strtoupper($cell('bats'));
        $limit = strtolower($cell('limit'));
        $draft->throws = '' === $throws ? Hand::Right : Hand::tryFrom($throws) ?? throw InvalidValue::notOneOf('throws', $throws, array_column(Hand::cases(), 'value'));
        $draft->bats = '' === $bats ? Bats::Right : Bats::tryFrom($bats) ?? throw InvalidValue::notOneOf('bats', $bats, array_column(Bats::cases(), 'value'));
        $draft->limit = '' === $limit ? Limit::None : Limit::tryFrom($limit) ?? throw InvalidValue::notOneOf('limit', $limit, array_column(Limit::cases(), 'value'));
        $draft->homeToFirst = self::number('home to first', $cell('home_to_first_s'), $decimalComma);
        $draft->arm = self::number('arm', $cell('arm_mph'), $decimalComma);
        $draft->pace = self::number('pace', $cell('pace_ft'), $decimalComma);

        return $draft;
    }

    private static function number(string $field, string $cell, bool $decimalComma): ?float
    {
        if ('' === $cell) {
            return null;
        }
        $number = $decimalComma ? str_replace(',', '.', $cell) : $cell;

        return is_numeric($number) ? (float) $number : throw InvalidValue::because($field, "\"$cell\" is not a number", 'a number, or nothing');
    }

    private static function decimal(?float $number): string
    {
        return null === $number ? '' : (string) $number;
    }

    private static function separator(string $text): string
    {
        $first = strtok($text, "\n");
        $counts = array_map(static fn(string $mark): int => substr_count((string) $first, $mark), [';' => ';', "\t" => "\t", ',' => ',']);
        arsort($counts);

        return array_key_first($counts);
    }

    private static function columnName(string $heading): string
    {
        return (string) preg_replace('/[^a-z0-9]+/', '_', strtolower(trim($heading)));
    }
}
