<?php

declare(strict_types=1);

namespace FoxCorner\Core\Practice\Schedule;

use FoxCorner\Core\People\Position;
use FoxCorner\Core\People\RosterPlayer;
use FoxCorner\Core\Practice\Drill\Drill;
use FoxCorner\Core\Practice\Drill\Receiver;
use FoxCorner\Core\Practice\Need\DrillNeed;
use FoxCorner\Core\Practice\Need\MetNeed;
use FoxCorner\Core\Practice\Station\Diagnosis;
use FoxCorner\Core\Practice\Station\Station;
use FoxCorner\Core\Practice\Station\StationBound;
use FoxCorner\Core\Practice\Station\StationNeed;
use FoxCorner\Core\Practice\Station\StationPlan;
use FoxCorner\Core\Practice\Station\StationPlayer;
use FoxCorner\Core\Practice\Station\StationProblem;
use FoxCorner\Core\Practice\Station\StationSolver;
use FoxCorner\Core\Practice\Station\StationState;
use FoxCorner\Core\Practice\Time\Block;
use FoxCorner\Core\Practice\Time\HelpTurn;
use FoxCorner\Core\Practice\Time\Round;
use FoxCorner\Core\Practice\Time\Turn;

/**
 * Fills the rounds of a practice: drills become stations, what the plan asks becomes needs. The same request always
 * gives the same schedule.
 */
