<?php

declare(strict_types=1);

namespace FoxCorner\Core\Range;

use FoxCorner\Core\Play\Clock\Delivery;

/** What an infielder could do with a ground ball, whoever covers second. */
final readonly class Chances
{
    /**
     * @param float         $first of the out at first
     * @param float         $home  of the out at home; 0 when nobody goes there
     * @param Delivery|null $feed  to second; null when two are not in order
     */
    public function __construct(public float $first, public float $home, public ?Delivery $feed) {}
}
