<?php

declare(strict_types=1);

namespace FoxCorner\Core\Practice\Floor;

use FoxCorner\Core\Level\AgeGroup;
use FoxCorner\Core\People\Position;
use FoxCorner\Core\People\RosterPlayer;

/**
 * What each player should have in a week of two practices, by position and age. Source: the project's practice; three
 * practices ask half as much again, one half.
 */
final class Floors
{
    /** min of a practice from which all of it is asked. */
    private const LONG_OF_CHILDREN = 75;
    public const LONG = 90;
    private const PRACTICES = 2;
    /** Of a second position's floor. */
    private const SECOND = 0.5;

    /** By position: child, youth, older. */
    private const INFIELD = [
        'fielded' => [24, 40, 50],
        'feeds' => [8, 16, 20],
        'pivots' => [6, 14, 20],
    ];
    private const BY_POSITION = [
        1 => ['bunts' => [3, 6, 8], 'comebackers' => [3, 6, 8], 'cover-first' => [3, 6, 8]],
        2 => ['catcher-throws' => [6, 10, 14], 'blocks' => [8, 16, 20], 'bunts' => [3, 5, 6]],
        3 => ['fielded' => [14, 24, 30], 'short-hops' => [8, 15, 18], 'bunts' => [3, 6, 8]],
        4 => self::INFIELD,
        5 => ['fielded' => [24, 40, 50], 'bunts' => [3, 6, 8]],
        6 => self::INFIELD,
        7 => self::OUTFIELD,
        8 => self::OUTFIELD,
        9 => self::OUTFIELD,
    ];
    private const OUTFIELD = ['flies' => [12, 16, 20], 'charges' => [8, 12, 12], 'cutoffs' => [6, 10, 12]];
    private const EVERYBODY = ['jobs' => [4, 8, 10]];
    /** Of those who throw in one; outfielders run in them. */
    private const RUNDOWNS = ['rundowns' => [1, 1.5, 1.5]];
    /** Of what is fielded, what is to be held by who may not throw. */
    private const HELD = 0.5;
    /** What a hall has no room for. */
    private const OUTSIDE = [Work::Flies, Work::Charges, Work::Cutoffs, Work::CatcherThrows];

    /** @return array<int, array<string, int>> repetitions by position's number and {@see Work} */
    public static function of(RosterPlayer $player, Week $week): array
    {
        $long = AgeGroup::Child === $week->age ? self::LONG_OF_CHILDREN : self::LONG;
        $share = (min(1.0, $week->minutes / $long) * $week->practices) / self::PRACTICES;
        $floors = [];
        foreach (\array_slice($player->positions, 0, 2) as $rank => $position) {
            $asked = self::asked($position, 0 === $rank);
            foreach ($player->limit->forbidsRunning() ? [] : $asked as $work => $byAge) {
                $work = Work::from($work);
                $wanted = $share * $byAge[self::column($week->age)] * (0 === $rank ? 1.0 : self::SECOND);
                if (Work::Fielded === $work && !$player->limit->allowsGameThrows()) {
                    [$work, $wanted] = [Work::Held, self::HELD * $wanted];
                }
                $wanted *= $work->under($player->limit);
                if ($wanted > 0.0 && !($week->isIndoors && \in_array($work, self::OUTSIDE, true))) {
                    $floors[$position->value][$work->value] = (int) ceil($wanted - 1e-9);
                }
            }
        }

        return $floors;
    }

    /** @return array<string, array{int|float, int|float, int|float}> */
    private static function asked(Position $position, bool $isFirst): array
    {
        $isInfield = \in_array($position, Position::INFIELD, true);

        return self::BY_POSITION[$position->value] +
            ($isFirst ? self::EVERYBODY + ($isInfield ? self::RUNDOWNS : []) : []);
    }

    private static function column(AgeGroup $age): int
    {
        return match ($age) {
            AgeGroup::Child => 0,
            AgeGroup::Youth => 1,
            AgeGroup::Older => 2,
        };
    }
}
