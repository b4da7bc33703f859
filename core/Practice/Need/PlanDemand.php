<?php

declare(strict_types=1);

namespace FoxCorner\Core\Practice\Need;

use FoxCorner\Core\People\Position;
use FoxCorner\Core\Plan\Audit\AuditedFinding;
use FoxCorner\Core\Plan\Audit\AuditedPlay;
use FoxCorner\Core\Practice\Skill;

/** What the chosen coverages of a plan ask of each position, where they ask it most. */
final class PlanDemand
{
    /** What a finding at a position adds to the weight of what it is about (ours). */
    private const FINDING_ADDS = 0.5;

    /**
     * @param iterable<AuditedPlay> $plays
     *
     * @return list<Demand>
     */
    public static function of(iterable $plays): array
    {
        $demands = [];
        foreach ($plays as $play) {
            foreach ($play->report->skills as $number => $counts) {
                $balls = max(1, array_sum($counts));
                foreach ($counts as $name => $asked) {
                    $skill = Skill::tryFrom($name);
                    if (null === $skill) {
                        continue;
                    }
                    $demand = self::demand(Position::from($number), $skill, $asked, $balls, $play);
                    if ($demand->weighsMoreThan($demands[$demand->key()] ?? null)) {
                        $demands[$demand->key()] = $demand;
                    }
                }
            }
        }

        return array_values($demands);
    }

    private static function demand(Position $position, Skill $skill, int $asked, int $balls, AuditedPlay $play): Demand
    {
        $found = array_values(
            array_filter(
                $play->report->findings,
                static fn(AuditedFinding $finding): bool => $finding->worst->position === $position &&
                    self::isAbout($finding, $skill),
            ),
        );
        $reason = \sprintf(
            'Asked of %d on %d of %d %s, %s',
            $position->value,
            $asked,
            $balls,
            $play->play->family->words()->many,
            lcfirst($play->play->plan->state->situation->label()),
        );

        return new Demand(
            $position,
            $skill,
            $asked / $balls,
            [] === $found ? 0.0 : self::FINDING_ADDS,
            $reason . ([] === $found ? '' : '; ' . $found[0]->worst->title),
        );
    }

    private static function isAbout(AuditedFinding $finding, Skill $skill): bool
    {
        $base = $finding->worst->base;

        return null === $base || str_ends_with($skill->value, '-' . $base->word());
    }
}
