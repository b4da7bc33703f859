<?php

declare(strict_types=1);

namespace FoxCorner\Core\Practice\Station;

use Random\Randomizer;

/**
 * What the search tries: one player goes elsewhere, two change places, a station takes over from another, in a round or
 * in all. No constraint is broken by any of it, caps of arms and legs aside.
 */
final class StationMoves
{
    /**
     * Of moves, out of 100: a player goes elsewhere, two change places, a station is changed in all rounds; the rest
     * change one in one round.
     */
    private const ELSEWHERE = 40;
    private const CHANGE_PLACES = 70;
    private const EVERYWHERE = 74;

    /** @var list<list<array{int, int}>> stations and positions open to each player */
    private array $open;
    /** @var array<int, array<int, true>> by round and player: stays where he is */
    private array $held = [];
    /** @var array<int, array<int, true>> by round and station: a group that was decided takes nobody else */
    public array $closed = [];

    /** @param string|null $without station that is not run */
    public function __construct(
        private readonly StationProblem $problem,
        private readonly Randomizer $random,
        private readonly ?string $without = null,
    ) {
        $this->open = array_map(
            fn(array $open): array => array_values(
                array_filter($open, fn(array $at): bool => !$this->isWithout($at[0])),
            ),
            $problem->open(),
        );
        foreach ($problem->held as $turn) {
            $this->held[$turn->round][$turn->player] = true;
            if (null !== $turn->station) {
                $this->closed[$turn->round][$turn->station] = true;
            }
        }
    }

    /** @return list<array{int, int, int, int}> moves that take it back; empty when nothing was done */
    public function make(StationState $state): array
    {
        $kind = $this->below(100);

        return match (true) {
            $kind < self::ELSEWHERE => $this->elsewhere($state),
            $kind < self::CHANGE_PLACES => $this->changePlaces($state),
            $kind < self::EVERYWHERE => $this->changeEverywhere($state),
            default => $this->changeStation($state),
        };
    }

    public function isWithout(int $station): bool
    {
        return null !== $this->without && $this->problem->stations[$station]->key() === $this->without;
    }

    /** @return list<array{int, int, int, int}> */
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
        // Nobody joins a group that was decided, its helper neither.
        $isClosed = StationState::HELPS !== $position && isset($this->closed[$round][$station]);
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
        return $this->swap(
            $state,
            $this->below($this->problem->rounds),
            $this->below(\count($this->problem->stations)),
            $this->below(\count($this->problem->stations)),
        );
    }

    /**
     * The same in every round in which the one runs: what is set up once is worth it where it stands for long.
     *
     * @return list<array{int, int, int, int}>
     */
    private function changeEverywhere(StationState $state): array
    {
        $from = $this->below(\count($this->problem->stations));
        $to = $this->below(\count($this->problem->stations));
        $undo = [];
        for ($round = 0; $round < $this->problem->rounds; ++$round) {
            if ($state->size($round, $from) > 0) {
                array_push($undo, ...$this->swap($state, $round, $from, $to));
            }
        }

        return $undo;
    }

    /** @return list<array{int, int, int, int}> */
    private function swap(StationState $state, int $round, int $from, int $to): array
    {
        $group = [...$state->group($round, $from), ...$state->helping($round, $from)];
        if (
            $from === $to ||
            $this->isWithout($to) ||
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

    public function chance(): float
    {
        return $this->random->getInt(0, 2 ** 30 - 1) / 2 ** 30;
    }
}
