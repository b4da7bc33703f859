<?php

declare(strict_types=1);

namespace FoxCorner\Core\Play\Clock;

use FoxCorner\Core\Field\Point;
use FoxCorner\Core\People\Position;

/** Where a throw ends that somebody takes between two bases. */
final readonly class Stop
{
    /** @param float $seconds from contact until he has it */
    public function __construct(public Position $by, public Point $at, public float $seconds) {}
}
