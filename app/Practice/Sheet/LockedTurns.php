<?php

declare(strict_types=1);

namespace FoxCorner\App\Practice\Sheet;

use FoxCorner\Core\People\Position;
use FoxCorner\Core\Practice\Schedule\KeptTurn;

/** What of a sheet stays when it is solved again. */
final class LockedTurns
{
    /** As a lock is written: the round's number from 0, and the drill. */
    public static function key(int $round, string $drill): string
    {
        return "$round/$drill";
    }

    /**
     * The groups that the coach has locked.
     *
     * @param list<string> $locks
     *
     * @return list<KeptTurn>
     */
    public static function of(Sheet $sheet, array $locks): array
    {
        $kept = [];
        foreach ($sheet->rounds() as $round => $block) {
            foreach ($block->stations as $station) {
                if (\in_array(self::key($round, $station->drill), $locks, true)) {
                    array_push($kept, ...self::group($round, $station));
                }
            }
        }

        return $kept;
    }

    /** @return list<KeptTurn> everybody as he is in all rounds */
    public static function all(Sheet $sheet): array
    {
        $kept = [];
        foreach ($sheet->rounds() as $round => $block) {
            array_push($kept, ...self::whole($round, $block));
        }

        return $kept;
    }

    /** @return list<KeptTurn> everybody as he is in a round */
    public static function whole(int $round, SheetBlock $block): array
    {
        $kept = [];
        foreach ($block->stations as $station) {
            array_push($kept, ...self::group($round, $station), ...self::helping($round, $station));
        }
        array_push(
            $kept,
            ...array_map(
                static fn(SheetPlayer $player): KeptTurn => new KeptTurn($round, $player->id, null),
                $block->waiting,
            ),
        );
        array_push(
            $kept,
            ...array_map(
                static fn(SheetPlayer $player): KeptTurn => new KeptTurn($round, $player->id, null, null, true),
                $block->away,
            ),
        );

        return $kept;
    }

    /** @return list<KeptTurn> who is there for a group */
    private static function helping(int $round, SheetStation $station): array
    {
        return array_map(
            static fn(SheetHelp $one): KeptTurn => new KeptTurn(
                $round,
                $one->id,
                $station->drill,
                receiver: $station->receiver,
            ),
            $station->helping,
        );
    }

    /** @return list<KeptTurn> */
    private static function group(int $round, SheetStation $station): array
    {
        return array_map(
            static fn(SheetPlayer $player): KeptTurn => new KeptTurn(
                $round,
                $player->id,
                $station->drill,
                Position::ofNumber($player->position),
                false,
                $station->receiver,
            ),
            $station->players,
        );
    }
}
