<?php

declare(strict_types=1);

namespace FoxCorner\Bench;

use FoxCorner\Core\Field\Point;
use FoxCorner\Core\Practice\Station\Area;
use FoxCorner\Core\Practice\Station\Ground;
use FoxCorner\Core\Practice\Station\Station;
use FoxCorner\Core\Practice\Station\StationNeed;
use FoxCorner\Core\Practice\Station\StationPlayer;
use FoxCorner\Core\Practice\Station\StationProblem;
use FoxCorner\Core\Practice\Station\StationSolver;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** How long filling the rounds takes, and how near to the true optimum it comes where that can be had. */
final class ScheduleTimings
{
    public static function print(): void
    {
        printf("\n%-58s %12s\n", 'rounds of stations, one run each', 'time');
        foreach ([[16, 6, 6], [60, 12, 10]] as [$players, $stations, $rounds]) {
            $problem = self::problem($players, $stations, $rounds, 3);
            $start = hrtime(true);
            StationSolver::solve($problem);
            printf(
                "%-58s %9.0f ms\n",
                "$players players, $stations stations, $rounds rounds",
                (hrtime(true) - $start) / 1e6,
            );
        }
        printf("\n%-58s %12s %12s %8s\n", 'against the true optimum (coinor-cbc)', 'ours', 'optimum', 'short by');
        foreach ([[6, 4, 2, 1], [7, 4, 3, 2], [8, 4, 3, 3], [8, 5, 2, 4]] as [$players, $stations, $rounds, $seed]) {
            $problem = self::problem($players, $stations, $rounds, $seed);
            $best = ExactSchedule::objective($problem);
            $ours = StationSolver::solve($problem)->objective;
            $name = "$players players, $stations stations, $rounds rounds";
            null === $best
                ? printf("%-58s %12.2f %12s\n", $name, $ours, 'not had')
                : printf("%-58s %12.2f %12.2f %7.2f%%\n", $name, $ours, $best, (100 * ($best - $ours)) / abs($best));
        }
    }

    private static function problem(int $players, int $stations, int $rounds, int $seed): StationProblem
    {
        $random = new Randomizer(new Mt19937($seed));
        $positions = static fn(int $most): array => array_values(
            array_unique(array_map(static fn(): int => $random->getInt(1, 9), range(1, $most))),
        );
        $who = array_map(
            static fn(int $index): StationPlayer => new StationPlayer(
                "p$index",
                $positions(3),
                0 === $random->getInt(0, 5) ? $random->getInt(5, 40) : null,
            ),
            range(1, $players),
        );
        $what = $needs = [];
        for ($index = 1; $index <= $stations; ++$index) {
            $min = $random->getInt(1, 2);
            $what[] = $station = new Station(
                "s$index",
                $positions(4),
                $min,
                $min + $random->getInt(1, 4),
                $random->getInt(1, 2),
                $random->getInt(10, 30),
                $random->getInt(0, 1),
                $random->getInt(0, 1),
                0 === $random->getInt(0, 2) ? ['net' => 1] : [],
                new Ground(
                    [],
                    [
                        Area::circle(
                            Point::of($random->getInt(-70, 70), $random->getInt(0, 140)),
                            $random->getInt(8, 20),
                        ),
                    ],
                    [],
                ),
            );
            foreach ($station->positions as $position) {
                $needs[] = new StationNeed(
                    "n$index-$position",
                    $position,
                    $station->id,
                    $random->getInt(10, 60),
                    $random->getInt(3, 15) / 10,
                );
            }
        }

        return new StationProblem($who, $what, $needs, 4, ['net' => 1], $rounds, 8.0);
    }
}
