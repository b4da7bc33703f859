<?php

declare(strict_types=1);

namespace FoxCorner\Core\Practice\Schedule;

use FoxCorner\Core\Practice\Drill\Drill;
use FoxCorner\Core\Practice\Drill\Receiver;
use FoxCorner\Core\Practice\Station\HeldTurn;

/** Kept turns among the stations of a problem. */
final class KeptStations
{
    /**
     * @param list<KeptTurn>      $kept
     * @param array<string, int>  $players   indexes by id
     * @param list<Drill>         $drills    by station
     * @param list<Receiver|null> $receivers likewise
     *
     * @return list<HeldTurn> of players who come, in rounds that there are, at stations that there are
     */
    public static function of(array $kept, array $players, int $rounds, array $drills, array $receivers): array
    {
        $held = [];
        foreach ($kept as $turn) {
            $station = self::stationOf($turn, $drills, $receivers);
            if (
                isset($players[$turn->player]) &&
                $turn->round < $rounds &&
                (null === $turn->drill || null !== $station)
            ) {
                $held[] = new HeldTurn($turn->round, $players[$turn->player], $station, $turn->position->value ?? 0);
            }
        }

        return $held;
    }

    /**
     * The station at which a kept turn is: its drill in its way, or where that is gone in the first that there is.
     *
     * @param list<Drill>         $drills
     * @param list<Receiver|null> $receivers
     */
    private static function stationOf(KeptTurn $turn, array $drills, array $receivers): ?int
    {
        $first = null;
        foreach ($drills as $index => $drill) {
            if ($drill->key === $turn->drill) {
                if ($receivers[$index] === $turn->receiver) {
                    return $index;
                }
                $first ??= $index;
            }
        }

        return $first;
    }
}
