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

    /**
     * @param array<int, Station>   $ways  in which the station can be run, by index
     * @param array<string, string> $names of the stations, by id
     */
    private function __construct(
        private StationPlan $plan,
        private StationProblem $problem,
        private array $ways,
        private int $position,
        private array $names,
    ) {}

    /**
     * @param array<int, Station>   $ways  in which the station can be run, by index
     * @param array<string, string> $names of the stations, by id
     */
    public static function of(StationPlan $plan, array $ways, int $position, array $names = []): string
    {
        $binds = new self($plan, $plan->problem, $ways, $position, $names);
        $counts = array_count_values(array_map($binds->in(...), array_keys($plan->rounds)));
        unset($counts[self::MINUTES]);
        arsort($counts);

        return array_key_first($counts) ?? self::MINUTES;
    }

    private function in(int $round): string
    {
        $running = $this->plan->rounds[$round];
        foreach ($this->ways as $at => $way) {
            if (isset($running[$at])) {
                return \count($running[$at]) < $way->max ? $this->who($way, $round) : self::MINUTES;
            }
        }
        $others = array_map(fn(int $other): Station => $this->problem->stations[$other], array_keys($running));
        $why = null;
        foreach ($this->ways as $way) {
            $stands = $this->helpers($way, $others) ?? ($this->pieces($way, $others) ?? $this->ground($way, $others));
            if (null === $stands) {
                return $this->who($way, $round);
            }
            $why = $stands;
        }

        return $why ?? self::MINUTES;
    }

    /** @param list<Station> $others that run in the round */
    private function helpers(Station $way, array $others): ?string
    {
        $used = array_sum(array_map(static fn(Station $one): int => $one->helpers, $others));
        $have = $this->problem->helpers;

        return $used + $way->helpers > $have
            ? \sprintf('%s: %d, and other stations have them.', 1 === $have ? 'One helper' : 'The helpers', $have)
            : null;
    }

    /** @param list<Station> $others */
    private function pieces(Station $way, array $others): ?string
    {
        foreach ($way->equipment as $piece => $pieces) {
            $used = array_sum(array_map(static fn(Station $one): int => $one->equipment[$piece] ?? 0, $others));
            $have = $this->problem->equipment[$piece] ?? 0;
            if ($used + $pieces > $have) {
                return \sprintf('“%s”: there %s %d, in use elsewhere.', $piece, 1 === $have ? 'is' : 'are', $have);
            }
        }

        return null;
    }

    /** @param list<Station> $others */
    private function ground(Station $way, array $others): ?string
    {
        foreach ($others as $other) {
            $conflict = $way->ground->conflict($other->ground);
            if (null !== $conflict) {
                return \sprintf(
                    'Beside “%s” there would be %s.',
                    lcfirst($this->names[$other->key()] ?? $other->id),
                    $conflict,
                );
            }
        }

        return null;
    }

    /** Whether somebody waits who could work there, and why he does not. */
    private function who(Station $way, int $round): string
    {
        $busy = [];
        foreach ($this->plan->rounds[$round] as $group) {
            $busy += $group;
        }
        $waiting = array_diff_key($this->problem->players, $busy);
        foreach ($waiting as $index => $player) {
            if (\in_array($this->position, $player->positions, true)) {
                $tired = "Throws: the arms that play $this->position have had theirs.";

                return match (true) {
                    !$player->mayThrowAt($way) => "Sore arms: who plays $this->position may not throw.",
                    !$this->hasThrows($way, $index, $player) => $tired,
                    default => \sprintf('Too few at a time: it takes %d.', $way->min),
                };
            }
        }

        return self::MINUTES;
    }

    /** Whether his arm has a turn at this station left. */
    private function hasThrows(Station $way, int $index, StationPlayer $player): bool
    {
        if (null === $player->throwsLeft || 0 === $way->throwsPerRep) {
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
        $turn = $way->throwsPerRep * $way->repetitions($way->max, $this->problem->roundMinutes);

        return $thrown + $turn <= $player->throwsLeft;
    }
}
