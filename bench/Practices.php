<?php

declare(strict_types=1);

namespace FoxCorner\Bench;

use FoxCorner\Core\Field\Point;
use FoxCorner\Core\Field\Segment;
use FoxCorner\Core\Practice\Drill\Receiver;
use FoxCorner\Core\Practice\Ground\Area;
use FoxCorner\Core\Practice\Ground\Ground;
use FoxCorner\Core\Practice\Station\Station;
use FoxCorner\Core\Practice\Station\StationNeed;
use FoxCorner\Core\Practice\Station\StationPlayer;
use FoxCorner\Core\Practice\Station\StationProblem;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Practices drawn at random: sore arms, one net, few helpers, ground that overlaps, lanes that cross. */
final class Practices
{
    public static function small(int $players, int $stations, int $rounds, int $seed): StationProblem
    {
        $random = new Randomizer(new Mt19937($seed));
        $who = array_map(
            static fn(int $index): StationPlayer => new StationPlayer(
                "p$index",
                self::positions($random, 3),
                0 === $random->getInt(0, 2) ? $random->getInt(5, 40) : null,
            ),
            range(1, $players),
        );
        $what = $needs = [];
        for ($index = 1; $index <= $stations; ++$index) {
            $station = self::station($random, "s$index");
            array_push($what, ...self::received($random, $station));
            foreach ($station->positions as $position) {
                $needs[] = new StationNeed(
                    "n$index-$position",
                    $position,
                    $station->id,
                    $random->getInt(10, 60),
                    $random->getInt(3, 15) / 10,
                );
            }
        }

        return new StationProblem($who, $what, $needs, $random->getInt(1, 4), ['net' => 1], $rounds, 8.0);
    }

    /**
     * Now and then somebody or something has to receive: the net, a helper, or one of the group.
     *
     * @return non-empty-list<Station>
     */
    private static function received(Randomizer $random, Station $station): array
    {
        if (0 === $station->throwsPerRep || 0 !== $random->getInt(0, 1)) {
            return [$station];
        }
        $way = static fn(Receiver $receiver): Station => new Station(
            "$station->id/$receiver->value",
            $station->positions,
            $station->min + (Receiver::Player === $receiver ? 1 : 0),
            $station->max,
            $station->atOnce,
            $station->secondsPerRep,
            $station->throwsPerRep,
            $station->helpers + $receiver->helpers(),
            $receiver->pieces() + $station->equipment,
            $station->ground,
            $station->tosses,
            $station->id,
            Receiver::Player === $receiver,
            $station->must,
        );

        return array_map($way, Receiver::TAKES_THROWS);
    }

    private static function station(Randomizer $random, string $id): Station
    {
        $min = $random->getInt(1, 2);
        $point = static fn(): Point => Point::of($random->getInt(-60, 60), $random->getInt(0, 120));
        $lanes = 1 === $random->getInt(0, 1) ? [Segment::of($point(), $point())] : [];

        $positions = self::positions($random, 4);

        return new Station(
            $id,
            $positions,
            $min,
            $min + $random->getInt(1, 4),
            $random->getInt(1, 2),
            $random->getInt(10, 30),
            $random->getInt(0, 1),
            $random->getInt(0, 1),
            0 === $random->getInt(0, 2) ? ['net' => 1] : [],
            new Ground(
                [],
                [Area::circle(Point::of($random->getInt(-70, 70), $random->getInt(0, 140)), $random->getInt(8, 20))],
                $lanes,
            ),
            must: 0 === $random->getInt(0, 5) ? $positions[0] : null,
        );
    }

    /** @return list<int> */
    private static function positions(Randomizer $random, int $most): array
    {
        return array_values(array_unique(array_map(static fn(): int => $random->getInt(1, 9), range(1, $most))));
    }
}
