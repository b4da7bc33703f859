<?php

declare(strict_types=1);

namespace FoxCorner\Core\Practice\Station;

/**
 * A filling of the rounds while it is searched: one player after the other is moved, and what that is worth is
 * kept up with. A group smaller than its station needs waits like everybody else, and so do its helpers.
 *
 * Mutable on purpose: the search makes hundreds of thousands of small moves and takes most of them back.
 */
final class StationState
{
    public const WAITS = -1;
    /** Instead of a position: he is there for the others. */
    public const HELPS = 0;

    public float $objective;
    public readonly StationGains $gains;
    public readonly StationEffort $effort;
    /** @var array<int, array<int, int>> station by round and player */
    public array $at;
    /** @var array<int, array<int, int>> position that is worked at, by round and player */
    public array $as;
    /** @var array<int, array<int, int>> group sizes by round and station */
    private array $sizes;
    /** @var list<list<array<int, int>>> by round and station: how many work at each position */
    private array $working;
    /** @var list<list<array<int, true>>> by round and station: who works there */
    private array $groups;
    /** @var list<list<array<int, true>>> likewise who helps */
    private array $helping;
    /** @var array<int, array<int, bool>> by round and station: whether its group is complete */
    private array $running;
    /** @var array<int, int> rounds by player in which he waits, and in which he helps */
    private array $waits;
    /** @var array<int, int> */
    private array $helps;
    /** @var array<int, int> rounds in which it runs, by station, its first way for all */
    private array $ran;
    /** @var list<array<string, int>> pieces in use, by round and name; the helpers are one of them */
    private array $used;
    /** @var list<list<bool>> by station and station */
    private array $conflicts;
    /** @var list<list<int>> repetitions by station and group size */
    private array $repetitions;
    /** @var list<list<float>> what the line costs of all, likewise */
    private array $lines;
    /** @var list<array{min: int, must: int|null}> by station: the fewest, and a position that has to be there */
    private array $asks = [];
    /** @var list<int> by station: its first way, which counts for all */
    private array $first = [];
    /** @var list<bool> by station: whether it matters who of a group has what */
    private array $isCounted = [];
    /** @var array<string, int> */
    private array $have;
    /** @var list<array<string, int>> */
    private array $costs;
    /** @var array<int, array<int, int>> rounds in which he works there, by station (its first way) and player */
    private array $times = [];
    private readonly StationPrices $prices;

    public function __construct(private readonly StationProblem $problem)
    {
        $players = \count($problem->players);
        $stations = \count($problem->stations);
        $this->at = array_fill(0, $problem->rounds, array_fill(0, $players, self::WAITS));
        $this->as = array_fill(0, $problem->rounds, array_fill(0, $players, 0));
        $this->sizes = array_fill(0, $problem->rounds, array_fill(0, $stations, 0));
        $this->working = array_fill(0, $problem->rounds, array_fill(0, $stations, []));
        $this->groups = $this->helping = $this->working;
        $this->running = array_fill(0, $problem->rounds, array_fill(0, $stations, false));
        $this->ran = array_fill(0, $stations, 0);
        $this->used = array_fill(0, $problem->rounds, []);
        $this->waits = array_fill(0, $players, $problem->rounds);
        $this->helps = array_fill(0, $players, 0);
        $this->prices = $problem->prices;
        $this->objective = -$players * $this->prices->waiting($problem->rounds);
        $this->have = ['' => $problem->helpers] + $problem->equipment;
        $this->costs = $this->conflicts = $this->repetitions = $this->lines = [];
        $index = [];
        foreach ($problem->stations as $one => $station) {
            $this->first[] = $index[$station->key()] ??= $one;
            $this->asks[] = ['min' => $station->min, 'must' => $station->must];
            $this->costs[] = array_filter(
                ['' => $station->helpers] + $station->equipment,
                static fn(int $pieces): bool => $pieces > 0,
            );
            $this->conflicts[] = array_map(
                static fn(Station $other): bool => $other !== $station && $station->excludes($other),
                $problem->stations,
            );
            $sizes = range(0, $players);
            $this->repetitions[] = array_map(
                static fn(int $group): int => $station->repetitions($group, $problem->roundMinutes),
                $sizes,
            );
            $this->lines[] = array_map(
                fn(int $group): float => $this->prices->line * $group * $station->inLine($group),
                $sizes,
            );
        }
        $this->gains = new StationGains($problem, $index);
        $this->effort = new StationEffort($problem);
        foreach ($this->first as $station => $first) {
            $this->isCounted[] = $this->gains->isOwn($first) || $this->effort->isAt($station);
        }
    }

    /** Puts everybody where he is held, allowed or not. */
    public function hold(): void
    {
        foreach ($this->problem->held as $turn) {
            $this->move($turn->round, $turn->player, $turn->station ?? self::WAITS, $turn->position);
        }
    }

    /** Whether one more player may go to a station in a round to work there, whoever else is there staying. */
    public function takes(int $round, int $station): bool
    {
        $size = $this->sizes[$round][$station];
        if ($size > 0) {
            return $size < $this->problem->stations[$station]->max;
        }
        foreach ($this->costs[$station] as $piece => $pieces) {
            if (($this->used[$round][$piece] ?? 0) + $pieces > ($this->have[$piece] ?? 0)) {
                return false;
            }
        }
        foreach ($this->conflicts[$station] as $other => $conflict) {
            if ($conflict && $this->sizes[$round][$other] > 0) {
                return false;
            }
        }

        return true;
    }

