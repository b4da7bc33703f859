<?php

declare(strict_types=1);

namespace FoxCorner\Core\Practice;

use FoxCorner\Core\People\Position;
use FoxCorner\Core\People\RosterPlayer;
use FoxCorner\Core\Plan\CoverageReport;

/** From a plan to what has to be practised. */
final class Needs
{
    /** Repetitions wanted of every player whose first position it is (ours). */
    private const REPS_PER_PLAYER = 20;
    /** What a finding at a position adds to the weight (ours). */
    private const FINDING_ADDS = 0.5;

    /**
     * @param list<RosterPlayer>   $players who come
     * @param array<string, Drill> $drills
     * @param list<Taught>         $taught
     *
     * @return list<Need> the heaviest first; with nothing wanted where enough is still fresh
     */
    public static function of(CoverageReport $report, array $players, array $drills, array $taught): array
    {
        $needs = [];
        foreach ($drills as $drill) {
            foreach ($drill->serves as $number => $skills) {
                $position = Position::from($number);
                $asked = array_sum(array_intersect_key($report->skills[$number] ?? [], array_flip($skills)));
                $fresh = array_sum(array_map(static fn(Taught $past): float => $past->drill === $drill->key && $past->position === $position ? $past->stillCounts() : 0.0, $taught));
                $reps = (int) max(0, round(self::REPS_PER_PLAYER * self::countAt($position, $players) - $fresh));
                if ($asked > 0) {
                    $needs[] = self::need($report, $position, $drill, $asked, $reps, $fresh);
                }
            }
        }
        usort($needs, static fn(Need $a, Need $b): int => $b->weight <=> $a->weight);

        return $needs;
    }

    private static function need(CoverageReport $report, Position $position, Drill $drill, int $asked, int $reps, float $fresh): Need
    {
        $tried = max(1, array_sum($report->skills[Position::CenterField->value] ?? [1]));
        $found = array_filter($report->findings, static fn($finding): bool => $finding->worst->position === $position);
        $reason = \sprintf('Asked of %d on %d of %d bunts', $position->value, min($asked, $tried), $tried);
        $first = reset($found);
        $reason .= match (true) {
            false !== $first => '; '.lcfirst($first->worst->title),
            $fresh >= 1.0 => \sprintf('; %d repetitions still fresh', round($fresh)),
            default => '; not practised lately',
        };

        return new Need($position, $drill, $reps, 0.3 + min(1.0, $asked / $tried) + (false === $first ? 0.0 : self::FINDING_ADDS), $reason.'.');
    }

    /** @param list<RosterPlayer> $players */
    private static function countAt(Position $position, array $players): int
    {
        return \count(array_filter($players, static fn(RosterPlayer $player): bool => ($player->positions[0] ?? null) === $position));
    }
}
