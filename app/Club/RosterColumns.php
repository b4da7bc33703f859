<?php

declare(strict_types=1);

namespace FoxCorner\App\Club;

use FoxCorner\Core\People\Position;
use FoxCorner\Core\People\Quantity;
use FoxCorner\Core\Problem\Refused;

/** What coaches call the columns of a roster, and the words that stand in them. */
final class RosterColumns
{
    /** What a heading that nobody knows can be said to be. */
    public const ASKED = ['name', 'first_name', 'positions', 'home_to_first_s', 'arm_mph', 'pace_ft', 'throws', 'bats'];
    /** How many of them must be there. */
    public const NEEDED = 2;
    public const NAMES = [
        '#' => 'number',
        'no' => 'number',
        'nr' => 'number',
        'num' => 'number',
        'jersey' => 'number',
        'jersey_#' => 'number',
        'jersey_number' => 'number',
        'shirt' => 'number',
        'uniform' => 'number',
        'uni' => 'number',
        'player' => 'name',
        'player_name' => 'name',
        'full_name' => 'name',
        'first_name' => 'first_name',
        'first' => 'first_name',
        'given_name' => 'first_name',
        'last_name' => 'name',
        'last' => 'name',
        'surname' => 'name',
        'players' => 'name',
        'pos' => 'positions',
        'position' => 'positions',
        'position_s' => 'positions',
        'plays' => 'positions',
        't' => 'throws',
        'throw' => 'throws',
        'throwing' => 'throws',
        'hand' => 'throws',
        'b' => 'bats',
        'bat' => 'bats',
        'batting' => 'bats',
        'hits' => 'bats',
        'b_t' => 'bats_throws',
        'bats_throws' => 'bats_throws',
        't_b' => 'throws_bats',
        'throws_bats' => 'throws_bats',
        'home_to_first' => 'home_to_first_s',
        'to_first' => 'home_to_first_s',
        'home_first' => 'home_to_first_s',
        'h_1b' => 'home_to_first_s',
        'home_1st' => 'home_to_first_s',
        'home_to_1st' => 'home_to_first_s',
        'home_1b' => 'home_to_first_s',
        'to_1st' => 'home_to_first_s',
        'time_to_first' => 'home_to_first_s',
        'arm' => 'arm_mph',
        'velo' => 'arm_mph',
        'pace' => 'pace_ft',
        'exchange' => 'exchange_s',
        'time_to_plate' => 'time_to_plate_s',
        'to_plate' => 'time_to_plate_s',
    ];
    public const HANDS = [
        'right' => 'R',
        'rh' => 'R',
        'rht' => 'R',
        'rhp' => 'R',
        'left' => 'L',
        'lh' => 'L',
        'lht' => 'L',
        'lhp' => 'L',
    ];
    public const SIDES = self::HANDS + [
        'rhb' => 'R',
        'lhb' => 'L',
        'switch' => 'S',
        'both' => 'S',
        'b' => 'S',
        'sw' => 'S',
        'slap' => 'SL',
        'slapper' => 'SL',
        'left, slaps' => 'SL',
        'both sides' => 'S',
    ];

    /** @return list<string> */
    public static function all(): array
    {
        $measured = array_map(static fn(Quantity $one): string => $one->column(), Quantity::cases());

        return [
            ...['number', 'name', 'positions', 'throws', 'bats'],
            ...$measured,
            ...['pitching', 'fielding', 'limit', 'limit_until'],
        ];
    }

    /** @return array<string, string> the column by the core's name of the field, where they differ */
    public static function fields(): array
    {
        $fields = ['limit until' => 'limit_until'];
        foreach (Quantity::cases() as $one) {
            $fields[$one->field()] = $one->column();
        }

        return $fields;
    }

    /**
     * Columns of a list without headings, by what stands in them: a number, a name, positions, then hands.
     *
     * @param list<list<string>> $lines
     *
     * @return list<string>
     */
    public static function guess(array $lines): array
    {
        $columns = [];
        $open = [
            'number' => self::isNumber(...),
            'positions' => self::isPositions(...),
            'throws' => self::isHand(...),
            'bats' => self::isSide(...),
            'name' => static fn(string $cell): bool => 1 === preg_match('/\pL/u', $cell),
        ];
        foreach (array_keys($lines[0] ?? []) as $index) {
            $cells = array_filter(
                array_map(static fn(array $line): string => $line[$index] ?? '', $lines),
                static fn(string $cell): bool => '' !== $cell,
            );
            $fits = array_filter(
                $open,
                static fn(callable $fits): bool => [] !== $cells &&
                    \count($cells) === \count(array_filter($cells, $fits)),
            );
            $column = array_key_first($fits) ?? "column_$index";
            unset($open[$column]);
            $columns[] = $column;
        }

        return $columns;
    }

    private static function isNumber(string $cell): bool
    {
        return 1 === preg_match('/^\d{1,2}$/', $cell);
    }

    private static function isPositions(string $cell): bool
    {
        try {
            Position::read($cell);

            return true;
        } catch (Refused) {
            return false;
        }
    }

    private static function isHand(string $cell): bool
    {
        return isset(self::HANDS[mb_strtolower($cell)]) || \in_array(strtoupper($cell), ['R', 'L'], true);
    }

    private static function isSide(string $cell): bool
    {
        return isset(self::SIDES[mb_strtolower($cell)]) || \in_array(strtoupper($cell), ['R', 'L', 'S', 'SL'], true);
    }
}
