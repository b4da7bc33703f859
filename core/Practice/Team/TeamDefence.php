<?php

declare(strict_types=1);

namespace FoxCorner\Core\Practice\Team;

use FoxCorner\Core\Level\AgeGroup;
use FoxCorner\Core\People\Position;
use FoxCorner\Core\Practice\Need\Taught;

/** What team defence gives everybody: on every ball that is called each has somewhere to go. */
final class TeamDefence
{
    /** s from one called ball to the next. Source: the project's practice. */
    private const SECONDS = 30;
    /** Of the balls, those on which one player's job is more than a step (ours). */
    private const HIS = 0.5;
    private const DRILL = 'everybody-runs';

    /** Balls on which each has something to do. */
    public static function reps(int $minutes, AgeGroup $age): int
    {
        return (int) floor(((self::HIS * 60 * $minutes) / self::SECONDS) * ($age->yield() / $age->slow()));
    }

    /**
     * @param array<string, Position> $players by id, where each plays
     *
     * @return list<Taught>
     */
    public static function taught(array $players, int $minutes, AgeGroup $age, float $daysAgo): array
    {
        $reps = self::reps($minutes, $age);

        return 0 === $reps
            ? []
            : array_map(
                static fn(string $player, Position $position): Taught => new Taught(
                    $player,
                    self::DRILL,
                    $position,
                    $reps,
                    $daysAgo,
                ),
                array_keys($players),
                $players,
            );
    }
}
