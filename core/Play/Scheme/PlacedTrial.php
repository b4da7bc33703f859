<?php

declare(strict_types=1);

namespace FoxCorner\Core\Play\Scheme;

use FoxCorner\Core\Field\Point;

/** A trial with its place on a map. */
final readonly class PlacedTrial
{
    public function __construct(public Point $at, public Trial $trial) {}
}
