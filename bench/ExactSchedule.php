<?php

declare(strict_types=1);

namespace FoxCorner\Bench;

use FoxCorner\Core\Practice\Station\Station;
use FoxCorner\Core\Practice\Station\StationPrices;
use FoxCorner\Core\Practice\Station\StationProblem;

/**
 * The true optimum of a small scheduling problem, by the integer solver of Debian's package coinor-cbc, where that is
 * installed: the reference that our own search is measured against.
 *
 * Whether a player works somewhere, and how large each group is, are the decisions; repetitions depend on both.
 */
final class ExactSchedule
{
    private const SECONDS = 60;
    /** @var list<string> */
    private array $terms = [];
    /** @var list<string> */
    private array $rows = [];
    /** @var array<string, true> */
    private array $binaries = [];

    private function __construct(private readonly StationProblem $problem) {}

    /** @return float|null null when the solver is not there or does not finish in a minute */
    public static function objective(StationProblem $problem): ?float
    {
        $output = Cbc::said((new self($problem))->program(...), 'sec ' . self::SECONDS);
        if (
            null === $output ||
            !str_contains($output, 'Optimal solution found') ||
            1 !== preg_match('/Objective value:\s+(-?[\d.]+)/', $output, $found)
        ) {
            return null;
        }

        // The minutes of all who wait are a constant that a linear program has no place for.
        return abs((float) $found[1]) -
            StationPrices::IDLE_MINUTE * \count($problem->players) * $problem->rounds * $problem->roundMinutes;
    }

    private function program(): string
    {
        for ($round = 0; $round < $this->problem->rounds; ++$round) {
            $this->round($round);
        }
        foreach ($this->problem->needs as $index => $need) {
            $gain = [];
            foreach ($this->problem->stations as $station => $one) {
                if (($one->way ?? $one->id) === $need->station && \in_array($need->position, $one->positions, true)) {
                    array_push($gain, ...$this->gain($station, $need->position));
                }
            }
            $this->rows[] = "z_$index " . implode(' ', $gain) . ' <= 0';
            $this->rows[] = "z_$index <= $need->reps";
            $this->terms[] = \sprintf('+ %F z_%d', $need->weight, $index);
        }
        $this->arms();

        return "Maximize\n obj: " .
            implode("\n ", $this->terms) .
            "\nSubject To\n " .
            implode("\n ", $this->rows) .
            "\nBinary\n " .
            implode("\n ", array_keys($this->binaries)) .
            "\nEnd\n";
    }

    /** @return list<string> what a station gives a position, as terms */
    private function gain(int $station, int $position): array
    {
        $gain = [];
        for ($round = 0; $round < $this->problem->rounds; ++$round) {
            foreach ($this->sizes($station) as $size) {
                $gain[] = \sprintf(
                    '- %d g_%d_%d_%d_%d',
                    $this->problem->stations[$station]->repetitions($size, $this->problem->roundMinutes),
                    $round,
                    $station,
                    $position,
                    $size,
                );
            }
        }

        return $gain;
    }

    private function round(int $round): void
    {
        foreach ($this->problem->players as $player => $who) {
            $places = [];
            foreach ($this->problem->stations as $station => $one) {
                foreach (array_intersect($who->positions, $one->positions) as $position) {
                    $places[] = $this->binary("x_{$round}_{$player}_{$station}_$position");
                    $this->terms[] = \sprintf(
                        '+ %F x_%d_%d_%d_%d',
                        StationPrices::IDLE_MINUTE * $this->problem->roundMinutes,
                        $round,
                        $player,
                        $station,
                        $position,
                    );
                }
            }
            if ([] !== $places) {
                $this->rows[] = implode(' + ', $places) . ' <= 1';
            }
        }
        foreach ($this->problem->stations as $station => $one) {
            $this->station($round, $station, $one);
        }
        $this->shared($round);
    }

