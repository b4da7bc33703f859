<?php

declare(strict_types=1);

namespace FoxCorner\Core\Alignment;

use FoxCorner\Core\Alignment\Depth\NamedDepth;
use FoxCorner\Core\Field\Point;
use FoxCorner\Core\People\Position;

/**
 * An infielder's spot that a coach keeps for one situation, instead of the rule's.
 *
 * It stands for the depth that it was kept for: where the context calls another depth, the rule goes.
 */
final readonly class KeptSpot
{
    /** @param string $by who decided */
    public function __construct(
        public Position $position,
        public NamedDepth $depth,
        public Point $point,
        public string $by,
    ) {}
}
