<?php

declare(strict_types=1);

namespace FoxCorner\App\Sharing;

use FoxCorner\Core\People\Position;
use FoxCorner\Core\Plan\Audit\PlannedPlay;
use FoxCorner\Core\Play\Scheme\Job;

/** What one position does on the plays that everybody reads, a few words each. */
final class PlayerJobs
{
    /**
     * @param list<PlannedPlay> $plays of a situation
     *
     * @return list<string> "Bunt, 1 has it: cover first"
     */
    public static function of(array $plays, Position $position): array
    {
        $lines = [];
        foreach ($plays as $play) {
            $coverage = $play->coverage;
            if (null === $coverage || !$play->family->isReadByOthers()) {
                continue;
            }
            foreach ($play->family->branches() as $branch) {
                $by = $branch->fieldedBy;
                $jobs = $coverage->jobs($branch)[$position->value] ?? [];
                if ([] !== $jobs && $by !== $position && (null === $by || \in_array($by, $coverage->fielders, true))) {
                    $words = implode('; ', array_map(static fn(Job $job): string => lcfirst($job->words), $jobs));
                    $lines[] = ucfirst($play->family->words()->one) . ", $branch->words: $words";
                }
            }
        }

        return $lines;
    }
}
