<?php

declare(strict_types=1);

namespace FoxCorner\Core\Practice\Station;

/** Of several ways to run a station that cost the same, the first: a net before a helper, a helper before a player. */
final readonly class SimplestWay
{
    public function __construct(private StationProblem $problem, private StationState $state) {}

    /**
     * The first of the ways that is open to a group and costs nothing; the group goes over to it.
     *
     * @param array<int, int> $group positions by player
     */
    public function of(int $round, int $station, array $group): int
    {
        [$objective, $over] = [$this->state->objective, $this->state->effort->over];
        foreach (array_keys($this->problem->ways($this->problem->stations[$station]->key())) as $way) {
            if ($way === $station) {
                break;
            }
            $this->goOver($round, $group, StationState::WAITS);
            if ($this->state->takes($round, $way)) {
                $this->goOver($round, $group, $way);
            }
            if ($this->state->objective > $objective - StationSolver::SAME && $this->state->effort->over <= $over) {
                return $way;
            }
            $this->goOver($round, $group, StationState::WAITS);
            $this->goOver($round, $group, $station);
        }

        return $station;
    }

    /** @param array<int, int> $group positions by player */
    private function goOver(int $round, array $group, int $station): void
    {
        foreach ($group as $player => $position) {
            $this->state->move($round, $player, $station, $position);
        }
    }
}
