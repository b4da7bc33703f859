<?php

declare(strict_types=1);

namespace FoxCorner\Core\Field;

/** A straight line between two points: a throwing lane, a hitting lane, a path. */
final readonly class Segment
{
    private function __construct(public Point $from, public Point $to) {}

    public static function of(Point $from, Point $to): self
    {
        return new self($from, $to);
    }

    /** The shortest distance in feet from a point to any point of the line. */
    public function distanceTo(Point $point): float
    {
        $length = $this->from->distanceTo($this->to);
        if (0.0 === $length) {
            return $this->from->distanceTo($point);
        }
        $along =
            (($point->x - $this->from->x) * ($this->to->x - $this->from->x) +
                ($point->y - $this->from->y) * ($this->to->y - $this->from->y)) /
            $length ** 2;

        return $this->from->between($this->to, min(1.0, max(0.0, $along)))->distanceTo($point);
    }

    /** The shortest distance in feet between any two points of both; 0 when they meet. */
    public function distanceToSegment(self $other): float
    {
        return $this->crosses($other)
            ? 0.0
            : min(
                $this->distanceTo($other->from),
                $this->distanceTo($other->to),
                $other->distanceTo($this->from),
                $other->distanceTo($this->to),
            );
    }

    /** Whether the two lines meet, ends included. */
    public function crosses(self $other): bool
    {
        $ends = [
            $this->side($other->from),
            $this->side($other->to),
            $other->side($this->from),
            $other->side($this->to),
        ];
        if ($ends[0] * $ends[1] < 0.0 && $ends[2] * $ends[3] < 0.0) {
            return true;
        }

        return min(
            $this->distanceTo($other->from),
            $this->distanceTo($other->to),
            $other->distanceTo($this->from),
            $other->distanceTo($this->to),
        ) < 1e-9;
    }

    private function side(Point $point): float
    {
        return ($this->to->x - $this->from->x) * ($point->y - $this->from->y) -
            ($this->to->y - $this->from->y) * ($point->x - $this->from->x);
    }
}
