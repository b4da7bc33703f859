<?php

declare(strict_types=1);

namespace FoxCorner\App\Sharing;

use FoxCorner\Core\People\Position;
use FoxCorner\Core\Plan\Audit\PlannedPlay;
use FoxCorner\Core\Play\Scheme\Coverage;
use FoxCorner\Core\Play\Scheme\Job;

/** What one position does on the plays that everybody reads, a few words each. */
final class PlayerJobs
{
    /**
     * @param list<PlannedPlay> $plays of a situation
     *
     * @return list<string> "On a bunt: cover second", "On a bunt fielded by 1 or 3: cover first"
     */
    public static function of(array $plays, Position $position): array
    {
        $lines = [];
        foreach ($plays as $play) {
            if (null === $play->coverage || !$play->family->isReadByOthers()) {
                continue;
            }
            $jobs = self::jobs($play, $play->coverage, $position);
            $one = $play->family->words()->one;
            foreach ($jobs as $job => $by) {
                $lines[] =
                    1 === \count($jobs)
                        ? "On a $one: $job"
                        : \sprintf('On a %s fielded by %s: %s', $one, self::either($by), $job);
            }
        }

        return $lines;
    }

    /** @return array<string, non-empty-list<int>> the numbers of those who field, by what this position does then */
    private static function jobs(PlannedPlay $play, Coverage $coverage, Position $position): array
    {
        $jobs = [];
        foreach ($play->family->branches() as $branch) {
            $by = $branch->fieldedBy;
            $his = $coverage->jobs($branch)[$position->value] ?? [];
            if ([] !== $his && null !== $by && $by !== $position && \in_array($by, $coverage->fielders, true)) {
                $words = implode('; ', array_map(static fn(Job $job): string => lcfirst($job->words), $his));
                $jobs[$words] = [...$jobs[$words] ?? [], $by->value];
            }
        }

        return $jobs;
    }

    /** @param non-empty-list<int> $numbers */
    private static function either(array $numbers): string
    {
        $last = array_pop($numbers);

        return [] === $numbers ? (string) $last : implode(', ', $numbers) . " or $last";
    }
}
