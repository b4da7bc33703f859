<?php

declare(strict_types=1);

namespace FoxCorner\Bench;

use FoxCorner\Core\Practice\Station\StationSolver;

/** How long filling the rounds takes, and how near to the true optimum it comes where that can be had. */
final class ScheduleTimings
{
    /** Players, stations, rounds and seed of small ones that the exact solver is done with in a minute. */
    private const SMALL = [
        [7, 4, 3, 1],
        [9, 4, 3, 3],
        [6, 4, 2, 6],
        [7, 4, 3, 7],
        [9, 4, 3, 9],
        [6, 4, 2, 12],
        [9, 4, 3, 15],
        [6, 4, 2, 18],
        [8, 4, 2, 22],
        [9, 4, 2, 23],
        [8, 4, 3, 24],
        [9, 4, 3, 25],
        [9, 4, 2, 27],
    ];
    private const RANDOM = 2000;

    public static function print(): void
    {
        printf("\n%-58s %12s\n", 'rounds of stations, one run each', 'time');
        foreach ([[16, 6, 6], [60, 12, 10]] as [$players, $stations, $rounds]) {
            $problem = Practices::small($players, $stations, $rounds, 3);
            $start = hrtime(true);
            StationSolver::solve($problem);
            printf(
                "%-58s %9.0f ms\n",
                "$players players, $stations stations, $rounds rounds",
                (hrtime(true) - $start) / 1e6,
            );
        }
        printf("\n%-58s %12s %12s %8s\n", 'against the true optimum (coinor-cbc)', 'ours', 'optimum', 'short by');
        foreach (self::SMALL as [$players, $stations, $rounds, $seed]) {
            $problem = Practices::small($players, $stations, $rounds, $seed);
            $best = ExactSchedule::objective($problem);
            $ours = StationSolver::solve($problem)->objective;
            $name = "$players players, $stations stations, $rounds rounds";
            null === $best
                ? printf("%-58s %12.2f %12s\n", $name, $ours, 'not had')
                : printf("%-58s %12.2f %12.2f %7.2f%%\n", $name, $ours, $best, (100 * ($best - $ours)) / abs($best));
        }
        self::violations();
    }

    private static function violations(): void
    {
        $broken = 0;
        for ($seed = 1; $seed <= self::RANDOM; ++$seed) {
            $problem = Practices::small(3 + ($seed % 7), 2 + ($seed % 3), 1 + ($seed % 4), $seed);
            $broken += (int) ([] !== KeptRules::broken(StationSolver::solve($problem, $seed)));
        }
        printf("\n%-58s %12d\n", self::RANDOM . ' random ones, of which a rule is broken in', $broken);
    }
}
