<?php

declare(strict_types=1);

namespace FoxCorner\App\Practice\Sheet;

use FoxCorner\Core\Field\Diamond;
use FoxCorner\Core\Field\Point;
use FoxCorner\Core\Practice\Drill\Drill;
use FoxCorner\Core\Practice\Ground\Place;

/** A station on the map: its place in feet, how far it is from where it belongs, and where its number stands. */
final readonly class StationDrawing
{
    /** Pixels between two numbers that a thumb tells apart: what it covers of one, and a little. */
    private const APART = 33.0;
    /** Degrees from straight up around the rim at which a number may stand, the first that is free. */
    private const AROUND = [0, 45, -45, 90, -90, 135, -135, 180];

    /** @param Point $mark from the middle of its place, in ft */
    private function __construct(
        public string $key,
        public string $name,
        public Place $place,
        public Point $shift,
        public Point $mark,
    ) {}

    /**
     * @param array<string, Drill> $drills
     * @param float                $unit   ft of a pixel, as numbers are drawn
     *
     * @return list<self> of the stations that are set up
     */
    public static function all(Sheet $sheet, array $drills, Diamond $diamond, float $unit): array
    {
        $stations = $taken = [];
        foreach ($sheet->choices as $choice) {
            $drill = $drills[$choice->drill] ?? null;
            if (null !== $drill && null !== $choice->shift) {
                $shift = Point::of(...$choice->shift);
                $place = $drill->place->on($diamond, $shift);
                $mark = self::free($place, $taken, self::APART * $unit);
                $taken[] = $place->center->plus($mark->x, $mark->y);
                $stations[] = new self($choice->drill, $choice->name, $place, $shift, $mark);
            }
        }

        return $stations;
    }

    /**
     * On the rim or, where that is too full, outside of it.
     *
     * @param list<Point> $taken by the numbers of others
     */
    private static function free(Place $place, array $taken, float $apart): Point
    {
        [$best, $farthest] = [Point::of(0.0, $place->radius), -1.0];
        foreach ([$place->radius, $place->radius + $apart] as $from) {
            foreach (self::AROUND as $degrees) {
                $mark = Point::polar($from, $degrees);
                $at = $place->center->plus($mark->x, $mark->y);
                $nearest = min([$apart, ...array_map($at->distanceTo(...), $taken)]);
                [$best, $farthest] = $nearest > $farthest ? [$mark, $nearest] : [$best, $farthest];
            }
        }

        return $best;
    }
}
