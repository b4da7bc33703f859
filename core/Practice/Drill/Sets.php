<?php

declare(strict_types=1);

namespace FoxCorner\Core\Practice\Drill;

/** Repetitions as they are taken: three to five, then the next one. */
final class Sets
{
    /** Of one player without a pause. Source: the project's practice. */
    private const MOST = 5;

    /**
     * So many as even as they can be, the larger ones first.
     *
     * @return list<int> repetitions of each set
     */
    public static function of(int $reps): array
    {
        $sets = (int) ceil(max(0, $reps) / self::MOST);
        $each = [];
        for ($set = 0; $set < $sets; ++$set) {
            $each[] = intdiv($reps, $sets) + ($set < $reps % $sets ? 1 : 0);
        }

        return $each;
    }

    /** "3 sets of 4", "4 sets of 3–4"; empty where one is enough. */
    public static function words(int $reps): string
    {
        $sets = self::of($reps);

        return match (true) {
            \count($sets) < 2 => '',
            min($sets) === max($sets) => \sprintf('%d sets of %d', \count($sets), $sets[0]),
            default => \sprintf('%d sets of %d–%d', \count($sets), min($sets), max($sets)),
        };
    }
}
