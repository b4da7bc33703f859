<?php

declare(strict_types=1);

namespace FoxCorner\Core\Field;

use FoxCorner\Core\Problem\OutOfRange;
use FoxCorner\Core\Problem\Problem;

/** The outfield fence by its distance from home, in feet, at five points from the left line to the right line. */
final readonly class Fence
{
    /** Spray angles of the five points, in degrees from straight away center. */
    public const ANGLES = [-45.0, -22.5, 0.0, 22.5, 45.0];

    private const LEAST = 100.0;
    private const MOST = 450.0;

    /**
     * @param list<float> $feet exactly five distances
     */
    private function __construct(public array $feet) {}

    /** @throws Problem when a distance is outside 100 to 450 ft */
    public static function of(float $left, float $leftCenter, float $center, float $rightCenter, float $right): self
    {
        $feet = [
            'left' => $left,
            'left center' => $leftCenter,
            'center' => $center,
            'right center' => $rightCenter,
            'right' => $right,
        ];
        foreach ($feet as $place => $distance) {
            OutOfRange::unlessBetween("fence at $place", $distance, self::LEAST, self::MOST, 'feet');
        }

        return new self(array_values($feet));
    }

    /** The longest of the five distances, feet. */
    public function farthest(): float
    {
        return [] === $this->feet ? 0.0 : max($this->feet);
    }

    /**
     * Distance to the fence in feet along a spray angle; angles beyond the lines count as on the line.
     *
     * Smooth between the points (a cardinal cubic), as fences are.
     */
    public function distanceAt(float $sprayDegrees): float
    {
        $steps = (min(45.0, max(-45.0, $sprayDegrees)) + 45.0) / 22.5;
        $lower = (int) min(3, floor($steps));
        $t = $steps - $lower;
        [$before, $from, $to, $after] = [
            $this->feet[max(0, $lower - 1)],
            $this->feet[$lower],
            $this->feet[$lower + 1],
            $this->feet[min(4, $lower + 2)],
        ];

        return $from +
            ($t / 2) *
                ($to -
                    $before +
                    $t * (2 * $before - 5 * $from + 4 * $to - $after + $t * (3 * ($from - $to) + $after - $before)));
    }
}
