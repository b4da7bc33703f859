<?php

declare(strict_types=1);

namespace FoxCorner\Core\Practice\Station;

/**
 * A filling of the rounds while it is searched: one player after the other is moved, and what that is worth is
 * kept up with. A group smaller than its station needs waits like everybody else.
 *
 * Mutable on purpose: the search makes hundreds of thousands of small moves and takes most of them back.
 */
final class StationState
{
    public const WAITS = -1;

    public float $objective;
    /** Players who would throw more than they may. */
    public int $overThrown = 0;
    /** @var array<int, array<int, int>> station by round and player */
    public array $at;
    /** @var array<int, array<int, int>> position that is worked at, by round and player */
    public array $as;
    /** @var array<int, array<int, int>> group sizes by round and station */
    private array $sizes;
    /** @var list<list<array<int, int>>> by round and station: how many work at each position */
    private array $working;
    /** @var list<list<array<int, true>>> by round and station: who is there */
    private array $groups;
    /** @var array<int, array<int, int>> repetitions by station, its first way for all, and position */
    private array $gained;
    /** @var array<int, array<int, array<int, int>>> the same by player, where somebody's own count */
    private array $own = [];
    /** @var array<int, array<int, array<int, int>>> of needs of players: what counts, likewise and by need */
    private array $counted = [];
    /** @var array<int, int> rounds by player in which he waits */
    private array $waits;
    /** @var array<int, int> throws by player */
    private array $thrown;
    /** @var list<array<string, int>> pieces in use, by round and name; the helpers are one of them */
    private array $used;
    /** @var array<int, array<int, list<array{float, int}>>> weights and repetitions wanted, likewise */
    private array $wanted;
    /** @var array<int, array<int, array<int, array{float, array<int, int>}>>> weights and what each wants, by need */
    private array $wantedOf;
    /** @var list<list<bool>> by station and station */
    private array $conflicts;
    /** @var list<list<int>> repetitions by station and group size */
    private array $repetitions;
    /** @var list<array{min: int, must: int|null}> by station: the fewest, and a position that has to be there */
    private array $asks = [];
    /** @var list<int> by station: its first way, which counts for all */
    private array $first = [];
    /** @var array<string, int> */
    private array $have;
    /** @var list<array<string, int>> */
    private array $costs;

