<?php

declare(strict_types=1);

namespace FoxCorner\Core\Practice\Need;

use FoxCorner\Core\People\Position;
use FoxCorner\Core\Practice\Drill\Drill;
use FoxCorner\Core\Practice\Floor\Work;

/** Which of the drills that are run give what the need list asks, and at which positions. */
final class DrillNeeds
{
    /** Of a share of a floor, what a weight of one is worth (ours: a floor weighs about two, and is worth 28). */
    private const WORTH = 14.0;
    /** min in which drills are held against each other. */
    private const MINUTES = 8;

    /**
     * @param list<JobNeed>        $needs
     * @param array<string, Drill> $drills that are run
     *
     * @return list<DrillNeed> the heaviest first; only those with something to want that one of them gives
     */
    public static function of(array $needs, array $drills): array
    {
        $laid = [];
        foreach ($needs as $need) {
            $places = [] === $need->lacks ? [] : self::places($need, $drills);
            if ([] === $places) {
                continue;
            }
            $best = array_key_first($places);
            $at = \in_array($need->position->value, $places[$best], true) ? $need->position->value : $places[$best][0];
            $laid[] = new DrillNeed(
                $need->position,
                $need->label(),
                $drills[$best],
                $at,
                $places,
                $need->lacks,
                self::WORTH * $need->weight,
                $need->skill->label() . ': ' . lcfirst($need->reason),
                null !== $need->work,
            );
        }
        usort($laid, static fn(DrillNeed $a, DrillNeed $b): int => $b->weight <=> $a->weight);

        return $laid;
    }

    /**
     * Floors of the week that none of the drills gives.
     *
     * @param list<JobNeed>        $needs
     * @param array<string, Drill> $drills that are run
     *
     * @return list<JobNeed>
     */
    public static function unserved(array $needs, array $drills): array
    {
        return array_values(
            array_filter(
                $needs,
                static fn(JobNeed $need): bool => null !== $need->work &&
                    [] !== $need->lacks &&
                    [] === self::places($need, $drills),
            ),
        );
    }

    /**
     * @param array<string, Drill> $drills
     *
     * @return array<string, non-empty-list<int>> positions by drill, what gives most first
     */
    private static function places(JobNeed $need, array $drills): array
    {
        $places = $reps = [];
        foreach ($drills as $key => $drill) {
            foreach ($drill->serves as $number => $skills) {
                $gives =
                    null === $need->work
                        ? $number === $need->position->value && \in_array($need->skill, $skills, true)
                        : \in_array($need->work, Work::given(Position::from($number), $skills), true);
                if ($gives) {
                    $places[$key][] = $number;
                    $reps[$key] = $drill->repetitions($drill->min, self::MINUTES);
                }
            }
        }
        uksort($places, static fn(string $a, string $b): int => $reps[$b] <=> $reps[$a]);

        return $places;
    }
}
