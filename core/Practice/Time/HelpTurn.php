<?php

declare(strict_types=1);

namespace FoxCorner\Core\Practice\Time;

use FoxCorner\Core\People\RosterPlayer;
use FoxCorner\Core\Practice\Drill\Drill;

/** One player who is there for the others of a station in one round. */
final readonly class HelpTurn
{
    /** @param string $does "runs, with a helmet" */
    public function __construct(public RosterPlayer $player, public Drill $drill, public string $does) {}

    /**
     * @param list<RosterPlayer> $players who help at a drill, as many as it can use
     *
     * @return list<self> each with something else to do; who may not run keeps the count
     */
    public static function all(Drill $drill, array $players): array
    {
        $free = [];
        foreach ($drill->extra() as $does => $places) {
            array_push($free, ...array_fill(0, $places, $does));
        }

        return array_map(static function (RosterPlayer $player) use ($drill, &$free): self {
            $does = $player->limit->forbidsRunning() ? null : array_shift($free);

            return new self($player, $drill, $does ?? 'keeps the count');
        }, $players);
    }
}