    public function __construct(private readonly StationProblem $problem)
    {
        $players = \count($problem->players);
        $stations = \count($problem->stations);
        $this->at = array_fill(0, $problem->rounds, array_fill(0, $players, self::WAITS));
        $this->as = array_fill(0, $problem->rounds, array_fill(0, $players, 0));
        $this->sizes = array_fill(0, $problem->rounds, array_fill(0, $stations, 0));
        $this->working = $this->groups = array_fill(0, $problem->rounds, array_fill(0, $stations, []));
        $this->gained = $this->wanted = $this->wantedOf = array_fill(0, $stations, []);
        $this->thrown = array_fill(0, $players, 0);
        $this->used = array_fill(0, $problem->rounds, []);
        $this->waits = array_fill(0, $players, $problem->rounds);
        $this->objective = -$players * $problem->waiting($problem->rounds);
        $this->have = ['' => $problem->helpers] + $problem->equipment;
        $this->costs = $this->conflicts = $this->repetitions = [];
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
            $this->repetitions[] = array_map(
                static fn(int $group): int => $station->repetitions($group, $problem->roundMinutes),
                range(0, $players),
            );
        }
        foreach ($problem->needs as $number => $need) {
            if ([] === $need->each) {
                $this->wanted[$index[$need->station]][$need->position][] = [$need->weight, $need->reps];
            } else {
                $this->wantedOf[$index[$need->station]][$need->position][$number] = [$need->weight, $need->each];
            }
        }
    }

    /** Puts everybody where he is held, allowed or not. */
    public function hold(): void
    {
        foreach ($this->problem->held as $turn) {
            $this->move($turn->round, $turn->player, $turn->station ?? self::WAITS, $turn->position);
        }
    }

    /** Whether one more player may go to a station in a round, whoever else is there staying. */
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

    public function size(int $round, int $station): int
    {
        return $this->sizes[$round][$station];
    }

    /** @return list<int> players of a station in a round */
    public function group(int $round, int $station): array
    {
        return array_keys($this->groups[$round][$station]);
    }

    /** Puts a player somewhere else; whether it is allowed is for the caller to know. */
    public function move(int $round, int $player, int $station, int $position): void
    {
        $from = $this->at[$round][$player];
        if (self::WAITS !== $from) {
            $this->resize($round, $from, $player, $this->as[$round][$player], -1);
        }
        $this->at[$round][$player] = $station;
        $this->as[$round][$player] = $position;
        if (self::WAITS !== $station) {
            $this->resize($round, $station, $player, $position, 1);
        }
    }

    /** Repetitions that a need has, at a station by its index. */
    public function gained(int $need, int $station): int
    {
        $position = $this->problem->needs[$need]->position;

        return [] === $this->problem->needs[$need]->each
            ? $this->gained[$this->first[$station]][$position] ?? 0
            : $this->counted[$this->first[$station]][$position][$need] ?? 0;
    }

    /** Repetitions that a player has at a position of a station. */
    public function had(int $station, int $position, int $player): int
    {
        return $this->own[$this->first[$station]][$position][$player] ?? 0;
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
        $runs = $size >= $min && (null === $must || ($working[$must] ?? 0) > 0);
        $will = $size + $by >= $min && (null === $must || ($working[$must] ?? 0) + ($position === $must ? $by : 0) > 0);
        $before = $runs ? $this->repetitions[$station][$size] : 0;
        $after = $will ? $this->repetitions[$station][$size + $by] : 0;
        $this->sizes[$round][$station] = $size + $by;
        foreach ($working as $one => $count) {
            $change = ($one === $position ? $count + $by : $count) * $after - $count * $before;
            if (0 !== $change) {
                $this->gain($station, $one, $change);
            }
        }
        $working[$position] += $by;
        if (0 === $working[$position]) {
            unset($working[$position]);
        }
        $this->working[$round][$station] = $working;
        if ([] !== $this->wantedOf[$this->first[$station]]) {
            $this->own($station, $position, $player, $by > 0 ? $after : -$before);
            foreach ($before === $after ? [] : $this->groups[$round][$station] as $other => $_) {
                if ($other !== $player) {
                    $this->own($station, $this->as[$round][$other], $other, $after - $before);
                }
            }
        }
        $this->throw($round, $station, $player, $by, $before, $after);
        // The player himself stops or starts waiting, and so may the group.
        if ($by > 0 ? $will : $runs) {
            $this->wait($player, -$by);
        }
        if ($runs !== $will) {
            foreach ($this->groups[$round][$station] as $other => $_) {
                if ($other !== $player) {
                    $this->wait($other, $will ? -1 : 1);
                }
            }
        }
        if (0 === $size || 0 === $size + $by) {
            foreach ($this->costs[$station] as $piece => $pieces) {
                $this->used[$round][$piece] = ($this->used[$round][$piece] ?? 0) + $by * $pieces;
            }
        }
    }

    private function gain(int $station, int $position, int $change): void
    {
        $station = $this->first[$station];
        $old = $this->gained[$station][$position] ?? 0;
        foreach ($this->wanted[$station][$position] ?? [] as [$weight, $reps]) {
            $this->objective += $weight * (min($reps, $old + $change) - min($reps, $old));
        }
        $this->gained[$station][$position] = $old + $change;
    }

    private function own(int $station, int $position, int $player, int $change): void
    {
        $station = $this->first[$station];
        $old = $this->own[$station][$position][$player] ?? 0;
        $this->own[$station][$position][$player] = $old + $change;
        foreach ($this->wantedOf[$station][$position] ?? [] as $need => [$weight, $each]) {
            $most = $each[$player] ?? 0;
            $counts = min($most, $old + $change) - min($most, $old);
            if (0 !== $counts) {
                $this->objective += $weight * $counts;
                $this->counted[$station][$position][$need] =
                    ($this->counted[$station][$position][$need] ?? 0) + $counts;
            }
        }
    }

    private function wait(int $player, int $by): void
    {
        $this->objective +=
            $this->problem->waiting($this->waits[$player]) - $this->problem->waiting($this->waits[$player] + $by);
        $this->waits[$player] += $by;
    }

    private function throw(int $round, int $station, int $player, int $by, int $before, int $after): void
    {
        $each = $this->problem->stations[$station]->throwsPerRep;
        if ($by > 0) {
            $this->groups[$round][$station][$player] = true;
        } else {
            unset($this->groups[$round][$station][$player]);
        }
        if (0 === $each) {
            return;
        }
        $this->throws($player, $by > 0 ? $each * $after : -$each * $before);
        if ($before !== $after) {
            foreach ($this->groups[$round][$station] as $other => $_) {
                if ($other !== $player) {
                    $this->throws($other, $each * ($after - $before));
                }
            }
        }
    }

    private function throws(int $player, int $more): void
    {
        $left = $this->problem->players[$player]->throwsLeft;
        if (null !== $left) {
            $this->overThrown +=
                (int) ($this->thrown[$player] + $more > $left) - (int) ($this->thrown[$player] > $left);
        }
        $this->thrown[$player] += $more;
    }
}
