<?php

declare(strict_types=1);

namespace FoxCorner\Core\Alignment;

use FoxCorner\Core\Alignment\Depth\Placement;
use FoxCorner\Core\Field\Fence;
use FoxCorner\Core\Field\Paces;
use FoxCorner\Core\Field\Point;

/** An outfielder's spot, walked in from the fence and to the side from straight up. */
final readonly class OutfieldSpot implements Placement
{
    /** ft to the side that are not worth saying. */
    private const STRAIGHT = 4.0;

    private function __construct(private Point $point, private float $toFence, private float $toRight) {}

    /**
     * @param float $share      of the fence's distance along the angle
     * @param float $straightUp the angle at which he plays straight up, degrees, negative to left
     * @param float $toRight    ft to the right of that, seen from home
     */
    public static function of(float $share, float $straightUp, Fence $fence, float $toRight = 0.0): self
    {
        $degrees = $straightUp + rad2deg(asin($toRight / ($share * $fence->distanceAt($straightUp))));
        $whole = $fence->distanceAt($degrees);

        return new self(Point::polar($share * $whole, $degrees), (1 - $share) * $whole, $toRight);
    }

    /**
     * The spot of an outfielder whom somebody moved there.
     *
     * @param float $straightUp the angle at which he plays straight up, degrees
     */
    public static function at(Point $point, float $straightUp, Fence $fence): self
    {
        $out = $point->distanceTo(Point::home());
        $aside = deg2rad($point->sprayDegrees() - $straightUp);

        return new self($point, $fence->distanceAt($point->sprayDegrees()) - $out, $out * sin($aside));
    }

    public function point(): Point
    {
        return $this->point;
    }

    public function inPaces(float $paceLength): string
    {
        $in = Paces::inFeet($this->toFence, $paceLength)->count() . ' in from fence';
        $aside = Paces::inFeet($this->toRight, $paceLength);

        return abs($this->toRight) < self::STRAIGHT
            ? $in
            : $in . ', ' . $aside->count() . ' to ' . ($this->toRight > 0 ? 'right' : 'left');
    }

    public function inFeet(): string
    {
        return \sprintf('%d ft in', round($this->toFence)) .
            (abs($this->toRight) < self::STRAIGHT
                ? ''
                : \sprintf(', %d ft to %s', round(abs($this->toRight)), $this->toRight > 0 ? 'right' : 'left'));
    }
}
