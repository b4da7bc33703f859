<?php

declare(strict_types=1);

namespace FoxCorner\Core\Practice\Station;

/** The rounds, filled. */
final readonly class StationPlan
{
    /**
     * @param list<array<int, array<int, int>>> $rounds  by round: by station's index the players' indexes with the
     *                                                   position that each works at
     * @param list<int>                         $gained  repetitions, in the order of the needs
     * @param list<array<int, int>>             $lacks   likewise what of his own each still wants, by player's index
     * @param array<int, array<int, list<int>>> $helping by round: by station's index the players who help there
     */
    public function __construct(
        public StationProblem $problem,
        public array $rounds,
        public array $gained,
        public float $objective,
        public array $lacks = [],
        public array $helping = [],
    ) {}

    /** @return list<string> keys of the stations that run in it */
    public function stations(): array
    {
        $keys = [];
        foreach ($this->rounds as $groups) {
            foreach (array_keys($groups) as $station) {
                $keys[$this->problem->stations[$station]->key()] = true;
            }
        }

        return array_map(strval(...), array_keys($keys));
    }

    /**
     * Puts everybody where he is in it.
     *
     * @param \Closure(int): bool|null $isLeftOut of a station: who is there waits; null: none
     */
    public function lay(StationState $state, ?\Closure $isLeftOut = null): void
    {
        foreach ($this->rounds as $round => $groups) {
            foreach ($groups as $station => $group) {
                if (null !== $isLeftOut && $isLeftOut($station)) {
                    continue;
                }
                foreach ($group as $player => $position) {
                    $state->move($round, $player, $station, $position);
                }
            }
            foreach ($this->helping[$round] ?? [] as $station => $players) {
                foreach (null !== $isLeftOut && $isLeftOut($station) ? [] : $players as $player) {
                    $state->move($round, $player, $station, StationState::HELPS);
                }
            }
        }
    }

    /** @return list<StationPlayer> who waits in a round */
    public function idle(int $round): array
    {
        $busy = [];
        foreach ($this->rounds[$round] as $group) {
            $busy += $group;
        }
        foreach ($this->helping[$round] ?? [] as $helping) {
            $busy += array_flip($helping);
        }

        return array_values(array_diff_key($this->problem->players, $busy));
    }

    public function isMet(int $need): bool
    {
        return $this->gained[$need] >= $this->problem->needs[$need]->reps;
    }

    public function metCount(): int
    {
        return \count(array_filter(array_keys($this->problem->needs), $this->isMet(...)));
    }
}
