<?php

declare(strict_types=1);

namespace FoxCorner\Core\Play\Check;

use FoxCorner\Core\Play\Clock\Timeline;

/** The play asks a throw of somebody who may not throw today. */
final readonly class ThrowFromLimited implements PlayCheck
{
    public function findings(Timeline $play): array
    {
        $who = $play->move($play->fieldedBy())->who;
        if (!$who->player->limit->forbidsThrowing()) {
            return [];
        }

        return [
            new Finding(
                'limited-throw',
                "{$who->player->name} may not throw",
                \sprintf(
                    'The limit is “%s”, and this ball is %d’s to throw.',
                    $who->player->limit->label(),
                    $who->position->value,
                ),
                'Put somebody else there today.',
                $who->position,
                null,
                0.9,
                moment: new Moment($play->fieldedAt(), 'may not throw', [$who->position->value], $play->called()),
            ),
        ];
    }
}
