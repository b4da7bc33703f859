<?php

declare(strict_types=1);

namespace FoxCorner\Core\Practice\Need;

use FoxCorner\Core\Plan\Audit\JobAsked;

/**
 * What the chosen coverages of a plan ask of each position, by how often a game asks it: how many plate appearances
 * begin in each situation, how often such a play comes up in one, on how many of its balls the job is his, and what it
 * costs when it is not done.
 */
final class PlanDemand
{
    /** What a finding at a position adds to the weight of what it is about (ours). */
    private const FINDING_ADDS = 0.5;
    /** Outs, or bases, of a game that hang on it at which the priority is one half (ours). */
    private const HALF = 1.0;

    /**
     * @param list<JobAsked> $asked
     *
     * @return list<Demand>
     */
    public static function of(array $asked): array
    {
        return array_map(self::demand(...), $asked);
    }

    private static function demand(JobAsked $asked): Demand
    {
        $hangs = $asked->perGame * $asked->skill->price();

        return new Demand(
            $asked->position,
            $asked->skill,
            $hangs / ($hangs + self::HALF),
            null === $asked->fault ? 0.0 : self::FINDING_ADDS,
            \sprintf('Asked of %d: %s, %s', $asked->position->value, self::often($asked->perGame), $asked->mostly) .
                (null === $asked->fault ? '' : '; ' . $asked->fault),
        );
    }

    /** "3 times a game", "once in 4 games" */
    private static function often(float $perGame): string
    {
        return match (true) {
            $perGame >= 1.5 => \sprintf('%d times a game', round($perGame)),
            $perGame >= 0.7 => 'once a game',
            $perGame >= 0.02 => \sprintf('once in %d games', max(2, round(1 / $perGame))),
            default => 'once a season or less',
        };
    }
}
