<?php

declare(strict_types=1);

namespace FoxCorner\Core\Practice\Ground;

use FoxCorner\Core\Field\Point;
use FoxCorner\Core\Field\Segment;

/** Ground that people stand on: a circle, or inside a polygon. In feet. */
final readonly class Area
{
    /** @param non-empty-list<Point> $corners one for a circle */
    private function __construct(private array $corners, private float $radius) {}

    public static function circle(Point $center, float $radius): self
    {
        return new self([$center], $radius);
    }

    /** @param non-empty-list<Point> $corners in order */
    public static function polygon(array $corners): self
    {
        return new self($corners, 0.0);
    }

    public function overlaps(self $other): bool
    {
        foreach ($other->corners as $corner) {
            if ($this->contains($corner)) {
                return true;
            }
        }
        foreach ($this->corners as $corner) {
            if ($other->contains($corner)) {
                return true;
            }
        }
        foreach ($this->edges() as $edge) {
            foreach ($other->edges() as $otherEdge) {
                if ($edge->distanceToSegment($otherEdge) < $this->radius + $other->radius) {
                    return true;
                }
            }
        }

        return false;
    }

    /** Feet between the ground and a lane along which balls fly; 0 when the lane crosses it. */
    public function distanceToLane(Segment $lane): float
    {
        if ($this->contains($lane->from) || $this->contains($lane->to)) {
            return 0.0;
        }
        $distances = array_map(static fn(Segment $edge): float => $edge->distanceToSegment($lane), $this->edges());

        return max(0.0, min($distances) - $this->radius);
    }

    /** Strictly inside the polygon, by counting the edges that a ray crosses. */
    private function contains(Point $point): bool
    {
        $inside = false;
        for ($index = 0, $last = \count($this->corners) - 1; $index < \count($this->corners) && $last > 1; ++$index) {
            [$a, $b] = [$this->corners[$index], $this->corners[0 === $index ? $last : $index - 1]];
            if (
                $a->y > $point->y !== $b->y > $point->y &&
                $point->x < (($b->x - $a->x) * ($point->y - $a->y)) / ($b->y - $a->y) + $a->x
            ) {
                $inside = !$inside;
            }
        }

        return $inside;
    }

    /** @return non-empty-list<Segment> */
    private function edges(): array
    {
        $edges = [];
        foreach ($this->corners as $index => $corner) {
            $edges[] = Segment::of($corner, $this->corners[($index + 1) % \count($this->corners)]);
        }

        return $edges;
    }
}
