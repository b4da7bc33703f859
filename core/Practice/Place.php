<?php

declare(strict_types=1);

namespace FoxCorner\Core\Practice;

use FoxCorner\Core\Field\Point;
use FoxCorner\Core\Field\Segment;

/** The ground that a station takes up: a circle, and the lanes along which balls fly. In feet. */
final readonly class Place
{
    /** ft that a throw or a hit must stay clear of people who look the other way. Source: the project's model. */
    private const LANE_CLEARANCE = 10.0;

    /** @param list<Segment> $lanes */
    private function __construct(public Point $center, public float $radius, public array $lanes)
    {
    }

    /** @param list<Segment> $lanes */
    public static function of(Point $center, float $radius, array $lanes): self
    {
        return new self($center, $radius, $lanes);
    }

    /** Whether people at both places would be in each other's way, or in the way of a ball. */
    public function conflictsWith(self $other): bool
    {
        if ($this->center->distanceTo($other->center) < $this->radius + $other->radius) {
            return true;
        }
        foreach ($this->lanes as $lane) {
            if ($other->isInTheWayOf($lane)) {
                return true;
            }
            foreach ($other->lanes as $otherLane) {
                if ($lane->crosses($otherLane)) {
                    return true;
                }
            }
        }
        foreach ($other->lanes as $lane) {
            if ($this->isInTheWayOf($lane)) {
                return true;
            }
        }

        return false;
    }

    private function isInTheWayOf(Segment $lane): bool
    {
        return $lane->distanceTo($this->center) < $this->radius + self::LANE_CLEARANCE;
    }
}
