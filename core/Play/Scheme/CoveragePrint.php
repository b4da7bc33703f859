<?php

declare(strict_types=1);

namespace FoxCorner\Core\Play\Scheme;

use FoxCorner\Core\Alignment\Depth\NamedDepth;
use FoxCorner\Core\People\Position;

/**
 * A short mark of what everybody does in a coverage, whatever it and its jobs are called.
 *
 * Made from positions, keys and depths alone, so that it stays the same when the program is written anew.
 */
final class CoveragePrint
{
    public static function of(Coverage $coverage): string
    {
        $lines = [];
        foreach ($coverage->lines as $line) {
            foreach (
                [] === $line->when
                    ? ['always']
                    : array_map(static fn(Branch $branch): string => $branch->key(), $line->when) as $when
            ) {
                $lines[] = "{$line->who->value} {$line->job->key()} $when";
            }
        }
        sort($lines);
        $depths = array_map(static fn(NamedDepth $depth): string => $depth->value, $coverage->depths);
        ksort($depths);

        return hash(
            'xxh128',
            json_encode(
                [
                    Position::numbers($coverage->fielders),
                    Position::numbers($coverage->early),
                    Position::numbers($coverage->reserve),
                    $lines,
                    (object) $depths,
                ],
                \JSON_THROW_ON_ERROR,
            ),
        );
    }
}
