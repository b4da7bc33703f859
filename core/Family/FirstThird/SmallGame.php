<?php

declare(strict_types=1);

namespace FoxCorner\Core\Family\FirstThird;

/**
 * Two sides choose at once, and what one pays the other gets: how often each should make each choice.
 *
 * Found by playing it over and over, each side best against all that the other has done so far (fictitious play), which
 * settles for games of two.
 */
final readonly class SmallGame
{
    /** Rounds; the value is then right to about a hundredth of what choices differ by. */
    private const ROUNDS = 4000;

    /**
     * @param array<string, float> $rows    shares of the side that pays
     * @param array<string, float> $columns of the side that gets
     */
    private function __construct(public array $rows, public array $columns) {}

    /**
     * @param array<string, array<string, float>> $costs by the choice of the side that pays, then the other's; all rows
     *                                                   have the same columns
     */
    public static function solve(array $costs): self
    {
        $paid = array_fill_keys(array_keys($costs), 0.0);
        $got = [];
        foreach ($costs as $line) {
            $got = array_fill_keys(array_keys($line), 0.0);
        }
        $rows = array_fill_keys(array_keys($paid), 0);
        $columns = array_fill_keys(array_keys($got), 0);
        for ($round = 0; $round < self::ROUNDS && [] !== $paid && [] !== $got; ++$round) {
            $row = (string) array_search(min($paid), $paid, true);
            $column = (string) array_search(max($got), $got, true);
            ++$rows[$row];
            ++$columns[$column];
            foreach ($costs as $one => $line) {
                $paid[$one] += $line[$column];
            }
            foreach ($costs[$row] as $one => $cost) {
                $got[$one] += $cost;
            }
        }
        $share = static fn(int $times): float => $times / self::ROUNDS;

        return new self(array_map($share, $rows), array_map($share, $columns));
    }
}
