<?php

declare(strict_types=1);

namespace FoxCorner\Core\Practice\Season;

use FoxCorner\Core\Level\AgeGroup;
use FoxCorner\Core\Practice\Drill\Drill;
use FoxCorner\Core\Practice\Need\Grade;
use FoxCorner\Core\Practice\Need\Taught;

/**
 * Which step of a drill's progression is due: it climbs one when it held with two in three of those who were graded,
 * and falls one when it did not yet with half of them. Source: the project's practice.
 */
final class DrillStep
{
    private const HELD_WITH = 2 / 3;
    private const NOT_YET_WITH = 0.5;

    /**
     * @param list<Taught> $taught before
     *
     * @return int|null of its progression, 0 the first; null: it has none
     */
    public static function due(Drill $drill, AgeGroup $age, array $taught): ?int
    {
        $last = \count($drill->progression) - 1;
        if ($last < 0) {
            return null;
        }
        // Progressions begin with what the youngest do.
        $step = min($last, AgeGroup::Child === $age ? 0 : 1);
        foreach (self::practices($drill, $taught) as $grades) {
            $share = static fn(Grade $grade): float => \count(array_keys($grades, $grade, true)) / \count($grades);
            $step += match (true) {
                $share(Grade::Well) >= self::HELD_WITH => 1,
                $share(Grade::NotYet) >= self::NOT_YET_WITH => -1,
                default => 0,
            };
            $step = min($last, max(0, $step));
        }

        return $step;
    }

    /**
     * @param list<Taught> $taught
     *
     * @return list<non-empty-array<string, Grade>> by practice, the first first, and player
     */
    private static function practices(Drill $drill, array $taught): array
    {
        $grades = [];
        foreach ($taught as $one) {
            if ($one->drill === $drill->key && null !== $one->grade) {
                $grades[(string) $one->daysAgo][$one->player] = $one->grade;
            }
        }
        uksort($grades, static fn(int|string $a, int|string $b): int => (float) $b <=> (float) $a);

        return array_values($grades);
    }
}
