<?php

declare(strict_types=1);

namespace FoxCorner\Core\Alignment\Depth;

/** A depth as shares of the base path, so that it fits every field: off the bag, and back (negative = front). */
final readonly class DepthFractions
{
    public function __construct(public float $off, public float $back) {}
}
