<?php

declare(strict_types=1);

namespace FoxCorner\Bench;

use FoxCorner\Core\Practice\Station\Station;
use FoxCorner\Core\Practice\Station\StationNeed;
use FoxCorner\Core\Practice\Station\StationProblem;

/**
 * More than the best filling of a practice's rounds can be worth, by Debian's coinor-cbc where that is installed: all
 * rounds together as one, in which people, pieces, ground, arms and group sizes still bind.
 */
final class RelaxedSchedule
{
    /** s; when they are over, what the solver has shown by then stands. */
    private const SECONDS = 40;
    /** Lines under which the worth of repetitions is held, for each player and need. */
    private const TANGENTS = 9;
    /** @var list<string> */
    private array $terms = [];
    /** @var list<string> */
    private array $rows = [];
    /** @var list<string> */
    private array $whole = [];
    /** @var array<int, list<string>> throws, sprints and rounds by player */
    private array $throws = [];
    /** @var array<int, list<string>> */
    private array $sprints = [];
    /** @var array<int, list<string>> */
    private array $rounds = [];

    private function __construct(private readonly StationProblem $problem) {}

    /** @return float|null null when the solver is not there, or has shown nothing */
    public static function bound(StationProblem $problem): ?float
    {
        $said = Cbc::said((new self($problem))->program(...), 'ratio 0.001 sec ' . self::SECONDS) ?? '';

        return 1 === preg_match('/(?:Lower|Upper|Best possible) bound:?\s+(-?[\d.]+)/i', $said, $found) ||
            1 === preg_match('/Objective value:\s+(-?[\d.]+)/', $said, $found)
            ? abs((float) $found[1])
            : null;
    }

    private function program(): string
    {
        $problem = $this->problem;
        foreach ($problem->stations as $number => $station) {
            $this->station($number, $station);
        }
        $kinds = array_unique(array_map(static fn(Station $one): string => $one->key(), $problem->stations));
        foreach (array_values($kinds) as $kind => $key) {
            $ways = implode(' + ', array_map(static fn(int $way): string => "y$way", array_keys($problem->ways($key))));
            $this->rows[] = "$ways - $problem->rounds k$kind <= 0";
            $this->terms[] = \sprintf('- %F k%d', $problem->prices->kind, $kind);
        }
        $this->shared();
        foreach (array_keys($problem->players) as $player) {
            $this->player($player);
            foreach (array_values($kinds) as $kind => $key) {
                $this->again($player, $kind, array_keys($problem->ways($key)));
            }
        }
        foreach ($problem->needs as $number => $need) {
            $this->need($number, $need);
        }

        return "Maximize\n obj: " .
            implode("\n ", $this->terms) .
            "\nSubject To\n " .
            implode("\n ", $this->rows) .
            "\nBinary\n " .
            implode("\n ", array_map(static fn(int $kind): string => "k$kind", array_keys(array_values($kinds)))) .
            "\nGeneral\n " .
            implode("\n ", $this->whole) .
            "\nEnd\n";
    }

    /** Rounds of it, who is in them, what a group of a size does together, and how long it stands in a line. */
    private function station(int $number, Station $station): void
    {
        $most = min($station->max, \count($this->problem->players));
        $each = $line = [];
        foreach (range($station->min, max($station->min, $most)) as $size) {
            $each[$size] = $station->repetitions($size, $this->problem->roundMinutes);
            $line[$size] = -$size * $station->inLine($size);
        }
        $this->terms[] = \sprintf('- %F y%d', $this->problem->prices->station, $number);
        $this->terms[] = \sprintf('- %F l%d', $this->problem->prices->line, $number);
        $group = $does = [];
        foreach ($this->problem->players as $player => $who) {
            foreach ($who->mayThrowAt($station) ? array_intersect($who->positions, $station->positions) : [] as $at) {
                $group[] = "x{$number}_{$player}_$at";
                $does[] = "q{$number}_{$player}_$at";
                $this->rows[] = "q{$number}_{$player}_$at - " . max($each) . " x{$number}_{$player}_$at <= 0";
                $this->rounds[$player][] = "x{$number}_{$player}_$at";
                $this->throws[$player][] = "$station->throwsPerRep q{$number}_{$player}_$at";
                $this->sprints[$player][] = "$station->sprintsPerRep q{$number}_{$player}_$at";
            }
            if ($station->extra > 0) {
                $this->rounds[$player][] = "h{$number}_$player";
            }
        }
        if ([] === $group || $most < $station->min) {
            $this->rows[] = "y$number <= 0";

            return;
        }
        array_push($this->whole, "y$number", ...$group);
        $in = implode(' + ', $group);
        $this->rows[] = "$in - $most y$number <= 0";
        $this->rows[] = "$in - $station->min y$number >= 0";
        $together = array_map(static fn(int $one, int $size): int => $one * $size, $each, array_keys($each));
        foreach (self::above($together) as [$slope, $at]) {
            $rest = self::times($slope * $station->min - $at, ["y$number"]);
            $this->rows[] = self::times(1.0, $does) . self::times(-$slope, $group) . "$rest <= 0";
        }
        foreach (self::above(array_values($line)) as [$slope, $at]) {
            $rest = self::times($at - $slope * $station->min, ["y$number"]);
            $this->rows[] = "l$number" . self::times($slope, $group) . "$rest >= 0";
        }
        if ($station->extra > 0) {
            $help = array_map(static fn(int $one): string => "h{$number}_$one", array_keys($this->problem->players));
            $this->rows[] = implode(' + ', $help) . " - $station->extra y$number <= 0";
        }
    }