    /** The same to help, which is of use only where there are others. */
    public function takesHelp(int $round, int $station): bool
    {
        return $this->sizes[$round][$station] > 0 &&
            \count($this->helping[$round][$station]) < $this->problem->stations[$station]->extra;
    }

    public function size(int $round, int $station): int
    {
        return $this->sizes[$round][$station];
    }

    /** @return list<int> players who work at a station in a round */
    public function group(int $round, int $station): array
    {
        return array_keys($this->groups[$round][$station]);
    }

    /** @return list<int> players who help at a station in a round */
    public function helping(int $round, int $station): array
    {
        return array_keys($this->helping[$round][$station]);
    }

    /** Puts a player somewhere else; whether it is allowed is for the caller to know. */
    public function move(int $round, int $player, int $station, int $position): void
    {
        $from = $this->at[$round][$player];
        if (self::WAITS !== $from) {
            if (self::HELPS === $this->as[$round][$player]) {
                $this->assist($round, $from, $player, -1);
            } else {
                $this->resize($round, $from, $player, $this->as[$round][$player], -1);
            }
        }
        $this->at[$round][$player] = $station;
        $this->as[$round][$player] = $position;
        if (self::WAITS !== $station) {
            if (self::HELPS === $position) {
                $this->assist($round, $station, $player, 1);
            } else {
                $this->resize($round, $station, $player, $position, 1);
            }
        }
    }

    private function assist(int $round, int $station, int $player, int $by): void
    {
        if ($by > 0) {
            $this->helping[$round][$station][$player] = true;
        } else {
            unset($this->helping[$round][$station][$player]);
        }
        if ($this->running[$round][$station]) {
            $this->help($player, $by);
        }
    }

    private function resize(int $round, int $station, int $player, int $position, int $by): void
    {
        $size = $this->sizes[$round][$station];
        $working = $this->working[$round][$station];
        if (!isset($working[$position])) {
            $working[$position] = 0;
        }
        ['min' => $min, 'must' => $must] = $this->asks[$station];
        // Without the one position that it must have, a group waits as one that is too small.
        $runs = $this->running[$round][$station];
        $will = $size + $by >= $min && (null === $must || ($working[$must] ?? 0) + ($position === $must ? $by : 0) > 0);
        $before = $runs ? $this->repetitions[$station][$size] : 0;
        $after = $will ? $this->repetitions[$station][$size + $by] : 0;
        $this->sizes[$round][$station] = $size + $by;
        $first = $this->first[$station];
        foreach ($working as $one => $count) {
            $change = ($one === $position ? $count + $by : $count) * $after - $count * $before;
            if (0 !== $change) {
                $this->objective += $this->gains->add($first, $one, $change);
            }
        }
        $working[$position] += $by;
        if (0 === $working[$position]) {
            unset($working[$position]);
        }
        $this->working[$round][$station] = $working;
        $this->objective +=
            ($runs ? $this->lines[$station][$size] : 0.0) - ($will ? $this->lines[$station][$size + $by] : 0.0);
        if ($by < 0) {
            unset($this->groups[$round][$station][$player]);
        }
        $others = $this->groups[$round][$station];
        if ($this->isCounted[$station]) {
            $this->repeat($station, $player, $position, $by > 0 ? $after : -$before);
            foreach ($before === $after ? [] : $others as $other => $_) {
                $this->repeat($station, $other, $this->as[$round][$other], $after - $before);
            }
        }
        if ($by > 0) {
            $this->groups[$round][$station][$player] = true;
        }
        $times = $this->times[$first][$player] ?? 0;
        $this->times[$first][$player] = $times + $by;
        $this->objective += $this->prices->again($times) - $this->prices->again($times + $by);
        // The player himself stops or starts waiting, and so may the group.
        if ($by > 0 ? $will : $runs) {
            $this->wait($player, -$by);
        }
        if ($runs !== $will) {
            $this->running[$round][$station] = $will;
            foreach ($others as $other => $_) {
                $this->wait($other, $will ? -1 : 1);
            }
            foreach ($this->helping[$round][$station] as $other => $_) {
                $this->help($other, $will ? 1 : -1);
            }
            $this->run($first, $will ? 1 : -1);
        }
        if (0 === $size || 0 === $size + $by) {
            foreach ($this->costs[$station] as $piece => $pieces) {
                $this->used[$round][$piece] = ($this->used[$round][$piece] ?? 0) + $by * $pieces;
            }
        }
    }

    private function repeat(int $station, int $player, int $position, int $reps): void
    {
        $this->objective += $this->gains->own($this->first[$station], $position, $player, $reps);
        $this->effort->add($station, $player, $reps);
    }

    /** A round more or less in which a station runs. */
    private function run(int $station, int $by): void
    {
        $this->ran[$station] += $by;
        $isFirst = $this->ran[$station] === ($by > 0 ? 1 : 0);
        $this->objective -= $by * ($this->prices->station + ($isFirst ? $this->prices->kind : 0.0));
    }

    private function wait(int $player, int $by): void
    {
        $this->objective +=
            $this->prices->waiting($this->waits[$player]) - $this->prices->waiting($this->waits[$player] + $by);
        $this->waits[$player] += $by;
    }

    /** Helping instead of waiting, or the other way round. */
    private function help(int $player, int $by): void
    {
        $this->wait($player, -$by);
        $this->objective +=
            $this->prices->helping($this->helps[$player]) - $this->prices->helping($this->helps[$player] + $by);
        $this->helps[$player] += $by;
    }
}
