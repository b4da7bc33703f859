<?php

declare(strict_types=1);

namespace FoxCorner\App\Practice\Live;

use FoxCorner\Core\Practice\Need\Grade;

/** All that was counted and graded in a practice. */
final readonly class Records
{
    /** @var array<string, TurnRecord> */
    private array $byTurn;

    /** @param list<TurnRecord> $records */
    public function __construct(private array $records)
    {
        $byTurn = [];
        foreach ($records as $record) {
            $byTurn[self::key($record->block, $record->drill, $record->player)] = $record;
        }
        $this->byTurn = $byTurn;
    }

    public function at(int $block, string $drill, string $player): ?TurnRecord
    {
        return $this->byTurn[self::key($block, $drill, $player)] ?? null;
    }

    /** A grade holds for the player's whole evening at a drill. */
    public function grade(string $drill, string $player): ?Grade
    {
        foreach ($this->records as $record) {
            if ($record->drill === $drill && $record->player === $player && null !== $record->grade) {
                return $record->grade;
            }
        }

        return null;
    }

    private static function key(int $block, string $drill, string $player): string
    {
        return "$block/$drill/$player";
    }
}
