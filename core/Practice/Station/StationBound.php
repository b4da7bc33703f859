<?php

declare(strict_types=1);

namespace FoxCorner\Core\Practice\Station;

/**
 * More than any filling of the rounds can be worth: each player by himself, in the best stations for him, as if
 * helpers, pieces, ground and the others were no matter, and each group as small as it may be.
 */
final class StationBound
{
    /** @var list<array{int, array<int, int>}> of one player's stations rounds at most, and repetitions by need */
    private array $open = [];
    /** @var array<int, array<int, non-empty-list<float>>> worth by need and wanted */
    private array $worth = [];

    private function __construct(private readonly StationProblem $problem) {}

    public static function of(StationProblem $problem): float
    {
        $bound = new self($problem);
        $sum = $bound->shared();
        foreach (array_keys($problem->players) as $player) {
            $sum += $bound->most($player);
        }

        return $sum;
    }

    /** What needs of nobody's own are worth, all of it. */
    private function shared(): float
    {
        $sum = 0.0;
        foreach ($this->problem->needs as $need) {
            $sum += [] === $need->each ? $need->weight * $need->reps : 0.0;
        }

        return $sum;
    }

    private function most(int $player): float
    {
        $open = [];
        foreach ($this->problem->stations as $station) {
            $who = $this->problem->players[$player];
            $most = max(
                array_map(
                    fn(int $group): int => $station->repetitions($group, $this->problem->roundMinutes),
                    range($station->min, min($station->max, \count($this->problem->players) + 1)),
                ),
            );
            foreach ($who->mayThrowAt($station) ? array_intersect($who->positions, $station->positions) : [] as $at) {
                $gives = array_fill_keys($this->gives($player, $station->key(), $at), $most);
                if ([] !== $gives && $most > 0) {
                    $same = json_encode($gives, \JSON_THROW_ON_ERROR);
                    $open[$same] = [max($open[$same][0] ?? 0, $this->rounds($player, $station)), $gives];
                }
            }
        }
        $this->open = array_values($open);

        return $this->best($player, 0, $this->problem->rounds, []);
    }

    /** Rounds in which his arm can work at a station. */
    private function rounds(int $player, Station $station): int
    {
        $left = $this->problem->players[$player]->throwsLeft;
        $each = $station->throwsPerRep * $station->repetitions($station->max, $this->problem->roundMinutes);

        return null === $left || 0 === $each
            ? $this->problem->rounds
            : min($this->problem->rounds, intdiv($left, $each));
    }

    /** @return list<int> his needs that a station gives at a position */
    private function gives(int $player, string $station, int $at): array
    {
        $gives = [];
        foreach ($this->problem->needs as $number => $need) {
            if (isset($need->each[$player]) && \in_array($at, $need->places()[$station] ?? [], true)) {
                $gives[] = $number;
                $this->worth[$number][$need->each[$player]] ??= $need->worth($need->each[$player]);
            }
        }

        return $gives;
    }

    /**
     * The best of what is left to choose, in so many rounds.
     *
     * @param array<int, int> $had repetitions by need
     */
    private function best(int $player, int $from, int $rounds, array $had): float
    {
        if (0 === $rounds || !isset($this->open[$from])) {
            $sum = 0.0;
            foreach ($had as $need => $reps) {
                $worth = $this->worth[$need][$this->problem->needs[$need]->each[$player]];
                $sum += $worth[min($reps, \count($worth) - 1)];
            }

            return $sum;
        }
        [$most, $gives] = $this->open[$from];
        $best = $this->best($player, $from + 1, $rounds, $had);
        for ($times = 1; $times <= min($most, $rounds); ++$times) {
            foreach ($gives as $need => $reps) {
                $had[$need] = ($had[$need] ?? 0) + $reps;
            }
            $best = max($best, $this->best($player, $from + 1, $rounds - $times, $had));
        }

        return $best;
    }
}
