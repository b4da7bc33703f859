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
    private const EFFORT = 60;
    private const LEAST = 24000;
    private const MOST = 110000;
    /** Of moves, out of 100: a player goes elsewhere, two change places; the rest change a station. */
    private const ELSEWHERE = 40;
    private const CHANGE_PLACES = 70;
    /** Of what one good move is worth, the heat of the beginning; and how much less it is in the end. */
    private const HOT = 0.3;
    private const COOLED = 100.0;
    /** Of that heat, what a plan is warmed up with that is to be improved. */
    private const WARM = 0.3;
    /** Times that the search starts anew, the best kept; a small one more often, with so many moves in all. */
    private const STARTS = 2;
    private const IN_ALL = 150000;
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
        $this->open = $problem->open();
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

    /**
     * What becomes of a plan where something more is to be had: never less than it is worth there as it stands.
     *
     * @param StationPlan $plan of the same players and stations, in as many rounds or fewer
     */
    public static function improve(StationPlan $plan, StationProblem $problem, int $seed = 1): StationPlan
    {
        return (new self($problem, new Randomizer(new Mt19937($seed))))->search($plan);
    }

    private function search(?StationPlan $from = null): StationPlan
    {
        $state = new StationState($this->problem);
        $state->hold();
        $from?->lay($state);
        $over = $state->effort->over;
        $moves = self::moves($this->problem);
        $hot = self::HOT * $this->problem->heaviest();
        $cold = $hot / self::COOLED;
        $hot *= null === $from ? 1.0 : self::WARM;
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
            if ($state->effort->over > $over || ($worse > 0.0 && $this->chance() >= exp(-$worse / $heat))) {
                foreach (array_reverse($undo) as [$round, $player, $station, $position]) {
                    $state->move($round, $player, $station, $position);
                }
            } elseif ($state->objective > $most + 1e-9) {
                [$best, $most] = [[$state->at, $state->as], $state->objective];
            }
        }

        return (new FilledRounds($this->problem, $this->closed))->plan($best);
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
        if (StationState::HELPS === $position && StationState::WAITS !== $station) {
            $isOpen = $state->takesHelp($round, $station);
        } else {
            $isOpen =
                StationState::WAITS === $station ||
                ($from === $station && StationState::HELPS !== $as) ||
                $state->takes($round, $station);
        }
        $isClosed = StationState::HELPS !== $position && $from !== $station && isset($this->closed[$round][$station]);
        if (!$isOpen || $isClosed) {
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
        $to = $this->positionAt($one, $there, StationState::HELPS === $state->as[$round][$other]);
        $from = $this->positionAt($other, $here, StationState::HELPS === $state->as[$round][$one]);
        if ($here === $there || null === $to || null === $from) {
            return [];
        }
        $undo = [[$round, $one, $here, $state->as[$round][$one]], [$round, $other, $there, $state->as[$round][$other]]];
        $state->move($round, $one, StationState::WAITS, 0);
        $state->move($round, $other, $here, $from);
        $state->move($round, $one, $there, $to);

        return [...$undo, [$round, $one, StationState::WAITS, 0]];
    }

    /**
     * One station for another, or a new one: who was there goes over, who is left over helps to fill it or goes where
     * there is room, and those who can be spared elsewhere come.
     *
     * @return list<array{int, int, int, int}>
     */
    private function changeStation(StationState $state): array
    {
        $round = $this->below($this->problem->rounds);
        $from = $this->below(\count($this->problem->stations));
        $to = $this->below(\count($this->problem->stations));
        $group = [...$state->group($round, $from), ...$state->helping($round, $from)];
        if (
            $from === $to ||
            $state->size($round, $to) > 0 ||
            isset($this->closed[$round][$to]) ||
            [] !== array_intersect_key($this->held[$round] ?? [], array_flip($group))
        ) {
            return [];
        }
        $undo = [];
        $go = static function (int $player, int $station, int $position) use ($state, $round, &$undo): void {
            $undo[] = [$round, $player, $state->at[$round][$player], $state->as[$round][$player]];
            $state->move($round, $player, $station, $position);
        };
        foreach ($group as $player) {
            $go($player, StationState::WAITS, 0);
        }
        $this->fill($state, $round, $to, $group, $go);
        foreach ($state->at[$round] as $player => $station) {
            if (StationState::WAITS === $station && !isset($this->held[$round][$player])) {
                $this->settle($state, $round, $player, $go);
            }
        }

        return $undo;
    }

    /**
     * @param list<int>                     $group who comes first
     * @param callable(int, int, int): void $go
     */
    private function fill(StationState $state, int $round, int $to, array $group, callable $go): void
    {
        foreach ([...$group, ...$this->random->shuffleArray(array_keys($this->problem->players))] as $player) {
            $at = $state->at[$round][$player];
            $isEnough = $state->size($round, $to) >= $this->problem->stations[$to]->min;
            $isSpare =
                StationState::WAITS === $at ||
                StationState::HELPS === $state->as[$round][$player] ||
                $state->size($round, $at) > ($this->problem->stations[$at] ?? null)?->min;
            if (
                $at === $to ||
                isset($this->held[$round][$player]) ||
                !$isSpare ||
                ($isEnough && StationState::WAITS !== $at) ||
                !$state->takes($round, $to)
            ) {
                continue;
            }
            $position = $this->positionAt($player, $to);
            if (null !== $position) {
                $go($player, $to, $position);
            }
        }
    }

    /**
     * Where there is room for him, to work or else to help.
     *
     * @param callable(int, int, int): void $go
     */
    private function settle(StationState $state, int $round, int $player, callable $go): void
    {
        $open = $this->open[$player];
        $count = \count($open);
        $start = $this->below($count);
        for ($try = 0; $try < $count; ++$try) {
            [$station, $position] = $open[($start + $try) % $count];
            $hasRoom =
                StationState::HELPS === $position
                    ? $state->takesHelp($round, $station)
                    : $state->size($round, $station) > 0 &&
                        !isset($this->closed[$round][$station]) &&
                        $state->takes($round, $station);
            if ($hasRoom) {
                $go($player, $station, $position);

                return;
            }
        }
    }

    /** A position at which a player can work at a station; 0 to wait or help, null when there is none. */
    private function positionAt(int $player, int $station, bool $helps = false): ?int
    {
        if (StationState::WAITS === $station || $helps) {
            return 0;
        }
        $positions = [];
        foreach ($this->open[$player] as [$index, $position]) {
            if ($index === $station && StationState::HELPS !== $position) {
                $positions[] = $position;
            }
        }

        return [] === $positions ? null : $positions[$this->below(\count($positions))];
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
