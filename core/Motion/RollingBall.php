<?php

declare(strict_types=1);

namespace FoxCorner\Core\Motion;

use FoxCorner\Core\Field\Point;
use FoxCorner\Core\Field\Surface;
use FoxCorner\Core\Problem\OutOfRange;
use FoxCorner\Core\Problem\Problem;

/** A ground ball or a bunt: it leaves home along one line and slows down evenly until it rests. */
final readonly class RollingBall
{
    /** Share of the exit speed left after first contact with the ground. Source: the project's model. */
    public const KEPT = 0.8;
    private const BUNT_KEEPS = 0.9;

    /** The line's direction, a foot long. */
    public float $directionX;
    public float $directionY;

    /**
     * @param float $speed        ft/s along the ground after first contact
     * @param float $deceleration ft/s²
     * @param float $sprayDegrees from straight away center, negative to left
     */
    private function __construct(public float $speed, public float $deceleration, public float $sprayDegrees)
    {
        $this->directionX = sin(deg2rad($sprayDegrees));
        $this->directionY = cos(deg2rad($sprayDegrees));
    }

    public static function groundBall(Speed $exit, Surface $surface, float $sprayDegrees = 0.0): self
    {
        return new self($exit->feetPerSecond * self::KEPT, self::slows($surface), $sprayDegrees);
    }

    /** A ball that got away and comes to rest so far from home, in any direction. */
    public static function restingAt(float $feet, Surface $surface, float $degrees): self
    {
        $slows = self::buntDeceleration($surface);

        return new self(sqrt(2 * $slows * max(0.0, $feet)), $slows, $degrees);
    }

    /** @throws Problem when the exit speed is no bunt's: 12 to 40 mph */
    public static function bunt(Speed $exit, Surface $surface, float $sprayDegrees): self
    {
        OutOfRange::unlessBetween('bunt speed', $exit->mph(), 12.0, 40.0, 'miles per hour');
        OutOfRange::unlessBetween(
            'bunt direction',
            $sprayDegrees,
            -45.0,
            45.0,
            'degrees from straight away, negative toward third',
        );

        return new self($exit->feetPerSecond * self::BUNT_KEEPS, self::buntDeceleration($surface), $sprayDegrees);
    }

    /** The exit speed of the bunt that would come to rest $feet from home. */
    public static function buntSpeedToRestAt(float $feet, Surface $surface): Speed
    {
        return Speed::ofFeetPerSecond(sqrt(2 * self::buntDeceleration($surface) * max(0.0, $feet)) / self::BUNT_KEEPS);
    }

    public function restDistance(): float
    {
        return $this->speed ** 2 / (2 * $this->deceleration);
    }

    /** Seconds until it has rolled $feet; null when it stops short. */
    public function secondsTo(float $feet): ?float
    {
        $left = $this->speed ** 2 - 2 * $this->deceleration * $feet;

        return $left < 0.0 ? null : ($this->speed - sqrt($left)) / $this->deceleration;
    }

    public function distanceAfter(float $seconds): float
    {
        $moving = min($seconds, $this->speed / $this->deceleration);

        return $this->speed * $moving - ($this->deceleration / 2) * $moving ** 2;
    }

    /** ft/s */
    public function speedAfter(float $seconds): float
    {
        return max(0.0, $this->speed - $this->deceleration * $seconds);
    }

    public function at(float $seconds): Point
    {
        $feet = $this->distanceAfter($seconds);

        return Point::of($feet * $this->directionX, $feet * $this->directionY);
    }

    public function restPoint(): Point
    {
        return Point::polar($this->restDistance(), $this->sprayDegrees);
    }

    /** ft/s² of a ball on the ground; source: the project's model. */
    public static function slows(Surface $surface): float
    {
        return match ($surface) {
            Surface::Grass => 15.0,
            Surface::Dirt, Surface::Turf => 12.0,
            Surface::WetGrass => 18.0,
        };
    }

    /** ft/s²; source: the project's model, wet grass in proportion to the ground ball's. */
    private static function buntDeceleration(Surface $surface): float
    {
        return match ($surface) {
            Surface::Grass => 16.0,
            Surface::Dirt, Surface::Turf => 12.0,
            Surface::WetGrass => 19.0,
        };
    }
}
