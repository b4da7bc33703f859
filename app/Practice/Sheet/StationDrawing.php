<?php

declare(strict_types=1);

namespace FoxCorner\App\Practice\Sheet;

use FoxCorner\Core\Field\Diamond;
use FoxCorner\Core\Field\Point;
use FoxCorner\Core\Practice\Drill\Drill;
use FoxCorner\Core\Practice\Ground\Place;

/** A station on the map: its place in feet, and how far it is from where it belongs. */
final readonly class StationDrawing
{
    private function __construct(public string $key, public string $name, public Place $place, public Point $shift) {}

    /**
     * @param array<string, Drill> $drills
     *
     * @return list<self> of the stations that are set up
     */
    public static function all(Sheet $sheet, array $drills, Diamond $diamond): array
    {
        $stations = [];
        foreach ($sheet->choices as $choice) {
            $drill = $drills[$choice->drill] ?? null;
            if (null !== $drill && null !== $choice->shift) {
                $shift = Point::of(...$choice->shift);
                $stations[] = new self($choice->drill, $choice->name, $drill->place->on($diamond, $shift), $shift);
            }
        }

        return $stations;
    }
}
