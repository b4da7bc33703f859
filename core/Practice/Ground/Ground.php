<?php

declare(strict_types=1);

namespace FoxCorner\Core\Practice\Ground;

use FoxCorner\Core\Field\Segment;

/** What a station takes up of the field: zones by name, areas, and the lanes of its throws and hits. */
final readonly class Ground
{
    /** ft that a throw or a hit must stay clear of people who look the other way. Source: the project's model. */
    private const LANE_CLEARANCE = 10.0;

    /**
     * @param list<string>  $zones
     * @param list<Area>    $areas
     * @param list<Segment> $lanes
     */
    public function __construct(private array $zones, private array $areas, private array $lanes) {}

    /** Whether people at both would be in each other's way, or in the way of a ball. */
    public function conflictsWith(self $other): bool
    {
        return null !== $this->conflict($other);
    }

    /** Why both cannot be in use at the same time, in a few words; null when they can. */
    public function conflict(self $other): ?string
    {
        return match (true) {
            [] !== array_intersect($this->zones, $other->zones) => 'the same part of the field',
            $this->standsOn($other) => 'the same ground',
            $this->lanesCross($other) => 'throws that cross',
            $this->throwsInto($other), $other->throwsInto($this) => \sprintf(
                'a throw that passes within %g ft',
                self::LANE_CLEARANCE,
            ),
            default => null,
        };
    }

    private function standsOn(self $other): bool
    {
        foreach ($this->areas as $area) {
            foreach ($other->areas as $otherArea) {
                if ($area->overlaps($otherArea)) {
                    return true;
                }
            }
        }

        return false;
    }

    private function lanesCross(self $other): bool
    {
        foreach ($this->lanes as $lane) {
            foreach ($other->lanes as $otherLane) {
                if ($lane->crosses($otherLane)) {
                    return true;
                }
            }
        }

        return false;
    }

    private function throwsInto(self $other): bool
    {
        foreach ($this->lanes as $lane) {
            foreach ($other->areas as $area) {
                if ($area->distanceToLane($lane) < self::LANE_CLEARANCE) {
                    return true;
                }
            }
        }

        return false;
    }
}
