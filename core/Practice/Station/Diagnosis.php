<?php

declare(strict_types=1);

namespace FoxCorner\Core\Practice\Station;

/** Why a need stays short, and what would help most cheaply: tried, not guessed. */
final class Diagnosis
{
    /** Of the objective; less is no help. */
    private const HELPS = 0.5;

    /** @return array<string, string> by the need's id: a sentence on what binds */
    public static function why(StationPlan $plan): array
    {
        $why = [];
        foreach ($plan->problem->needs as $index => $need) {
            if (!$plan->isMet($index)) {
                $why[$need->id] = self::binds($need, $plan->problem);
            }
        }

        return $why;
    }

    /**
     * What one helper more, or one round more, would bring; the best first.
     *
     * @return array<string, float> gain of the objective by what is changed
     */
    public static function waysOut(StationPlan $plan, int $seed): array
    {
        $problem = $plan->problem;
        $gains = array_filter([
            'another helper' => StationSolver::solve($problem->withHelpers($problem->helpers + 1), $seed)->objective - $plan->objective,
            // A round more is also a round in which everybody could wait.
            \sprintf('another round of %g minutes', $problem->roundMinutes) => StationSolver::solve($problem->withRounds($problem->rounds + 1), $seed)->objective - $plan->objective,
        ], static fn(float $gain): bool => $gain > self::HELPS);
        arsort($gains);

        return $gains;
    }

    private static function binds(StationNeed $need, StationProblem $problem): string
    {
        $station = null;
        foreach ($problem->stations as $one) {
            $station = $one->id === $need->station ? $one : $station;
        }
        if (null === $station || !\in_array($need->position, $station->positions, true)) {
            return "The station does not serve position $need->position.";
        }
        if ([] === array_filter($problem->players, static fn(StationPlayer $player): bool => \in_array($need->position, $player->positions, true))) {
            return "Nobody who comes plays $need->position.";
        }
        $who = array_filter($problem->players, static fn(StationPlayer $player): bool => [] !== array_intersect($player->positions, $station->positions) && (0 === $station->throwsPerRep || 0 !== $player->throwsLeft));
        if (\count($who) < $station->min) {
            return \sprintf('The station needs %d players, and %d who come can work there.', $station->min, \count($who));
        }
        if ($station->helpers > $problem->helpers) {
            return \sprintf('The station needs %d helpers; there %s %d.', $station->helpers, 1 === $problem->helpers ? 'is' : 'are', $problem->helpers);
        }
        foreach ($station->equipment as $name => $pieces) {
            if ($pieces > ($problem->equipment[$name] ?? 0)) {
                return \sprintf('The station needs %d of “%s”; there are %d.', $pieces, $name, $problem->equipment[$name] ?? 0);
            }
        }

        return 'The minutes: other needs weigh more.';
    }
}
