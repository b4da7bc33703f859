<?php

declare(strict_types=1);

namespace FoxCorner\Core\Practice\Need;

use FoxCorner\Core\People\Position;
use FoxCorner\Core\Plan\Audit\PlaySummary;
use FoxCorner\Core\Skill\Skill;

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
     * @param iterable<PlaySummary> $plays of every situation, of one team
     *
     * @return list<Demand>
     */
    public static function of(iterable $plays): array
    {
        $asked = [];
        foreach ($plays as $play) {
            foreach ($play->skills as $number => $counts) {
                foreach ($counts as $name => $count) {
                    $skill = self::skill(Position::from($number), Skill::from($name));
                    $key = "$number/$skill->value";
                    $asked[$key] ??= new AskedOf(Position::from($number), $skill);
                    $asked[$key]->add($play, ($play->perGame * $count) / $play->plays);
                }
            }
        }

        return array_values(array_map(self::demand(...), $asked));
    }

    /** What a position practises of it. */
    private static function skill(Position $position, Skill $skill): Skill
    {
        return Skill::GroundBall === $skill && Position::Pitcher === $position ? Skill::Comebacker : $skill;
    }

    private static function demand(AskedOf $asked): Demand
    {
        $hangs = $asked->perGame * $asked->skill->price();

        return new Demand(
            $asked->position,
            $asked->skill,
            $hangs / ($hangs + self::HALF),
            null === $asked->fault ? 0.0 : self::FINDING_ADDS,
            \sprintf('Asked of %d: %s, %s', $asked->position->value, self::often($asked->perGame), $asked->mostly()) .
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
