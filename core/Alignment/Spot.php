<?php

declare(strict_types=1);

namespace FoxCorner\Core\Alignment;

use FoxCorner\Core\People\Position;

/** One fielder's place before the pitch, the depth it is called by, and why. */
final readonly class Spot
{
    public function __construct(
        public Position $position,
        public Placement $placement,
        public NamedDepth $depth,
        public string $reason,
        public ?NamedDepth $instead,
        public bool $byHand = false,
    ) {
    }
}
