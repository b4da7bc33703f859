<?php

declare(strict_types=1);

namespace FoxCorner\Core\Practice;

use FoxCorner\Core\Field\Diamond;
use FoxCorner\Core\Field\Point;
use FoxCorner\Core\Field\Segment;

/** Where a drill is set up, in shares of the base path, so that it fits every field. */
final readonly class DrillPlace
{
    /**
     * @param array{float, float}                     $center
     * @param list<array{float, float, float, float}> $lanes  from x, y to x, y
     */
    public function __construct(private array $center, private float $radius, private array $lanes = [])
    {
    }

    public function on(Diamond $diamond): Place
    {
        $b = $diamond->basePath;

        return Place::of(
            Point::of($this->center[0] * $b, $this->center[1] * $b),
            $this->radius * $b,
            array_map(static fn(array $lane): Segment => Segment::of(Point::of($lane[0] * $b, $lane[1] * $b), Point::of($lane[2] * $b, $lane[3] * $b)), $this->lanes),
        );
    }
}
