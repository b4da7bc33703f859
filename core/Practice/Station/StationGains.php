<?php

declare(strict_types=1);

namespace FoxCorner\Core\Practice\Station;

/** What the repetitions of filled rounds are worth by the needs, kept up with while they are searched. Mutable. */
final class StationGains
{
    /** @var array<int, array<int, int>> repetitions by station, its first way for all, and position */
    private array $gained;
    /** @var array<int, array<int, int>> what counts of each one's own, by need and player */
    private array $own = [];
    /** @var array<int, array<int, list<array{float, int}>>> weights and repetitions wanted, by station and position */
    private array $wanted;
    /** @var array<int, array<int, array<int, list<int>>>> needs of players that are served, likewise and by player */
    private array $serves;
    /** @var list<StationNeed> */
    private array $needs;
    /** @var array<int, array<int, non-empty-list<float>>> worth of repetitions, by need and player */
    private array $worth = [];

    /** @param array<string, int> $index of stations, the first way of each, by key */
    public function __construct(StationProblem $problem, private readonly array $index)
    {
        $this->needs = $problem->needs;
        $this->gained = $this->wanted = $this->serves = array_fill_keys(array_values($index), []);
        foreach ($problem->needs as $number => $need) {
            if ([] === $need->each) {
                $this->wanted[$index[$need->station]][$need->position][] = [$need->weight, $need->reps];
                continue;
            }
            $worth = [];
            foreach ($need->each as $player => $wants) {
                $this->worth[$number][$player] = $worth[$wants] ??= $need->worth($wants);
            }
            foreach (array_intersect_key($need->places(), $index) as $station => $positions) {
                foreach ($positions as $position) {
                    foreach (array_keys($need->each) as $player) {
                        $this->serves[$index[$station]][$position][$player][] = $number;
                    }
                }
            }
        }
    }

    /** Whether anybody has a need of his own that a station serves. */
    public function isOwn(int $station): bool
    {
        return [] !== $this->serves[$station];
    }

    /** Of all who work at a position: what a change of their repetitions adds. */
    public function add(int $station, int $position, int $change): float
    {
        $wanted = $this->wanted[$station][$position] ?? [];
        if ([] === $wanted) {
            return 0.0;
        }
        $old = $this->gained[$station][$position] ?? 0;
        $this->gained[$station][$position] = $old + $change;
        $worth = 0.0;
        foreach ($wanted as [$weight, $reps]) {
            $worth += $weight * (min($reps, $old + $change) - min($reps, $old));
        }

        return $worth;
    }

    /** The same of one player's. */
    public function own(int $station, int $position, int $player, int $change): float
    {
        $more = 0.0;
        foreach ($this->serves[$station][$position][$player] ?? [] as $number) {
            $worth = $this->worth[$number][$player];
            $old = $this->own[$number][$player] ?? 0;
            $this->own[$number][$player] = $old + $change;
            $most = \count($worth) - 1;
            $more += $worth[min($most, $old + $change)] - $worth[min($most, $old)];
        }

        return $more;
    }

    /** Repetitions that a need has; of players' own what counts. */
    public function of(int $need): int
    {
        $asked = $this->needs[$need];
        if ([] === $asked->each) {
            return $this->gained[$this->index[$asked->station]][$asked->position] ?? 0;
        }
        $counts = 0;
        foreach ($asked->each as $player => $wants) {
            $counts += min($wants, $this->own[$need][$player] ?? 0);
        }

        return $counts;
    }

    /** @return array<int, int> what of his own each still wants, by player's index */
    public function lacks(int $need): array
    {
        $lacks = [];
        foreach ($this->needs[$need]->each as $player => $wants) {
            $lacks[$player] = $wants - ($this->own[$need][$player] ?? 0);
        }

        return array_filter($lacks, static fn(int $lack): bool => $lack > 0);
    }
}
