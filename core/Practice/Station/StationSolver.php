<?php

declare(strict_types=1);

namespace FoxCorner\Core\Practice\Station;

use Random\Engine\Mt19937;
use Random\Randomizer;

/**
 * Fills the rounds by annealing: one player moves, two change places, or one station takes over from another;
 * what makes it worse is taken less and less often. The same seed gives the same plan, and no constraint is
 * ever broken on the way.
 */
final class StationSolver
{
    /** Moves tried for each player, round and station; a large practice gets no more than the last. */
    private const EFFORT = 260;
    private const LEAST = 24000;
    private const MOST = 700000;
    /** Of moves, out of 100: a player goes elsewhere, two change places; the rest change a station. */
    private const ELSEWHERE = 62;
    private const CHANGE_PLACES = 84;
    /** Of what one good move is worth, the heat of the beginning. */
    private const HOT = 0.6;
    /** Times that the search starts anew, the best kept; a small one more often, with so many moves in all. */
    private const STARTS = 2;
    private const IN_ALL = 300000;
    /** Times that the best is found, from different starts, before it is believed; and when two are the same. */
    private const FOUND = 3;
    public const SAME = 1e-6;

    /** @var list<list<array{int, int}>> stations and positions open to each player */
    private array $open;
    /** @var array<int, array<int, true>> by round and player: stays where he is */
    private array $held = [];
    /** @var array<int, array<int, true>> by round and station: a group that was decided takes nobody else */
    private array $closed = [];

    private function __construct(private readonly StationProblem $problem, private readonly Randomizer $random)
    {
        $this->open = array_map(static function (StationPlayer $player) use ($problem): array {
            $open = [];
            foreach ($problem->stations as $index => $station) {
                foreach (array_intersect($player->positions, $station->positions) as $position) {
                    if ($player->mayThrowAt($station)) {
                        $open[] = [$index, $position];
                    }
                }
            }

            return $open;
        }, $problem->players);
        foreach ($problem->held as $turn) {
            $this->held[$turn->round][$turn->player] = true;
            if (null !== $turn->station) {
                $this->closed[$turn->round][$turn->station] = true;
            }
        }
    }

    public static function solve(StationProblem $problem, int $seed = 1): StationPlan
    {
        $best = (new self($problem, new Randomizer(new Mt19937($seed))))->search();
        $found = 1;
        $most = max(self::STARTS, intdiv(self::IN_ALL, self::moves($problem)));
        for ($start = 1; $start < $most && $found < self::FOUND; ++$start) {
            $plan = (new self($problem, new Randomizer(new Mt19937($seed + $start))))->search();
            $found = match (true) {
                $plan->objective > $best->objective + self::SAME => 1,
                $plan->objective > $best->objective - self::SAME => $found + 1,
                default => $found,
            };
            $best = $plan->objective > $best->objective ? $plan : $best;
        }

        return $best;
    }

    private function search(): StationPlan
    {
        $state = new StationState($this->problem);
        $state->hold();
        $overThrown = $state->overThrown;
        $moves = self::moves($this->problem);
        $hot = self::HOT * $this->problem->heaviest();
        $cold = $hot / 400;
        [$best, $most] = [[$state->at, $state->as], $state->objective];
        for ($move = 0; $move < $moves && [] !== $this->problem->stations; ++$move) {
            $heat = $hot * ($cold / $hot) ** ($move / $moves);
            $before = $state->objective;
            $kind = $this->below(100);
            $undo = match (true) {
                $kind < self::ELSEWHERE => $this->elsewhere($state),
                $kind < self::CHANGE_PLACES => $this->changePlaces($state),
                default => $this->changeStation($state),
            };
            if ([] === $undo) {
                continue;
            }
            $worse = $before - $state->objective;
            if ($state->overThrown > $overThrown || ($worse > 0.0 && $this->chance() >= exp(-$worse / $heat))) {
                foreach (array_reverse($undo) as [$round, $player, $station, $position]) {
                    $state->move($round, $player, $station, $position);
                }
            } elseif ($state->objective > $most + 1e-9) {
                [$best, $most] = [[$state->at, $state->as], $state->objective];
            }
        }

        return $this->plan($best);
    }

    /** Moves that one search tries. */
    private static function moves(StationProblem $problem): int
    {
        $size = \count($problem->players) * $problem->rounds * max(1, \count($problem->stations));

        return min(self::MOST, max(self::LEAST, self::EFFORT * $size));
    }

