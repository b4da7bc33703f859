<?php

declare(strict_types=1);

namespace FoxCorner\Core\Practice\Station;

/**
 * Why a station does not give more of a position in a filled plan: in each round what stands in the way is looked for,
 * and what does so most often is said. The minutes are the reason only where nothing else is.
 */
final readonly class WhatBinds
{
    private const MINUTES = 'The minutes: other needs weigh more.';

    /** @param array<string, string> $names of the stations, by id */
    private function __construct(
        private StationPlan $plan,
        private StationProblem $problem,
        private Station $station,
        private int $position,
        private array $names,
    ) {}

    /** @param array<string, string> $names of the stations, by id */
    public static function of(StationPlan $plan, Station $station, int $position, array $names = []): string
    {
        $binds = new self($plan, $plan->problem, $station, $position, $names);
        $counts = array_count_values(array_map($binds->in(...), array_keys($plan->rounds)));
        unset($counts[self::MINUTES]);
        arsort($counts);

        return array_key_first($counts) ?? self::MINUTES;
    }

    private function in(int $round): string
    {
        $at = (int) array_search($this->station, $this->problem->stations, true);
        $running = $this->plan->rounds[$round];
        if (isset($running[$at])) {
            return \count($running[$at]) < $this->station->max ? $this->who($round) : self::MINUTES;
        }
        $others = array_map(fn(int $other): Station => $this->problem->stations[$other], array_keys($running));

        return $this->helpers($others) ?? ($this->pieces($others) ?? ($this->ground($others) ?? $this->who($round)));
    }

    /** @param list<Station> $others that run in the round */
    private function helpers(array $others): ?string
    {
        $used = array_sum(array_map(static fn(Station $one): int => $one->helpers, $others));
        $have = $this->problem->helpers;

        return $used + $this->station->helpers > $have
            ? \sprintf('%s: %d, and other stations have them.', 1 === $have ? 'One helper' : 'The helpers', $have)
            : null;
    }

    /** @param list<Station> $others */
    private function pieces(array $others): ?string
    {
        foreach ($this->station->equipment as $piece => $pieces) {
            $used = array_sum(array_map(static fn(Station $one): int => $one->equipment[$piece] ?? 0, $others));
            $have = $this->problem->equipment[$piece] ?? 0;
            if ($used + $pieces > $have) {
                return \sprintf('“%s”: there %s %d, in use elsewhere.', $piece, 1 === $have ? 'is' : 'are', $have);
            }
        }

        return null;
    }

    /** @param list<Station> $others */
    private function ground(array $others): ?string
    {
        foreach ($others as $other) {
            $conflict = $this->station->ground->conflict($other->ground);
            if (null !== $conflict) {
                return \sprintf(
                    'Beside “%s” there would be %s.',
                    lcfirst($this->names[$other->id] ?? $other->id),
                    $conflict,
                );
            }
        }

        return null;
    }

    /** Whether somebody waits who could work there, and why he does not. */
    private function who(int $round): string
    {
        $busy = [];
        foreach ($this->plan->rounds[$round] as $group) {
            $busy += $group;
        }
        $waiting = array_diff_key($this->problem->players, $busy);
        foreach ($waiting as $index => $player) {
            if (\in_array($this->position, $player->positions, true)) {
                return match (true) {
                    !$player->mayThrowAt($this->station) => "Sore arms: who plays $this->position may not throw.",
                    !$this->hasThrows($index, $player) => "Throws: the arms that play $this->position have had theirs.",
                    default => \sprintf('Too few at a time: it takes %d.', $this->station->min),
                };
            }
        }

        return self::MINUTES;
    }

    /** Whether his arm has a turn at this station left. */
    private function hasThrows(int $index, StationPlayer $player): bool
    {
        if (null === $player->throwsLeft || 0 === $this->station->throwsPerRep) {
            return true;
        }
        $thrown = 0;
        foreach ($this->plan->rounds as $groups) {
            foreach ($groups as $at => $group) {
                if (isset($group[$index])) {
                    $station = $this->problem->stations[$at];
                    $thrown +=
                        $station->throwsPerRep * $station->repetitions(\count($group), $this->problem->roundMinutes);
                }
            }
        }
        $turn =
            $this->station->throwsPerRep *
            $this->station->repetitions($this->station->max, $this->problem->roundMinutes);

        return $thrown + $turn <= $player->throwsLeft;
    }
}
