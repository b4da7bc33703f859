<?php

declare(strict_types=1);

namespace FoxCorner\Core\Field;

/**
 * A place on the field, in feet.
 *
 * Origin: the apex of home plate. +y runs through second base to center field, +x toward right field;
 * the foul lines are y = |x|.
 */
final readonly class Point
{
    private function __construct(public float $x, public float $y) {}

    public static function of(float $x, float $y): self
    {
        return new self($x, $y);
    }

    public static function home(): self
    {
        return new self(0.0, 0.0);
    }

    /**
     * @param float $feet         distance from home plate
     * @param float $sprayDegrees angle from straight away center, negative to left; the lines are ±45
     */
    public static function polar(float $feet, float $sprayDegrees): self
    {
        $angle = deg2rad($sprayDegrees);

        return new self($feet * sin($angle), $feet * cos($angle));
    }

    public function distanceTo(self $other): float
    {
        return hypot($other->x - $this->x, $other->y - $this->y);
    }

    /** Angle from straight away center in degrees, negative to left; 0 at home plate itself. */
    public function sprayDegrees(): float
    {
        return rad2deg(atan2($this->x, $this->y));
    }

    /** Beyond a line, or behind home. */
    public function isFoul(): bool
    {
        return abs($this->sprayDegrees()) > Diamond::FAIR;
    }

    public function plus(float $x, float $y): self
    {
        return new self($this->x + $x, $this->y + $y);
    }

    /** The point $feet from here on the straight line to $other, or beyond it; here itself when both coincide. */
    public function toward(self $other, float $feet): self
    {
        $distance = $this->distanceTo($other);
        if (0.0 === $distance) {
            return $this;
        }
        $share = $feet / $distance;

        return new self($this->x + $share * ($other->x - $this->x), $this->y + $share * ($other->y - $this->y));
    }

    /** The point a share of the way to $other: 0 is here, 1 is there. */
    public function between(self $other, float $share): self
    {
        return new self($this->x + $share * ($other->x - $this->x), $this->y + $share * ($other->y - $this->y));
    }
}
