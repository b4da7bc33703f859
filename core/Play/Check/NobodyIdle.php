<?php

declare(strict_types=1);

namespace FoxCorner\Core\Play\Check;

use FoxCorner\Core\Play\Clock\Timeline;

/** A fielder without a job: nobody may stand and watch. */
final readonly class NobodyIdle implements PlayCheck
{
    public function findings(Timeline $play): array
    {
        $findings = [];
        foreach ($play->moves as $number => $move) {
            if ([] === $move->jobs) {
                $findings[] = new Finding(
                    'idle',
                    "{$move->who->player->name} has no job",
                    \sprintf('When %d fields, %d stands and watches.', $play->fieldedBy()->value, $number),
                    'Give a bag or a throw to back up.',
                    $move->position(),
                    null,
                    0.3,
                );
            }
        }

        return $findings;
    }
}
