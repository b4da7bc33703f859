<?php

declare(strict_types=1);

namespace FoxCorner\Core\Plan\Audit;

use FoxCorner\Core\Field\Point;
use FoxCorner\Core\People\Position;

/** A fielder who starts somewhere else, after which a fault is gone: tried, not guessed. */
final readonly class Mend
{
    public function __construct(public Position $position, public Point $to, public string $words) {}
}
