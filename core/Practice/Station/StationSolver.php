<?php

declare(strict_types=1);

namespace FoxCorner\Core\Practice\Station;

use Random\Engine\Mt19937;
use Random\Randomizer;

/**
 * Fills the rounds by annealing: {@see StationMoves} are made, and what makes it worse is taken less and less often.
 * The same seed gives the same plan, and no constraint is ever broken on the way.
 */
final class StationSolver
{
    /** Moves tried for each player, round and station; a large practice gets no more than the last. */
    private const EFFORT = 60;
    private const LEAST = 40000;
    private const MOST = 110000;
    /** Of what one good move is worth, the heat of the beginning; and how much less it is in the end. */
    private const HOT = 1.0;
    private const COOLED = 200.0;
    /** Of that heat, what a plan is warmed up with that is to be improved. */
    private const WARM = 0.1;
    /** Times that the search starts anew, the best kept; a small one more often, with so many moves in all. */
    private const STARTS = 2;
    private const IN_ALL = 160000;
    /** Times that the best is found, from different starts, before it is believed; and when two are the same. */
    private const FOUND = 3;
    public const SAME = 1e-6;
    /** Of a search's moves, what each of the stations gets to be done without. */
    private const WITHOUT = 0.12;

    private StationMoves $moves;

    /** @param string|null $without station that is not run */
    private function __construct(private readonly StationProblem $problem, Randomizer $random, ?string $without = null)
    {
        $this->moves = new StationMoves($problem, $random, $without);
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

        return self::doneWithout($best, $seed);
    }

    /** The plan, or a better one that does without one of its stations: the search alone seldom gives up all of one. */
    private static function doneWithout(StationPlan $best, int $seed): StationPlan
    {
        $problem = $best->problem;
        $moves = (int) (self::WITHOUT * self::moves($problem));
        $held = array_map(static fn(HeldTurn $turn): ?int => $turn->station, $problem->held);
        foreach ($best->stations() as $key) {
            if ([] === array_intersect(array_keys($problem->ways($key)), $held)) {
                $random = new Randomizer(new Mt19937($seed));
                $plan = (new self($problem, $random, $key))->search($best, $moves);
                $best = $plan->objective > $best->objective + self::SAME ? $plan : $best;
            }
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

    private function search(?StationPlan $from = null, ?int $moves = null): StationPlan
    {
        $state = new StationState($this->problem);
        $state->hold();
        $from?->lay($state, $this->moves->isWithout(...));
        $over = $state->effort->over;
        $moves ??= self::moves($this->problem);
        $hot = self::HOT * $this->problem->heaviest();
        $cold = $hot / self::COOLED;
        $hot *= null === $from ? 1.0 : self::WARM;
        [$best, $most] = [[$state->at, $state->as], $state->objective];
        for ($move = 0; $move < $moves && [] !== $this->problem->stations; ++$move) {
            $heat = $hot * ($cold / $hot) ** ($move / $moves);
            $before = $state->objective;
            $undo = $this->moves->make($state);
            if ([] === $undo) {
                continue;
            }
            $worse = $before - $state->objective;
            if ($state->effort->over > $over || ($worse > 0.0 && $this->moves->chance() >= exp(-$worse / $heat))) {
                foreach (array_reverse($undo) as [$round, $player, $station, $position]) {
                    $state->move($round, $player, $station, $position);
                }
            } elseif ($state->objective > $most + 1e-9) {
                [$best, $most] = [[$state->at, $state->as], $state->objective];
            }
        }

        return (new FilledRounds($this->problem, $this->moves->closed))->plan($best);
    }

    /** Moves that one search tries. */
    private static function moves(StationProblem $problem): int
    {
        $size = \count($problem->players) * $problem->rounds * max(1, \count($problem->stations));

        return min(self::MOST, max(self::LEAST, self::EFFORT * $size));
    }
}
