<?php

declare(strict_types=1);

namespace FoxCorner\Core\Practice\Team;

use FoxCorner\Core\Plan\Audit\AuditedFinding;
use FoxCorner\Core\Plan\Audit\AuditedPlay;
use FoxCorner\Core\Plan\Audit\PlannedPlay;
use FoxCorner\Core\Play\Clock\Timeline;
use FoxCorner\Core\Practice\Need\JobNeed;

/** Team defence, minute by minute: rounds as one infield first, then the plan's own situations with runners. */
final class TeamScript
{
    /**
     * Share of the minutes that goes to rounds of the unit, and how long a live situation takes, two or three balls
     * (ours).
     */
    private const UNITS = 0.4;
    /** Chance from which an out is to be had (ours). */
    private const TO_BE_HAD = 0.3;
    private const LIVE_MINUTES = 2;
    private const UNIT_MINUTES = 3;

    /**
     * @param int               $minutes of team defence, without water
     * @param list<JobNeed>     $needs
     * @param list<AuditedPlay> $plays   with a coverage
     * @param TeamPlaces        $places  who is where
     *
     * @return list<ScriptLine> as long as the minutes, or empty when there are none
     */
    public static function of(int $minutes, array $needs, array $plays, TeamPlaces $places): array
    {
        $lives = $places->isLive() ? self::lives($plays) : [];
        $forUnits = [] === $lives ? $minutes : (int) round($minutes * self::UNITS);
        $units = self::units($needs, max(1, intdiv($forUnits, self::UNIT_MINUTES)), $places);
        $live = \array_slice($lives, 0, intdiv($minutes - $forUnits, self::LIVE_MINUTES));
        $lines = [];
        foreach (self::shares([] === $live ? $minutes : $forUnits, \count($units)) as $index => $share) {
            $unit = $units[$index];
            $lines[] = new ScriptLine(
                false,
                $share,
                $unit->title(),
                $unit->say(),
                $unit->asks($places),
                $unit->expect(),
                0 === $index ? $places->words() : '',
            );
        }
        $taken = [];
        foreach (self::shares($minutes - $forUnits, \count($live)) as $index => $share) {
            [$play, $finding] = $live[$index];
            $ball = self::ball($play, $taken, $places);
            $taken[] = $ball->fieldedBy()->value;
            $lines[] = self::line($share, $play, $ball, $finding);
        }

        return $lines;
    }

    /**
     * @param list<JobNeed> $needs
     *
     * @return list<UnitRound> the most needed, in the order in which they are taught
     */
    private static function units(array $needs, int $count, TeamPlaces $places): array
    {
        $wanted = [];
        foreach (array_filter(UnitRound::cases(), static fn(UnitRound $one): bool => $one->fits($places)) as $unit) {
            $wanted[$unit->value] =
                array_sum(
                    array_map(
                        static fn(JobNeed $need): float => \in_array($need->skill, $unit->skills(), true)
                            ? $need->weight * $need->reps()
                            : 0.0,
                        $needs,
                    ),
                ) / \count($unit->skills());
        }
        arsort($wanted);

        $chosen = array_map(UnitRound::from(...), \array_slice(array_keys($wanted), 0, $count));

        // Sure outs first, then two, then slow balls: in the order in which a coach goes round.
        return array_values(
            array_filter(UnitRound::cases(), static fn(UnitRound $unit): bool => \in_array($unit, $chosen, true)),
        );
    }

    /**
     * @param list<AuditedPlay> $plays
     *
     * @return list<array{PlannedPlay, AuditedFinding|null}> worst first, each fault once, then those without
     */
    private static function lives(array $plays): array
    {
        $found = $sound = $seen = [];
        foreach ($plays as $play) {
            $new = array_values(
                array_filter(
                    $play->report->findings,
                    static fn(AuditedFinding $one): bool => !isset($seen[$one->worst->identity()]),
                ),
            );
            if ([] === $new) {
                $sound[] = [$play->play, null];
            } else {
                $seen[$new[0]->worst->identity()] = true;
                $found[] = [$play->play, $new[0]];
            }
        }
        usort($found, static fn(array $a, array $b): int => $b[1]->rank() <=> $a[1]->rank());

        return [...$found, ...$sound];
    }

    private static function line(int $minutes, PlannedPlay $play, Timeline $ball, ?AuditedFinding $finding): ScriptLine
    {
        $called = $ball->called();
        $to = null === $called->cover ? 'throw' : 'to ' . $called->cover->value;

        return new ScriptLine(
            true,
            $minutes,
            $play->plan->state->situation->label(),
            '“' . ($play->coverage->call ?? '') . '”',
            $ball->trial->words(),
            \sprintf('%d has it, %s to %s', $ball->fieldedBy()->value, $to, $called->base->word()) .
                ($called->chance < self::TO_BE_HAD
                    ? '.'
                    : \sprintf(': an out in %d of 10.', round(10 * $called->chance))),
            null === $finding ? '' : $finding->worst->title,
        );
    }

    /**
     * A ball on which an out is to be had, to whoever had the fewest yet; of his the one on which it is the least
     * likely. Where none is to be had, the likeliest of all.
     *
     * Never to where nobody is, unless everything would go there.
     *
     * @param list<int> $taken by whom the balls so far were fielded
     */
    private static function ball(PlannedPlay $play, array $taken, TeamPlaces $places): Timeline
    {
        $all = array_values($play->runs($play->family->trials($play->plan->scene())));
        $there = array_values(array_filter($all, static fn(Timeline $ball): bool => $places->has($ball->fieldedBy())));
        $balls = [] === $there ? $all : $there;
        $had = array_count_values($taken);
        $order = static fn(Timeline $ball): array => [$had[$ball->fieldedBy()->value] ?? 0, $ball->called()->chance];
        $outs = array_values(
            array_filter($balls, static fn(Timeline $ball): bool => $ball->called()->chance >= self::TO_BE_HAD),
        );
        if ([] !== $outs) {
            usort($outs, static fn(Timeline $a, Timeline $b): int => $order($a) <=> $order($b));

            return $outs[0];
        }
        usort($balls, static fn(Timeline $a, Timeline $b): int => $a->called()->chance <=> $b->called()->chance);

        return $balls[\count($balls) - 1];
    }

    /** @return list<int> whole minutes that make up the whole */
    private static function shares(int $minutes, int $parts): array
    {
        $shares = [];
        for ($part = 0; $part < $parts; ++$part) {
            $share = intdiv($minutes, $parts) + ($part < $minutes % $parts ? 1 : 0);
            if ($share > 0) {
                $shares[] = $share;
            }
        }

        return $shares;
    }
}
