<?php

declare(strict_types=1);

namespace FoxCorner\Core\Play\Clock;

use FoxCorner\Core\Field\Point;

/** Where somebody is at a moment, seconds from contact. */
final readonly class Keyframe
{
    public function __construct(public float $seconds, public Point $point) {}
}
