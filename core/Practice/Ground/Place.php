<?php

declare(strict_types=1);

namespace FoxCorner\Core\Practice\Ground;

use FoxCorner\Core\Field\Point;
use FoxCorner\Core\Field\Segment;

/** The ground that a station takes up: a circle, the lanes along which balls fly, and who stands where. In feet. */
final readonly class Place
{
    /**
     * @param list<Segment>   $lanes
     * @param list<PlaceMark> $marks
     */
    private function __construct(
        public Point $center,
        public float $radius,
        public array $lanes,
        public array $marks,
    ) {}

    /**
     * @param list<Segment>   $lanes
     * @param list<PlaceMark> $marks
     */
    public static function of(Point $center, float $radius, array $lanes, array $marks = []): self
    {
        return new self($center, $radius, $lanes, $marks);
    }

    /** As stations are held against each other. */
    public function ground(): Ground
    {
        return new Ground([], [Area::circle($this->center, $this->radius)], $this->lanes);
    }

    /** @return list<Point> everything that it covers, roughly: the ends of its lanes and four points around it */
    public function outline(): array
    {
        $points = [];
        foreach ($this->lanes as $lane) {
            array_push($points, $lane->from, $lane->to);
        }
        foreach ([[1, 0], [-1, 0], [0, 1], [0, -1]] as [$x, $y]) {
            $points[] = $this->center->plus($x * $this->radius, $y * $this->radius);
        }

        return $points;
    }
}
