<?php

declare(strict_types=1);

namespace FoxCorner\App\Practice\Sheet;

use FoxCorner\Core\People\Position;
use FoxCorner\Core\People\RosterPlayer;
use FoxCorner\Core\Play\Coverage;
use FoxCorner\Core\Practice\Block;
use FoxCorner\Core\Practice\BlockKind;
use FoxCorner\Core\Practice\MetNeed;
use FoxCorner\Core\Practice\Round;
use FoxCorner\Core\Practice\Schedule;
use FoxCorner\Core\Practice\Turn;

/** Writes a schedule down as a sheet. */
final class SheetWriter
{
    public static function write(Schedule $schedule, Coverage $coverage): Sheet
    {
        $rounds = [];
        foreach ($schedule->rounds as $round) {
            $rounds[$round->block->start] = $round;
        }

        return new Sheet(
            $coverage->name(),
            $coverage->call(),
            array_map(static fn(Block $block): SheetBlock => BlockKind::Round === $block->kind
                ? self::round($rounds[$block->start])
                : new SheetBlock($block->kind->value, $block->start, $block->minutes), $schedule->time->blocks),
            array_map(static fn(MetNeed $met): SheetNeed => new SheetNeed($met->need->position->value, $met->need->drill->key, $met->need->reps, $met->gained, $met->need->reason), array_values(array_filter($schedule->needs, static fn(MetNeed $met): bool => $met->need->reps > 0))),
        );
    }

    private static function round(Round $round): SheetBlock
    {
        $stations = [];
        foreach ($round->stations() as $key => $turns) {
            $stations[] = new SheetStation($key, array_map(static fn(Turn $turn): SheetPlayer => self::player($turn->player, $turn->position), $turns), $round->repetitions($turns[0]->drill));
        }

        return new SheetBlock(
            BlockKind::Round->value, $round->block->start, $round->block->minutes, $stations,
            array_map(static fn(RosterPlayer $player): SheetPlayer => self::player($player, $player->positions[0]), $round->idle),
        );
    }

    private static function player(RosterPlayer $player, Position $position): SheetPlayer
    {
        return new SheetPlayer($player->id, $player->number, $player->name, $position->value);
    }
}
