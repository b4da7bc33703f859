<?php

declare(strict_types=1);

namespace FoxCorner\Core\Practice\Season;

use FoxCorner\Core\Field\RuleSet;
use FoxCorner\Core\Practice\Drill\Drill;
use FoxCorner\Core\Practice\Need\JobNeed;
use FoxCorner\Core\Practice\Need\Taught;

/** How far a team is with one stage of its season: what is fresh of what is wanted, and what each week has added. */
final readonly class Progress
{
    /** Weeks that are shown. */
    public const WEEKS = 8;
    /** Of what is wanted, from which the next stage can stand on it (ours). */
    private const STANDS = 0.5;
    private const DAYS = 7;

    /**
     * @param float     $share of the repetitions wanted that are fresh, weighed, 0 to 1
     * @param list<int> $weeks repetitions, the oldest week first, this one last
     */
    private function __construct(public Stage $stage, public float $share, public array $weeks) {}

    /**
     * @param list<JobNeed>        $needs
     * @param list<Taught>         $taught
     * @param array<string, Drill> $drills by key
     *
     * @return list<self> in the order of the season
     */
    public static function all(RuleSet $rules, array $needs, array $taught, array $drills): array
    {
        return array_map(
            static fn(Stage $stage): self => new self(
                $stage,
                self::share($stage, $needs),
                self::weeks($stage, $taught, $drills),
            ),
            Stage::in($rules),
        );
    }

    /**
     * What to teach now: the first on which the next cannot stand yet; null when all do.
     *
     * @param list<self> $all
     */
    public static function next(array $all): ?self
    {
        foreach ($all as $one) {
            if (!self::stands($one->share)) {
                return $one;
            }
        }

        return null;
    }

    /** Whether the next stage can stand on one of which so much is fresh. */
    public static function stands(float $share): bool
    {
        return $share >= self::STANDS;
    }

    /**
     * Of what is wanted of a stage, how much is fresh.
     *
     * @param list<JobNeed> $needs
     *
     * @return float 0 to 1
     */
    public static function share(Stage $stage, array $needs): float
    {
        $has = $wants = 0.0;
        foreach ($needs as $need) {
            $whole = (float) ($need->each * $need->people);
            if (Stage::ofSkill($need->skill) === $stage && $whole > 0.0) {
                $has += ($need->weight * min($whole, $need->fresh)) / $whole;
                $wants += $need->weight;
            }
        }

        return $wants > 0.0 ? $has / $wants : 0.0;
    }

    /**
     * @param list<Taught>         $taught
     * @param array<string, Drill> $drills
     *
     * @return list<int>
     */
    private static function weeks(Stage $stage, array $taught, array $drills): array
    {
        $weeks = array_fill(0, self::WEEKS, 0);
        foreach ($taught as $one) {
            $back = (int) floor($one->daysAgo / self::DAYS);
            foreach ($drills[$one->drill]->serves[$one->position->value] ?? [] as $skill) {
                if ($back >= 0 && $back < self::WEEKS && Stage::ofSkill($skill) === $stage) {
                    $weeks[self::WEEKS - 1 - $back] += $one->reps;
                    // A repetition counts once, however many skills of the stage it serves.
                    break;
                }
            }
        }

        return $weeks;
    }
}
