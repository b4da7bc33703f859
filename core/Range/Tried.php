<?php

declare(strict_types=1);

namespace FoxCorner\Core\Range;

use FoxCorner\Core\Play\Cast\Cast;

/** An alignment on the way to a better one: what it costs and which steps led to it. */
final readonly class Tried
{
    public float $cost;

    /** @param list<Step> $steps each fielder at most once */
    public function __construct(public RangeMap $map, public Cast $cast, public array $steps)
    {
        $this->cost = $map->summary->cost;
    }

    /**
     * The same for the same steps, whoever went first.
     *
     * @param list<Step> $steps
     */
    public static function key(array $steps): string
    {
        $names = array_map(static fn(Step $step): string => "{$step->position->value}:$step->off/$step->back", $steps);
        sort($names);

        return implode(' ', $names);
    }
}
