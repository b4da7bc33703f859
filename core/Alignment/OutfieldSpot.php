<?php

declare(strict_types=1);

namespace FoxCorner\Core\Alignment;

use FoxCorner\Core\Field\Fence;
use FoxCorner\Core\Field\Paces;
use FoxCorner\Core\Field\Point;

/** An outfielder's spot, walked in from fence. */
final readonly class OutfieldSpot implements Placement
{
    private function __construct(private Point $point, private float $toFence)
    {
    }

    /**
     * @param float $share        of the fence's distance along the angle
     * @param float $sprayDegrees negative to left
     */
    public static function of(float $share, float $sprayDegrees, Fence $fence): self
    {
        $whole = $fence->distanceAt($sprayDegrees);

        return new self(Point::polar($share * $whole, $sprayDegrees), (1 - $share) * $whole);
    }

    public function point(): Point
    {
        return $this->point;
    }

    public function inPaces(float $paceLength): string
    {
        return Paces::inFeet($this->toFence, $paceLength)->count().' in from fence';
    }

    public function inFeet(): string
    {
        return \sprintf('%d ft in', round($this->toFence));
    }
}
