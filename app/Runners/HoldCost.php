<?php

declare(strict_types=1);

namespace FoxCorner\App\Runners;

use FoxCorner\Core\People\Position;

/** What holding a runner takes from the range of whoever holds. */
final readonly class HoldCost
{
    /**
     * @param float $feet from the bag as the pitch is hit
     * @param float $outs of a hundred ground balls that are lost by it
     */
    public function __construct(
        public Position $who,
        public string $how,
        public string $words,
        public float $feet,
        public float $outs,
    ) {}
}
