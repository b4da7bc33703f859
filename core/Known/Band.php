<?php

declare(strict_types=1);

namespace FoxCorner\Core\Known;

/** Between what a figure must come out. */
final readonly class Band
{
    public function __construct(public float $low, public float $high) {}

    public function holds(float $figure): bool
    {
        return $figure >= $this->low && $figure <= $this->high;
    }
}
