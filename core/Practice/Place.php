<?php

declare(strict_types=1);

namespace FoxCorner\Core\Practice;

use FoxCorner\Core\Practice\Station\Area;
use FoxCorner\Core\Practice\Station\Ground;
use FoxCorner\Core\Field\Point;
use FoxCorner\Core\Field\Segment;

/** The ground that a station takes up: a circle, and the lanes along which balls fly. In feet. */
final readonly class Place
{
    /** @param list<Segment> $lanes */
    private function __construct(public Point $center, public float $radius, public array $lanes)
    {
    }

    /** @param list<Segment> $lanes */
    public static function of(Point $center, float $radius, array $lanes): self
    {
        return new self($center, $radius, $lanes);
    }

    /** As stations are held against each other. */
    public function ground(): Ground
    {
        return new Ground([], [Area::circle($this->center, $this->radius)], $this->lanes);
    }
}
