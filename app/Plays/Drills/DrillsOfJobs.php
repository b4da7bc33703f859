<?php

declare(strict_types=1);

namespace FoxCorner\App\Plays\Drills;

use FoxCorner\Core\Play\Clock\Timeline;
use FoxCorner\Core\Practice\Drill\Drill;
use FoxCorner\Core\Practice\Drill\Shipped\ShippedDrills;
use FoxCorner\Core\Skill\SkillFamily;

/** The shipped drills that teach what one play asks of its nine. */
final class DrillsOfJobs
{
    private const MOST = 4;

    /**
     * @param SkillFamily ...$families whose drills are meant
     *
     * @return list<Drill> those first that teach most of the jobs
     */
    public static function of(Timeline $play, SkillFamily ...$families): array
    {
        $taught = [];
        foreach (ShippedDrills::all() as $drill) {
            $count = 0;
            foreach ($play->moves as $number => $move) {
                foreach ($drill->serves[$number] ?? [] as $skill) {
                    $isAsked = $skill === ($move->jobs[0] ?? null)?->skill();
                    $count += (int) ($isAsked && \in_array($skill->family(), $families, true));
                }
            }
            if ($count > 0) {
                $taught[] = [$count, $drill];
            }
        }
        usort($taught, static fn(array $a, array $b): int => $b[0] <=> $a[0]);

        return array_column(\array_slice($taught, 0, self::MOST), 1);
    }
}
