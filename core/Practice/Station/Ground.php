<?php

declare(strict_types=1);

namespace FoxCorner\Core\Practice\Station;

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
    public function __construct(private array $zones, private array $areas, private array $lanes)
    {
    }

    /** Whether people at both would be in each other's way, or in the way of a ball. */
    public function conflictsWith(self $other): bool
    {
        if ([] !== array_intersect($this->zones, $other->zones)) {
            return true;
        }
        foreach ($this->areas as $area) {
            foreach ($other->areas as $otherArea) {
                if ($area->overlaps($otherArea)) {
                    return true;
                }
            }
        }
        foreach ($this->lanes as $lane) {
            foreach ($other->lanes as $otherLane) {
                if ($lane->crosses($otherLane)) {
                    return true;
                }
            }
        }

        return $this->throwsInto($other) || $other->throwsInto($this);
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
