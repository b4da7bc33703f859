<?php

declare(strict_types=1);

namespace FoxCorner\Core\Play\Check;

use FoxCorner\Core\Field\Base;
use FoxCorner\Core\Play\Clock\Move;
use FoxCorner\Core\Play\Clock\Timeline;

/** Two fielders sent to one bag: they meet there, and somewhere else nobody is. */
final readonly class BagDoubleCovered implements PlayCheck
{
    public function findings(Timeline $play): array
    {
        $findings = [];
        foreach (Base::cases() as $base) {
            $covers = $play->covers($base);
            if (\count($covers) < 2) {
                continue;
            }
            $names = implode(
                ' and ',
                array_map(
                    static fn(Move $move): string => $move->position()->value . ' ' . $move->who->player->name,
                    $covers,
                ),
            );
            $findings[] = new Finding(
                'bag-double',
                "Two at {$base->word()}",
                \sprintf('When %d fields, %s both cover %s.', $play->fieldedBy()->value, $names, $base->word()),
                'Leave it to one; let the other back up the throw.',
                $covers[1]->position(),
                $base,
                0.4,
            );
        }

        return $findings;
    }
}
