<?php

declare(strict_types=1);

namespace FoxCorner\Core\Practice\Station;

/**
 * Why those who lack something do not get more of it in a filled plan: for each of them it is asked in every round,
 * over every station that would give it, what stands in the way, and what does so most often is said.
 */
final readonly class WhatBinds
{
    private const MINUTES = 'The minutes: other needs weigh more.';

    /** @param array<string, string> $names of the stations, by id */
    private function __construct(
        private StationPlan $plan,
        private StationProblem $problem,
        private StationNeed $need,
        private array $names,
    ) {}

    /**
     * @param int                   $index of the need
     * @param array<string, string> $names of the stations, by id
     */
    public static function of(StationPlan $plan, int $index, array $names = []): string
    {
        $need = $plan->problem->needs[$index];
        $binds = new self($plan, $plan->problem, $need, $names);
        $often = [];
        foreach ($binds->who($plan->lacks[$index] ?? []) as $player => $lacks) {
            foreach (array_keys($plan->rounds) as $round) {
                $why = $binds->in($round, $player);
                $often[$why ?? ''] = ($often[$why ?? ''] ?? 0) + $lacks;
            }
        }
        // Where he has it nothing binds; of what binds as often, what can be mended is said.
        $minutes = $often[self::MINUTES] ?? 0;
        unset($often[''], $often[self::MINUTES]);
        arsort($often);
        $most = array_key_first($often);

        return null !== $most && $often[$most] >= $minutes ? $most : self::MINUTES;
    }

    /**
     * @param array<int, int> $lacks
     *
     * @return array<int, int> what counts, by player: what he lacks, or each who works there as much as the other
     */
    private function who(array $lacks): array
    {
        return [] === $lacks && [] === $this->need->each
            ? array_map(
                static fn(): int => 1,
                array_filter(
                    $this->problem->players,
                    fn(StationPlayer $player): bool => \in_array($this->need->position, $player->positions, true),
                ),
            )
            : $lacks;
    }

    /** What stands in his way; null: nothing, he has it. */
    private function in(int $round, int $player): ?string
    {
        $running = $this->plan->rounds[$round];
        $whys = [];
        foreach ($this->ways($player) as $at => $way) {
            if (isset($running[$at][$player])) {
                return null;
            }
            $whys[] = isset($running[$at])
                ? (\count($running[$at]) < $way->max
                    ? $this->his($way, $round, $player)
                    : \sprintf('Places: %d at a time.', $way->max))
                : $this->stands($way, $running) ?? $this->his($way, $round, $player);
        }

        return \in_array(self::MINUTES, $whys, true) ? self::MINUTES : $whys[0] ?? $this->sore();
    }

    /** @return array<int, Station> every way in which he could have it, by index */
    private function ways(int $player): array
    {
        $places = $this->need->places();
        $who = $this->problem->players[$player];

        return array_filter(
            $this->problem->stations,
            static fn(Station $way): bool => [] !==
                array_intersect($places[$way->key()] ?? [], $way->positions, $who->positions) && $who->mayThrowAt($way),
        );
    }

    /**
     * Why a station does not run beside the others.
     *
     * @param array<int, array<int, int>> $running
     */
    private function stands(Station $way, array $running): ?string
    {
        $others = array_map(fn(int $other): Station => $this->problem->stations[$other], array_keys($running));

        return $this->helpers($way, $others) ?? ($this->pieces($way, $others) ?? $this->ground($way, $others));
    }

    /** @param list<Station> $others that run in the round */
    private function helpers(Station $way, array $others): ?string
    {
        $used = array_sum(array_map(static fn(Station $one): int => $one->helpers, $others));
        $have = $this->problem->helpers;

        return match (true) {
            $used + $way->helpers <= $have => null,
            1 === $have => 'The one helper is at another station.',
            default => "Helpers: all $have are at other stations.",
        };
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

    /** Where the station could have him: whether his arm could, and whether he does anything else. */
    private function his(Station $way, int $round, int $player): string
    {
        $waits = \in_array($this->problem->players[$player], $this->plan->idle($round), true);

        return match (true) {
            !$this->hasThrows($way, $player) => 'Throws: the arms that play ' .
                $this->need->position .
                ' have had theirs.',
            $waits => "Too few at a time: it takes $way->min.",
            default => self::MINUTES,
        };
    }

    private function sore(): string
    {
        return "Sore arms: who plays {$this->need->position} may not throw.";
    }

    /** Whether his arm has a turn at this station left. */
    private function hasThrows(Station $way, int $index): bool
    {
        $left = $this->problem->players[$index]->throwsLeft;
        if (null === $left || 0 === $way->throwsPerRep) {
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

        return $thrown + $turn <= $left;
    }
}
