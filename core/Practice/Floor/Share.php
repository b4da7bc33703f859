<?php

declare(strict_types=1);

namespace FoxCorner\Core\Practice\Floor;

/** A share of what is wanted: the first part of it is worth more than the last. */
final class Share
{
    /**
     * (10 r − 3 r²) / 7 of the weight. Source: the project's practice.
     *
     * @param float $met    0 to 1
     * @param float $weight of all of it
     */
    public static function worth(float $met, float $weight = 1.0): float
    {
        return ($weight * (10 * $met - 3 * $met ** 2)) / 7;
    }
}
