<?php

declare(strict_types=1);

namespace FoxCorner\Core\Runs;

use FoxCorner\Core\Game\Bases;
use FoxCorner\Core\Game\Context;
use FoxCorner\Core\Game\Half;
use FoxCorner\Core\Game\Outs;
use FoxCorner\Core\Game\Situation;

/** What a play costs the team in the field, by what it leads to: in runs, or late in the game in chance to win. */
final readonly class PlayCost
{
    /** A lead beyond this is played for runs, however late it is (ours). */
    private const CLOSE = 3;
    /** Most runs on one play. */
    public const MOST_RUNS = 4;

    /**
     * @param array<int, list<list<float>>> $costs by the bases' mask, outs, and runs scored on the play
     * @param list<float>                   $ended when the half-inning is over, by runs scored on the play
     */
    private function __construct(public CostUnit $unit, private array $costs, private array $ended) {}

    /** Runs on the play and to the end of the half-inning. */
    public static function inRuns(RunChain $chain): self
    {
        $costs = [];
        foreach (RunChain::situations() as $situation) {
            $costs[$situation->bases->mask()][] = array_map(
                static fn(int $runs): float => $runs + $chain->expectedRuns($situation),
                range(0, self::MOST_RUNS),
            );
        }

        return new self(
            CostUnit::Runs,
            $costs,
            array_map(static fn(int $runs): float => $runs, range(0, self::MOST_RUNS)),
        );
    }

    /** Whether a game of so many innings has come to where the chance to win counts, and not runs. */
    public static function isInChance(Context $context, int $innings): bool
    {
        return $context->isLate($innings) && abs($context->lead) <= self::CLOSE;
    }

    /** The chance to lose. We are the home team when the visitors bat, in the top of an inning. */
    public static function inChance(WinTable $table, Context $context): self
    {
        $losing = static function (int $runs, ?Situation $situation) use ($table, $context): float {
            $home =
                Half::Top === $context->half
                    ? $table->after($context->inning, $context->half, $context->lead - $runs, $situation)
                    : $table->after($context->inning, $context->half, -$context->lead + $runs, $situation);

            return Half::Top === $context->half ? 1 - $home : $home;
        };
        $costs = [];
        foreach (RunChain::situations() as $situation) {
            $costs[$situation->bases->mask()][] = array_map(
                static fn(int $runs): float => $losing($runs, $situation),
                range(0, self::MOST_RUNS),
            );
        }

        return new self(
            CostUnit::Chance,
            $costs,
            array_map(static fn(int $runs): float => $losing($runs, null), range(0, self::MOST_RUNS)),
        );
    }

    /**
     * @param int $on   bases occupied afterwards: 1 first, 2 second, 4 third, added
     * @param int $outs after the play; three end the half-inning
     * @param int $runs scored on the play
     */
    public function after(int $on, int $outs, int $runs): float
    {
        return $outs > 2 ? $this->ended[$runs] : $this->costs[$on][$outs][$runs];
    }

    /** Where the play begins. */
    public function now(Situation $situation): float
    {
        return $this->after($situation->bases->mask(), $situation->outs->value, 0);
    }

    /**
     * A clean single from here.
     *
     * @param list<Outcome> $singles from {@see PlateAppearance::singles()}
     */
    public function ofOutcomes(array $singles, Outs $outs): float
    {
        $cost = $whole = 0.0;
        foreach ($singles as $outcome) {
            $cost += $outcome->chance * $this->after($outcome->on, $outs->value + $outcome->outs, $outcome->runs);
            $whole += $outcome->chance;
        }

        return $whole > 0.0 ? $cost / $whole : $this->now(Situation::of(Bases::Empty, $outs));
    }
}