    /** @return list<array{int, int, int, int}> moves that take it back; empty when nothing was done */
    private function elsewhere(StationState $state): array
    {
        $round = $this->below($this->problem->rounds);
        $player = $this->below(\count($this->problem->players));
        if (isset($this->held[$round][$player])) {
            return [];
        }
        $open = $this->open[$player];
        $which = $this->below(\count($open) + 1);
        [$station, $position] = $open[$which] ?? [StationState::WAITS, 0];
        [$from, $as] = [$state->at[$round][$player], $state->as[$round][$player]];
        if ($from === $station && $as === $position) {
            return [];
        }
        if (
            StationState::WAITS !== $station &&
            $from !== $station &&
            (isset($this->closed[$round][$station]) || !$state->takes($round, $station))
        ) {
            return [];
        }
        $state->move($round, $player, $station, $position);

        return [[$round, $player, $from, $as]];
    }

    /** @return list<array{int, int, int, int}> */
    private function changePlaces(StationState $state): array
    {
        $round = $this->below($this->problem->rounds);
        [$one, $other] = [$this->below(\count($this->problem->players)), $this->below(\count($this->problem->players))];
        if (isset($this->held[$round][$one]) || isset($this->held[$round][$other])) {
            return [];
        }
        [$here, $there] = [$state->at[$round][$one], $state->at[$round][$other]];
        $to = $this->positionAt($one, $there);
        $from = $this->positionAt($other, $here);
        if ($here === $there || null === $to || null === $from) {
            return [];
        }
        $undo = [[$round, $one, $here, $state->as[$round][$one]], [$round, $other, $there, $state->as[$round][$other]]];
        $state->move($round, $one, StationState::WAITS, 0);
        $state->move($round, $other, $here, $from);
        $state->move($round, $one, $there, $to);

        return [...$undo, [$round, $one, StationState::WAITS, 0]];
    }

    /** @return list<array{int, int, int, int}> */
    private function changeStation(StationState $state): array
    {
        $round = $this->below($this->problem->rounds);
        $from = $this->below(\count($this->problem->stations));
        $to = $this->below(\count($this->problem->stations));
        $group = $state->group($round, $from);
        if (
            $from === $to ||
            [] === $group ||
            $state->size($round, $to) > 0 ||
            isset($this->closed[$round][$to]) ||
            [] !== array_intersect_key($this->held[$round] ?? [], array_flip($group))
        ) {
            return [];
        }
        $undo = [];
        foreach ($group as $player) {
            $undo[] = [$round, $player, $from, $state->as[$round][$player]];
            $state->move($round, $player, StationState::WAITS, 0);
        }
        foreach ($group as $player) {
            $position = $this->positionAt($player, $to);
            if (null !== $position && $state->takes($round, $to)) {
                $undo[] = [$round, $player, StationState::WAITS, 0];
                $state->move($round, $player, $to, $position);
            }
        }

        return $undo;
    }

    /** A position at which a player can work at a station; 0 to wait, null when there is none. */
    private function positionAt(int $player, int $station): ?int
    {
        if (StationState::WAITS === $station) {
            return 0;
        }
        $positions = [];
        foreach ($this->open[$player] as [$index, $position]) {
            if ($index === $station) {
                $positions[] = $position;
            }
        }

        return [] === $positions ? null : $positions[$this->below(\count($positions))];
    }

    /**
     * @param array{array<int, array<int, int>>, array<int, array<int, int>>} $best stations and positions by round and
     *                                                                              player
     */
    private function plan(array $best): StationPlan
    {
        $state = new StationState($this->problem);
        $rounds = [];
        foreach ($best[0] as $round => $stations) {
            $groups = [];
            foreach ($stations as $player => $station) {
                if (StationState::WAITS !== $station) {
                    $groups[$station][$player] = $best[1][$round][$player];
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
        foreach ($rounds as $round => $groups) {
            foreach ($groups as $station => $group) {
                unset($rounds[$round][$station]);
                $isClosed = isset($this->closed[$round][$station]);
                $rounds[$round][$isClosed ? $station : $simplest->of($round, $station, $group)] = $group;
            }
            ksort($rounds[$round]);
        }
        $index = array_flip(
            array_map(static fn(Station $station): string => $station->key(), $this->problem->stations),
        );

        return new StationPlan(
            $this->problem,
            $rounds,
            array_map(
                fn(int $need): int => $state->gained($need, $index[$this->problem->needs[$need]->station]),
                array_keys($this->problem->needs),
            ),
            $state->objective,
            array_map(
                static fn(StationNeed $need): array => $need->lacks(
                    static fn(int $who): int => $state->had($index[$need->station], $need->position, $who),
                ),
                $this->problem->needs,
            ),
        );
    }

    private function below(int $most): int
    {
        return $most < 2 ? 0 : $this->random->getInt(0, $most - 1);
    }

    private function chance(): float
    {
        return $this->random->getInt(0, 2 ** 30 - 1) / 2 ** 30;
    }
}
