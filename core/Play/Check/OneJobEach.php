<?php

declare(strict_types=1);

namespace FoxCorner\Core\Play\Check;

use FoxCorner\Core\Play\Clock\Timeline;
use FoxCorner\Core\Play\Scheme\Job;

/** A fielder with two jobs at once does one of them late. */
final readonly class OneJobEach implements PlayCheck
{
    public function findings(Timeline $play): array
    {
        $findings = [];
        foreach ($play->moves as $move) {
            if (\count($move->jobs) > 1) {
                $words = implode('” and “', array_map(static fn(Job $job): string => $job->words, $move->jobs));
                $findings[] = new Finding(
                    'two-jobs',
                    "{$move->who->player->name} has two jobs",
                    \sprintf('When %d fields: “%s”.', $play->fieldedBy()->value, $words),
                    'Take one of them away.',
                    $move->position(),
                    null,
                    0.5,
                );
            }
        }

        return $findings;
    }
}
