<?php

declare(strict_types=1);

namespace FoxCorner\Core\Range\Fly;

use FoxCorner\Core\Field\Point;
use FoxCorner\Core\People\Position;

/** A place where a ball in the air comes down. */
final readonly class FlySpot
{
    /**
     * @param float          $hang    seconds in the air
     * @param list<Position> $there   who can be there in time, the first one first
     * @param list<Position> $sharing who arrives in time and so close together that they may meet; empty or two and
     *                                more
     * @param list<Position> $nearest the two who would be there first, in time or not
     * @param float          $late    seconds that the first one is late; negative: to spare
     * @param float          $weight  how many of the batter's come down there, relative
     */
    public function __construct(
        public Point $point,
        public float $hang,
        public array $there,
        public array $sharing,
        public array $nearest,
        public float $late,
        public float $weight,
    ) {}

    public function falls(): bool
    {
        return [] === $this->there;
    }
}
