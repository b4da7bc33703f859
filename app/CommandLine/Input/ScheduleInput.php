<?php

declare(strict_types=1);

namespace FoxCorner\App\CommandLine\Input;

use FoxCorner\App\Shared\Json\Fields;
use FoxCorner\Core\Field\Point;
use FoxCorner\Core\Field\Segment;
use FoxCorner\Core\Practice\Ground\Area;
use FoxCorner\Core\Practice\Ground\Ground;
use FoxCorner\Core\Practice\Station\Station;
use FoxCorner\Core\Practice\Station\StationNeed;
use FoxCorner\Core\Practice\Station\StationPlayer;
use FoxCorner\Core\Practice\Station\StationProblem;
use FoxCorner\Core\Problem\Problem;

/** The fields of a question that describe rounds of stations. */
final class ScheduleInput
{
    /** @throws Problem */
    public static function read(Fields $input): StationProblem
    {
        $round = $input->number('round_minutes', 8.0);
        $rotation = $input->number('rotation_minutes');

        return new StationProblem(
            array_map(
                static fn(Fields $player): StationPlayer => new StationPlayer(
                    $player->id('id'),
                    $player->integers('positions'),
                    $player->wholeOrNull('throws_left'),
                ),
                $input->each('players'),
            ),
            array_map(self::station(...), $input->each('stations')),
            array_map(
                static fn(Fields $need): StationNeed => new StationNeed(
                    $need->id('id'),
                    (int) $need->number('position'),
                    $need->id('station'),
                    (int) $need->number('reps'),
                    $need->number('weight'),
                ),
                $input->each('needs'),
            ),
            (int) $input->number('helpers'),
            $input->within('equipment')->wholes(),
            // The last round needs no rotation after it.
            (int) floor(($input->number('minutes') + $rotation) / ($round + $rotation) + 1e-9),
            $round,
        );
    }

    private static function station(Fields $station): Station
    {
        return new Station(
            $station->id('id'),
            $station->integers('positions'),
            (int) $station->number('min', 1.0),
            (int) $station->number('max', 100.0),
            (int) $station->number('at_once', 1.0),
            (int) $station->number('seconds_per_rep'),
            (int) $station->number('throws_per_rep'),
            (int) $station->number('helpers'),
            $station->within('equipment')->wholes(),
            new Ground(
                $station->texts('zones'),
                self::areas($station),
                array_values(
                    array_filter(
                        [self::lane($station, 'throw_lane'), self::lane($station, 'hit_lane')],
                        static fn(?Segment $lane): bool => null !== $lane,
                    ),
                ),
            ),
            false,
            $station->has('way') ? $station->id('way') : null,
            true === $station->flag('one_receives'),
            $station->wholeOrNull('must'),
        );
    }

    /** @return list<Area> zones that are circles or polygons */
    private static function areas(Fields $station): array
    {
        $areas = array_map(
            static fn(Fields $circle): Area => Area::circle(
                Point::of($circle->number('x'), $circle->number('y')),
                $circle->number('r'),
            ),
            $station->objects('zones'),
        );
        foreach (array_filter($station->lists('zones'), array_is_list(...)) as $corners) {
            $points = self::points($corners);
            if ([] !== $points) {
                $areas[] = Area::polygon($points);
            }
        }

        return $areas;
    }

    private static function lane(Fields $station, string $name): ?Segment
    {
        $points = self::points($station->lists($name));

        return 2 === \count($points) ? Segment::of($points[0], $points[1]) : null;
    }

    /**
     * @param array<array-key, mixed> $pairs
     *
     * @return list<Point>
     */
    private static function points(array $pairs): array
    {
        $points = [];
        foreach ($pairs as $pair) {
            if (\is_array($pair) && 2 === \count($pair)) {
                [$x, $y] = array_values($pair);
                if (is_numeric($x) && is_numeric($y)) {
                    $points[] = Point::of((float) $x, (float) $y);
                }
            }
        }

        return $points;
    }
}
