<?php

declare(strict_types=1);

namespace FoxCorner\Core\Practice\Ground;

use FoxCorner\Core\Field\Diamond;
use FoxCorner\Core\Field\Point;
use FoxCorner\Core\Field\Segment;

/** Where a drill is set up, in shares of the base path, so that it fits every field. */
final readonly class DrillPlace
{
    /**
     * @param array{float, float}                     $center
     * @param list<array{float, float, float, float}> $lanes  of throws and hits, from x, y to x, y; on open ground
     *                                                        from its middle
     * @param list<array{string, float, float}>       $marks  who or what stands where: a position's number, "H" helper,
     *                                                        "N" net, "S" screen, "B" bucket, "C" cone, "R" runner
     */
    private function __construct(
        public array $center,
        public float $radius,
        public array $lanes,
        public array $marks,
        public bool $isMovable,
    ) {}

    /**
     * A place that is given by the bags.
     *
     * @param array{float, float}                     $center
     * @param list<array{float, float, float, float}> $lanes
     * @param list<array{string, float, float}>       $marks
     */
    public static function at(array $center, float $radius, array $lanes = [], array $marks = []): self
    {
        return new self($center, $radius, $lanes, $marks, false);
    }

    /**
     * Any open ground: lanes and marks count from its middle.
     *
     * @param list<array{float, float, float, float}> $lanes
     * @param list<array{string, float, float}>       $marks
     */
    public static function anywhere(float $radius, array $lanes = [], array $marks = []): self
    {
        return new self([0.0, 0.0], $radius, $lanes, $marks, true);
    }

    /** @param Point|null $shift feet by which it is moved from where it belongs; null: not at all */
    public function on(Diamond $diamond, ?Point $shift = null): Place
    {
        $point = static fn(float $x, float $y): Point => Point::of(
            $x * $diamond->basePath + ($shift->x ?? 0.0),
            $y * $diamond->basePath + ($shift->y ?? 0.0),
        );

        return Place::of(
            $point(...$this->center),
            $this->radius * $diamond->basePath,
            array_map(
                static fn(array $lane): Segment => Segment::of($point($lane[0], $lane[1]), $point($lane[2], $lane[3])),
                $this->lanes,
            ),
            array_map(
                static fn(array $mark): PlaceMark => new PlaceMark($mark[0], $point($mark[1], $mark[2])),
                $this->marks,
            ),
        );
    }
}