final readonly class Scheduler
{
    /** Among the pieces of a practice: somebody who hits. */
    private const HITS = 'somebody who hits';

    /** @var list<Drill> by station */
    private array $drills;
    /** @var list<Receiver|null> by station: each way to run a drill is one */
    private array $receivers;
    /** @var list<Block> */
    private array $blocks;
    /** @var array<string, int> throws before the first round, by player */
    private array $thrown;

    private function __construct(private PracticeRequest $request)
    {
        $drills = $receivers = [];
        foreach ($request->drills as $drill) {
            foreach ($drill->receivers() as $receiver) {
                if (Receiver::Net !== $receiver || ($request->equipment[Receiver::PIECE] ?? 0) > 0) {
                    $drills[] = $drill;
                    $receivers[] = $receiver;
                }
            }
        }
        [$this->drills, $this->receivers] = [$drills, $receivers];
        $this->blocks = $request->time->rounds();
        $this->thrown = $request->core->throws();
    }

    public static function solve(PracticeRequest $request): Schedule
    {
        $scheduler = new self($request);

        return $scheduler->schedule(StationSolver::solve($scheduler->problem(), $request->seed));
    }

    /** What the turns are worth that are kept, and nothing else: another sheet measured by the needs of today. */
    public static function worth(PracticeRequest $request): float
    {
        $state = new StationState((new self($request))->problem());
        $state->hold();

        return $state->objective;
    }

    /** More than the best of all schedules can be worth. */
    public static function bound(PracticeRequest $request): float
    {
        return StationBound::of(self::problemOf($request));
    }

    /**
     * What would help most cheaply, tried by solving again; the best first.
     *
     * @return array<string, float> gain by what is changed
     */
    public static function waysOut(PracticeRequest $request): array
    {
        $problem = (new self($request))->problem();

        return Diagnosis::waysOut(
            StationSolver::solve($problem, $request->seed),
            $request->seed,
            self::names($request->drills),
        );
    }

    /**
     * @param array<string, Drill> $drills
     *
     * @return array<string, string> by key
     */
    private static function names(array $drills): array
    {
        return array_map(static fn(Drill $drill): string => $drill->name, $drills);
    }

    /** What the stations are filled from. */
    public static function problemOf(PracticeRequest $request): StationProblem
    {
        return (new self($request))->problem();
    }

    private function problem(): StationProblem
    {
        $asked = [];
        $players = $this->players();
        foreach ($this->request->needs as $need) {
            foreach ($need->also as $drill => $positions) {
                $asked[$drill] = [...$asked[$drill] ?? [], ...$positions];
            }
        }

        return new StationProblem(
            array_map($this->player(...), $this->request->players),
            array_map(
                fn(Drill $drill, ?Receiver $receiver): Station => $this->station(
                    $drill,
                    $receiver,
                    $asked[$drill->key] ?? [],
                ),
                $this->drills,
                $this->receivers,
            ),
            array_map(
                static fn(DrillNeed $need): StationNeed => new StationNeed(
                    $need->key(),
                    $need->at,
                    $need->drill->key,
                    $need->reps,
                    $need->weight,
                    $need->eachOf($players),
                    $need->also,
                ),
                $this->request->needs,
            ),
            $this->request->helpers->all,
            [self::HITS => $this->request->helpers->whoHit] + $this->request->equipment,
            \count($this->blocks),
            $this->request->time->shape->round,
            KeptStations::of($this->request->kept, $players, \count($this->blocks), $this->drills, $this->receivers),
            $this->request->pacing->prices(\count($this->blocks)),
        );
    }

    /** @param list<int> $asked positions that need it tonight; where nobody does, it serves whom it can */
    private function station(Drill $drill, ?Receiver $receiver, array $asked): Station
    {
        $must = null === $receiver && null !== $drill->neverWithout ? [$drill->neverWithout->value] : [];

        return new Station(
            null === $receiver ? $drill->key : $drill->key . '/' . $receiver->value,
            [] === $asked ? $drill->positions() : array_values(array_unique([...$asked, ...$must])),
            $drill->least($receiver),
            $drill->max,
            $drill->atOnce,
            $drill->secondsPerRep,
            $drill->throwsPerRep,
            max($drill->helpers + ($receiver?->helpers() ?? 0), $this->request->isWatched ? 1 : 0),
            ($drill->isHit ? [self::HITS => 1] : []) + ($receiver?->pieces() ?? []) + $drill->equipment,
            $this->request->placement->places[$drill->key]->ground(),
            $drill->tosses,
            $drill->key,
            Receiver::Player === $receiver,
            $must[0] ?? null,
            $this->request->pacing->pace($drill),
            $drill->sprintsPerRep,
            $drill->beside,
            array_sum($drill->extra()),
        );
    }

    /**
     * Throws at game distance: none for a limited arm, and for the others as many as are usual at their age or as their
     * arm has left, those of the daily core among them.
     */
    private function player(RosterPlayer $player): StationPlayer
    {
        $pacing = $this->request->pacing;
        $left = max(
            0,
            min($pacing->throws(), $player->throwsLeft ?? $pacing->throws()) - ($this->thrown[$player->id] ?? 0),
        );

        return new StationPlayer(
            $player->id,
            $player->limit->forbidsRunning() ? [] : Position::numbers($player->positions),
            $player->limit->allowsGameThrows() ? $left : 0,
            !$player->limit->forbidsThrowing(),
            $pacing->age->sprints(),
        );
    }

    /** @return array<string, int> indexes by id */
    private function players(): array
    {
        return array_flip(array_map(static fn(RosterPlayer $player): string => $player->id, $this->request->players));
    }

    private function schedule(StationPlan $plan): Schedule
    {
        $binds = Diagnosis::why($plan, self::names($this->request->drills));

        return new Schedule(
            $this->request->time,
            array_map(
                fn(Block $block, int $round): Round => $this->round($block, $plan, $round),
                $this->blocks,
                array_keys($this->blocks),
            ),
            array_map(
                fn(DrillNeed $need, int $gained, array $lacks): MetNeed => new MetNeed(
                    $need,
                    $gained,
                    $binds[$need->key()] ?? '',
                    $this->lacks($lacks),
                ),
                $this->request->needs,
                $plan->gained,
                $plan->lacks,
            ),
            $plan->objective,
            $this->request->placement,
            $this->request->core,
            $this->request->unserved,
        );
    }

    /**
     * @param array<int, int> $lacks by index
     *
     * @return array<string, int> by id, who lacks most first
     */
    private function lacks(array $lacks): array
    {
        arsort($lacks);
        $byId = [];
        foreach ($lacks as $player => $reps) {
            $byId[$this->request->players[$player]->id] = $reps;
        }

        return $byId;
    }

    private function round(Block $block, StationPlan $plan, int $round): Round
    {
        $turns = $helping = $busy = [];
        foreach ($plan->rounds[$round] as $station => $group) {
            $reps = $plan->problem->stations[$station]->repetitions(\count($group), $plan->problem->roundMinutes);
            foreach ($group as $player => $position) {
                $turns[] = new Turn(
                    $this->request->players[$player],
                    $this->drills[$station],
                    Position::ofNumber($position),
                    $this->receivers[$station],
                    $reps,
                );
                $busy[$player] = true;
            }
        }
        foreach ($plan->helping[$round] as $station => $players) {
            $who = array_map(fn(int $player): RosterPlayer => $this->request->players[$player], $players);
            array_push($helping, ...HelpTurn::all($this->drills[$station], $who));
            $busy += array_fill_keys($players, true);
        }
        $away = [];
        foreach ($this->request->kept as $turn) {
            if ($turn->isAway && $turn->round === $round) {
                $away[$turn->player] = true;
            }
        }
        $idle = array_diff_key($this->request->players, $busy);

        return new Round(
            $block,
            $turns,
            array_values(array_filter($idle, static fn(RosterPlayer $player): bool => !isset($away[$player->id]))),
            array_values(array_filter($idle, static fn(RosterPlayer $player): bool => isset($away[$player->id]))),
            $helping,
        );
    }
}