    /** Helpers, pieces and ground, of which there is only so much in all rounds together. */
    private function shared(): void
    {
        $rounds = $this->problem->rounds;
        $have = ['' => $this->problem->helpers] + $this->problem->equipment;
        foreach ($this->problem->stations as $number => $one) {
            $have += array_fill_keys(array_keys($one->equipment), 0);
            foreach ($this->problem->stations as $other => $two) {
                if ($other > $number && $one->excludes($two)) {
                    $this->rows[] = "y$number + y$other <= $rounds";
                }
            }
        }
        foreach ($have as $piece => $pieces) {
            $use = [];
            foreach ($this->problem->stations as $number => $one) {
                $takes = '' === $piece ? $one->helpers : $one->equipment[$piece] ?? 0;
                $use[] = "$takes y$number";
            }
            $this->rows[] = implode(' + ', $use) . ' <= ' . $pieces * $rounds;
        }
    }

    /** He is somewhere in every round, waits at a price, and has only so many throws. */
    private function player(int $player): void
    {
        [$prices, $rounds, $who] = [$this->problem->prices, $this->problem->rounds, $this->problem->players[$player]];
        $this->rows[] = implode(' + ', [...$this->rounds[$player] ?? [], "i$player"]) . " = $rounds";
        $helps = array_filter($this->rounds[$player] ?? [], static fn(string $one): bool => 'h' === $one[0]);
        foreach (range(1, $rounds) as $round) {
            // Each further round is dearer than the last: the lines through two of them lie under the price.
            foreach (
                [['i', $prices->waiting(...), ["i$player"]], ['h', $prices->helping(...), $helps]] as [$of, $price, $in]
            ) {
                $slope = $price($round) - $price($round - 1);
                $least = $price($round) - $slope * $round;
                $this->rows[] = "c$of$player" . self::times(-$slope, $in) . \sprintf(' >= %F', $least);
            }
        }
        $this->terms[] = "- ci$player - ch$player";
        foreach ([[$who->throwsLeft, $this->throws], [$who->sprintsLeft, $this->sprints]] as [$left, $all]) {
            if (null !== $left && isset($all[$player])) {
                $this->rows[] = implode(' + ', $all[$player]) . " <= $left";
            }
        }
    }

    /**
     * A third round at the same has a price.
     *
     * @param list<int> $ways
     */
    private function again(int $player, int $kind, array $ways): void
    {
        $in = array_filter(
            $this->rounds[$player] ?? [],
            static fn(string $one): bool => 1 === preg_match('/^x(' . implode('|', $ways) . ')_/', $one),
        );
        $prices = $this->problem->prices;
        [$third, $more] = [$prices->again(3), $prices->again(4) - $prices->again(3)];
        if ([] !== $in && $third > 0.0) {
            $least = \sprintf(' >= %F', $third - 3 * $more);
            $this->rows[] = "a{$player}_$kind" . self::times(-$more, $in) . $least;
            $this->terms[] = "- a{$player}_$kind";
        }
    }

    private function need(int $number, StationNeed $need): void
    {
        $had = [];
        foreach ($this->problem->stations as $index => $station) {
            foreach ($need->places()[$station->key()] ?? [] as $at) {
                foreach ($this->problem->players as $player => $who) {
                    $does = $who->mayThrowAt($station) && \in_array($at, $who->positions, true);
                    if ($does && \in_array($at, $station->positions, true)) {
                        $had[$player][] = "q{$index}_{$player}_$at";
                    }
                }
            }
        }
        if ([] === $need->each) {
            $all = array_merge(...array_values($had));
            $this->rows[] = "v$number " . ([] === $all ? '' : '- ' . implode(' - ', $all)) . ' <= 0';
            $this->rows[] = "v$number <= $need->reps";
            $this->terms[] = \sprintf('+ %F v%d', $need->weight, $number);

            return;
        }
        foreach (array_intersect_key($need->each, $had) as $player => $wants) {
            $worth = $need->worth($wants);
            $last = \count($worth) - 1;
            $this->terms[] = "+ v{$number}_$player";
            $this->rows[] = \sprintf('v%d_%d <= %F', $number, $player, $worth[$last]);
            for ($step = 0; $step < self::TANGENTS; ++$step) {
                $at = (int) round((($last - 1) * $step) / (self::TANGENTS - 1));
                $slope = $worth[$at + 1] - $worth[$at];
                $most = $worth[$at] - $slope * $at;
                $this->rows[] = "v{$number}_$player" . self::times(-$slope, $had[$player]) . \sprintf(' <= %F', $most);
            }
        }
    }

    /** @param array<int, string> $what */
    private static function times(float $by, array $what): string
    {
        return implode('', array_map(static fn(string $one): string => \sprintf(' %+F %s', $by, $one), $what));
    }

    /**
     * Lines above figures that follow each other, as few as touch them.
     *
     * @param non-empty-list<float|int> $figures
     *
     * @return list<array{float, float}> by how much each rises, and where it is at the first figure
     */
    private static function above(array $figures): array
    {
        $lines = [];
        for ($from = 0; $from < \count($figures) - 1;) {
            $best = $from + 1;
            for ($to = $from + 2; $to < \count($figures); ++$to) {
                $rise = ($figures[$to] - $figures[$from]) / ($to - $from);
                $best = $rise >= ($figures[$best] - $figures[$from]) / ($best - $from) ? $to : $best;
            }
            $slope = ($figures[$best] - $figures[$from]) / ($best - $from);
            $lines[] = [(float) $slope, (float) ($figures[$from] - $slope * $from)];
            $from = $best;
        }

        return [] === $lines ? [[0.0, (float) $figures[0]]] : $lines;
    }
}