    /** Group sizes, who works at which position in a group of which size. */
    private function station(int $round, int $station, Station $one): void
    {
        $sizes = $this->sizes($station);
        $group = $this->group($round, $station);
        $counted = array_map(static fn(int $size): string => "- $size y_{$round}_{$station}_$size", $sizes);
        if ([] !== $group) {
            $this->rows[] = implode(' + ', $group) . ' ' . implode(' ', $counted) . ' = 0';
        }
        if ([] !== $sizes) {
            $this->rows[] =
                implode(
                    ' + ',
                    array_map(fn(int $size): string => $this->binary("y_{$round}_{$station}_$size"), $sizes),
                ) .
                ' <= ' .
                ([] === $group ? 0 : 1);
        }
        $must = null === $one->must ? [] : $this->group($round, $station, $one->must);
        if (null !== $one->must && [] !== $sizes) {
            $this->rows[] =
                implode(' + ', $this->runs($round, $station)) .
                ([] === $must ? '' : ' - ' . implode(' - ', $must)) .
                ' <= 0';
        }
        foreach ($one->positions as $position) {
            $at = $this->group($round, $station, $position);
            foreach ($sizes as $size) {
                $this->rows[] = "g_{$round}_{$station}_{$position}_$size - $size y_{$round}_{$station}_$size <= 0";
            }
            $all = implode(
                ' + ',
                array_map(static fn(int $size): string => "g_{$round}_{$station}_{$position}_$size", $sizes),
            );
            if ('' !== $all) {
                $this->rows[] = $all . ([] === $at ? '' : ' - ' . implode(' - ', $at)) . ' = 0';
            }
        }
    }

    /** Helpers, pieces and ground, of which there is only so much in a round. */
    private function shared(int $round): void
    {
        $have = ['' => $this->problem->helpers] + $this->problem->equipment;
        foreach ($this->problem->stations as $station => $one) {
            foreach (array_keys($one->equipment) as $piece) {
                $have[$piece] ??= 0;
            }
            foreach ($this->problem->stations as $other => $two) {
                $isOne = ($one->way ?? $one->id) === ($two->way ?? $two->id);
                if ($other > $station && ($isOne || $one->ground->conflictsWith($two->ground))) {
                    $this->rows[] =
                        implode(' + ', [...$this->runs($round, $station), ...$this->runs($round, $other)]) . ' <= 1';
                }
            }
        }
        foreach ($have as $piece => $pieces) {
            $use = [];
            foreach ($this->problem->stations as $station => $one) {
                $needed = '' === $piece ? $one->helpers : $one->equipment[$piece] ?? 0;
                array_push(
                    $use,
                    ...array_map(
                        static fn(string $runs): string => "$needed $runs",
                        $needed > 0 ? $this->runs($round, $station) : [],
                    ),
                );
            }
            if ([] !== $use) {
                $this->rows[] = implode(' + ', $use) . " <= $pieces";
            }
        }
    }

    /** A player's throws: as many as the size of every group makes of it. */
    private function arms(): void
    {
        foreach ($this->problem->players as $player => $who) {
            $throws = [];
            for ($round = 0; null !== $who->throwsLeft && $round < $this->problem->rounds; ++$round) {
                foreach ($this->problem->stations as $station => $one) {
                    foreach (
                        $one->throwsPerRep > 0 ? array_intersect($who->positions, $one->positions) : [] as $position
                    ) {
                        foreach ($this->sizes($station) as $size) {
                            $both = "u_{$round}_{$player}_{$station}_{$position}_$size";
                            $this->rows[] =
                                "x_{$round}_{$player}_{$station}_$position + " .
                                "y_{$round}_{$station}_$size - $both <= 1";
                            $throws[] =
                                $one->throwsPerRep * $one->repetitions($size, $this->problem->roundMinutes) .
                                ' ' .
                                $both;
                        }
                    }
                }
            }
            if ([] !== $throws) {
                $this->rows[] = implode(' + ', $throws) . ' <= ' . $who->throwsLeft;
            }
        }
    }

    /** @return list<string> */
    private function runs(int $round, int $station): array
    {
        return array_map(static fn(int $size): string => "y_{$round}_{$station}_$size", $this->sizes($station));
    }

    /** @return list<string> whoever may be there, or there at one position */
    private function group(int $round, int $station, ?int $only = null): array
    {
        $group = [];
        foreach ($this->problem->players as $player => $who) {
            foreach (array_intersect($who->positions, $this->problem->stations[$station]->positions) as $position) {
                if (null === $only || $only === $position) {
                    $group[] = "x_{$round}_{$player}_{$station}_$position";
                }
            }
        }

        return $group;
    }

    /** @return list<int> group sizes that a station can have */
    private function sizes(int $station): array
    {
        $one = $this->problem->stations[$station];
        $most = min($one->max, \count($this->problem->players));

        return $one->min > $most ? [] : range($one->min, $most);
    }

    private function binary(string $name): string
    {
        $this->binaries[$name] = true;

        return $name;
    }
}
