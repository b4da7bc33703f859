<?php

declare(strict_types=1);

namespace FoxCorner\Core\Practice;

use FoxCorner\Core\People\RosterPlayer;

/**
 * Fills the rounds: stations that do not get in each other's way, groups that serve the heaviest needs.
 *
 * Every round is filled greedily for every largest set of stations that can run together; then the
 * rounds are gone through again, each against what the others already give, until nothing improves.
 * The same request always gives the same schedule.
 */
final readonly class Scheduler
{
    /** Passes over all rounds; later ones have never been seen to gain. */
    private const PASSES = 3;

    private function __construct(private PracticeRequest $request, private Worth $worth)
    {
    }

    public static function solve(PracticeRequest $request): Schedule
    {
        return (new self($request, new Worth($request->needs)))->schedule();
    }

    private function schedule(): Schedule
    {
        $blocks = $this->request->time->rounds();
        $sets = (new StationSets($this->request))->largest();
        $rounds = array_map(fn(Block $block): Round => new Round($block, [], $this->request->players), $blocks);
        for ($pass = 0; $pass < self::PASSES; ++$pass) {
            $before = $this->worth->of($rounds);
            foreach ($blocks as $index => $block) {
                $others = $rounds;
                unset($others[$index]);
                $rounds[$index] = $this->better($rounds[$index], $this->fill($block, $sets, array_values($others)), array_values($others));
            }
            if ($this->worth->of($rounds) <= $before) {
                break;
            }
        }
        $gained = $this->worth->gained($rounds);

        return new Schedule(
            $this->request->time,
            array_values($rounds),
            array_map(static fn(Need $need): MetNeed => new MetNeed($need, $gained[$need->key()] ?? 0), $this->request->needs),
            $this->worth->of($rounds),
        );
    }

    /** @param list<Round> $others */
    private function better(Round $old, Round $new, array $others): Round
    {
        return $this->worth->of([...$others, $new]) > $this->worth->of([...$others, $old]) ? $new : $old;
    }

    /**
     * @param list<list<Drill>> $sets
     * @param list<Round>       $others
     */
    private function fill(Block $block, array $sets, array $others): Round
    {
        $given = $this->worth->gained($others);
        [$best, $most] = [new Round($block, [], $this->request->players), -\INF];
        foreach ($sets as $drills) {
            $round = $this->withoutThinStations($this->seatAll($block, $drills, $given));
            $worth = $this->worth->ofRound($round, $given);
            if ($worth > $most) {
                [$best, $most] = [$round, $worth];
            }
        }

        return $best;
    }

    /**
     * Seats one player after the other where it is worth most.
     *
     * @param list<Drill>        $drills
     * @param array<string, int> $given
     */
    private function seatAll(Block $block, array $drills, array $given): Round
    {
        $round = new Round($block, [], $this->request->players);
        $worth = $this->worth->ofRound($round, $given);
        do {
            [$best, $most] = [null, $worth];
            foreach ($round->idle as $player) {
                foreach ($this->turnsOf($player, $drills, $round) as $turn) {
                    $tried = self::seat($round, $turn);
                    $value = $this->worth->ofRound($tried, $given);
                    if ($value > $most) {
                        [$best, $most] = [$tried, $value];
                    }
                }
            }
            [$round, $worth] = [$best ?? $round, $most];
        } while (null !== $best);

        return $round;
    }

    /**
     * @param list<Drill> $drills
     *
     * @return list<Turn>
     */
    private function turnsOf(RosterPlayer $player, array $drills, Round $round): array
    {
        $stations = $round->stations();
        $turns = [];
        foreach ($drills as $drill) {
            if (\count($stations[$drill->key] ?? []) >= $drill->max || ($drill->throwsPerRep > 0 && $player->limit->forbidsThrowing())) {
                continue;
            }
            foreach ($player->positions as $position) {
                $turn = new Turn($player, $drill, $position);
                if ($this->worth->isAsked($turn)) {
                    $turns[] = $turn;
                }
            }
        }

        return $turns;
    }

    /** A station with fewer than it needs does not run; its players wait. */
    private function withoutThinStations(Round $round): Round
    {
        [$turns, $idle] = [[], $round->idle];
        foreach ($round->stations() as $station) {
            if (\count($station) >= $station[0]->drill->min) {
                array_push($turns, ...$station);
            } else {
                array_push($idle, ...array_map(static fn(Turn $turn): RosterPlayer => $turn->player, $station));
            }
        }

        return new Round($round->block, $turns, $idle);
    }

    private static function seat(Round $round, Turn $turn): Round
    {
        return new Round($round->block, [...$round->turns, $turn], array_values(array_filter($round->idle, static fn(RosterPlayer $player): bool => $player !== $turn->player)));
    }
}
