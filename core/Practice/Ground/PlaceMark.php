<?php

declare(strict_types=1);

namespace FoxCorner\Core\Practice\Ground;

use FoxCorner\Core\Field\Point;

/** Who or what stands at a point of a drill: a position's number, or a letter as in {@see DrillPlace}. */
final readonly class PlaceMark
{
    public function __construct(public string $sign, public Point $point) {}

    public function word(): string
    {
        return match ($this->sign) {
            'H' => 'helper',
            'N' => 'net or receiver',
            'S' => 'screen',
            'B' => 'bucket',
            'C' => 'cone',
            'R' => 'runner',
            default => 'fielder ' . $this->sign,
        };
    }
}
