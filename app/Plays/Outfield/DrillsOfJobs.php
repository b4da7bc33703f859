<?php

declare(strict_types=1);

namespace FoxCorner\App\Plays\Outfield;

use FoxCorner\Core\Play\Clock\Timeline;
use FoxCorner\Core\Practice\Drill;
use FoxCorner\Core\Practice\Drill\ShippedDrills;
use FoxCorner\Core\Practice\SkillFamily;

/** The shipped drills that teach what one ball asks of its nine. */
final class DrillsOfJobs
{
    private const MOST = 4;

    /** @return list<Drill> those first that teach most of the jobs */
    public static function of(Timeline $play): array
    {
        $taught = [];
        foreach (ShippedDrills::all() as $drill) {
            $count = 0;
            foreach ($play->moves as $number => $move) {
                foreach ($drill->serves[$number] ?? [] as $skill) {
                    $isAsked = $skill->value === ($move->jobs[0] ?? null)?->skill();
                    $count += (int) ($isAsked && SkillFamily::Relays === $skill->family());
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
