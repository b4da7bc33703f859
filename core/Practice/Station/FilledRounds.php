<?php

declare(strict_types=1);

namespace FoxCorner\Core\Practice\Station;

/** What a search has found, as a plan: complete groups in their simplest way, and who helps them. */
final readonly class FilledRounds
{
    /** @param array<int, array<int, true>> $closed by round and station: a group that was decided stays in its way */
    public function __construct(private StationProblem $problem, private array $closed) {}

    /**
     * @param array{array<int, array<int, int>>, array<int, array<int, int>>} $best stations and positions by round and
     *                                                                              player
     */
    public function plan(array $best): StationPlan
    {
        $state = new StationState($this->problem);
        $rounds = $helping = [];
        foreach ($best[0] as $round => $stations) {
            $groups = $helping[$round] = [];
            foreach ($stations as $player => $station) {
                if (StationState::WAITS !== $station && StationState::HELPS !== $best[1][$round][$player]) {
                    $groups[$station][$player] = $best[1][$round][$player];
                } elseif (StationState::WAITS !== $station) {
                    $helping[$round][$station][] = $player;
                }
            }
            ksort($groups);
            $rounds[] = array_filter(
                $groups,
                fn(array $group, int $station): bool => true ===
                    ($this->problem->stations[$station] ?? null)?->isComplete($group),
                \ARRAY_FILTER_USE_BOTH,
            );
        }
        foreach ($rounds as $round => $groups) {
            foreach ($groups as $station => $group) {
                foreach ($group as $player => $position) {
                    $state->move($round, $player, $station, $position);
                }
            }
        }
        $simplest = new SimplestWay($this->problem, $state);
        $helped = [];
        foreach ($rounds as $round => $groups) {
            $helped[$round] = [];
            foreach ($groups as $station => $group) {
                unset($rounds[$round][$station]);
                $isClosed = isset($this->closed[$round][$station]);
                $way = $isClosed ? $station : $simplest->of($round, $station, $group);
                $rounds[$round][$way] = $group;
                foreach ($helping[$round][$station] ?? [] as $player) {
                    $state->move($round, $player, $way, StationState::HELPS);
                    $helped[$round][$way][] = $player;
                }
            }
            ksort($rounds[$round]);
        }
        $needs = array_keys($this->problem->needs);

        return new StationPlan(
            $this->problem,
            $rounds,
            array_map($state->gains->of(...), $needs),
            $state->objective,
            array_map($state->gains->lacks(...), $needs),
            $helped,
        );
    }
}
