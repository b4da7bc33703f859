<?php

declare(strict_types=1);

namespace FoxCorner\Bench;

/** Prints timings beside their goals. */
final readonly class Table
{
    public function __construct(private Goals $goals) {}

    public function head(string $title): void
    {
        printf("\n%-58s %10s %10s %10s  %s\n", $title, 'least ms', 'p50 ms', 'p95 ms', 'goal');
    }

    /** @param Timing|null $beside what it is set against, where the goal is so many times that */
    public function line(string $what, Timing $timing, ?Timing $beside = null): void
    {
        $said = $this->goals->judge($what, $timing->least, 'ms');
        if (null !== $beside) {
            $times = $timing->least / $beside->least;
            $said = trim(\sprintf('%5.2f times  %s %s', $times, $this->goals->judge($what, $times, 'times'), $said));
        }
        printf("%-58s %10.3f %10.3f %10.3f  %s\n", $what, $timing->least, $timing->middle, $timing->late, $said);
    }

    public function figure(string $what, float $figure, string $unit): void
    {
        printf(
            "%-58s %10.3f %-21s  %s\n",
            $what,
            $figure,
            'share' === $unit ? '' : $unit,
            $this->goals->judge($what, $figure, $unit),
        );
    }
}
