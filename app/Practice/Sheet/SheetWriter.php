<?php

declare(strict_types=1);

namespace FoxCorner\App\Practice\Sheet;

use FoxCorner\Core\People\Position;
use FoxCorner\Core\People\RosterPlayer;
use FoxCorner\Core\Practice\Build\Helpers;
use FoxCorner\Core\Practice\Daily\DailyCore;
use FoxCorner\Core\Practice\Daily\DailyGroup;
use FoxCorner\Core\Practice\Need\JobNeed;
use FoxCorner\Core\Practice\Need\MetNeed;
use FoxCorner\Core\Practice\Schedule\Schedule;
use FoxCorner\Core\Practice\Team\ScriptLine;
use FoxCorner\Core\Practice\Time\Block;
use FoxCorner\Core\Practice\Time\BlockKind;
use FoxCorner\Core\Practice\Time\HelpTurn;
use FoxCorner\Core\Practice\Time\Round;
use FoxCorner\Core\Practice\Time\Turn;

/** Writes a schedule down as a sheet. */
final class SheetWriter
{
    /**
     * @param list<SheetChoice> $choices
     * @param list<ScriptLine>  $script
     */
    public static function write(Schedule $schedule, Helpers $helpers, array $choices, array $script): Sheet
    {
        $rounds = [];
        $duties = $schedule->duties($helpers);
        foreach ($schedule->rounds as $index => $round) {
            $rounds[$round->block->start] = self::round($round, $duties[$index]);
        }

        return new Sheet(
            array_map(
                static fn(Block $block): SheetBlock => match ($block->kind) {
                    BlockKind::Round => $rounds[$block->start],
                    BlockKind::DailyCore => self::core($block, $schedule->core),
                    default => new SheetBlock($block->kind->value, $block->start, $block->minutes),
                },
                $schedule->time->blocks,
            ),
            [...array_map(self::need(...), $schedule->needs), ...array_map(self::unserved(...), $schedule->unserved)],
            $choices,
            $schedule->placement->conflicts(),
            $script,
            $schedule->objective,
        );
    }

    private static function need(MetNeed $met): SheetNeed
    {
        return new SheetNeed(
            $met->need->position->value,
            $met->need->drill->key,
            $met->need->reps,
            $met->gained,
            $met->need->reason,
            $met->binds,
            $met->lacks,
            $met->need->what,
            $met->need->isFloor,
        );
    }

    private static function unserved(JobNeed $need): SheetNeed
    {
        return new SheetNeed(
            $need->position->value,
            '',
            $need->reps(),
            0,
            $need->reason,
            'No station of these gives it.',
            $need->lacks,
            $need->label(),
        );
    }

    private static function core(Block $block, DailyCore $core): SheetBlock
    {
        return new SheetBlock(
            $block->kind->value,
            $block->start,
            $block->minutes,
            array_map(
                static fn(DailyGroup $group): SheetStation => new SheetStation(
                    $group->drill->key,
                    array_map(
                        static fn(RosterPlayer $player): SheetPlayer => self::player($player, $player->positions[0]),
                        $group->players,
                    ),
                    $group->reps,
                    minutes: round($group->minutes, 1),
                ),
                $core->groups,
            ),
        );
    }

    /** @param array<string, list<string>> $duties names of helpers by the drill's key */
    private static function round(Round $round, array $duties): SheetBlock
    {
        $stations = [];
        foreach ($round->stations() as $key => $turns) {
            $stations[] = new SheetStation(
                $key,
                array_map(static fn(Turn $turn): SheetPlayer => self::player($turn->player, $turn->position), $turns),
                $turns[0]->reps,
                $duties[$key],
                $turns[0]->receiver,
                helping: array_map(
                    static fn(HelpTurn $help): SheetHelp => new SheetHelp(
                        $help->player->id,
                        $help->player->number,
                        $help->player->name,
                        $help->does,
                    ),
                    $round->helpingAt($key),
                ),
            );
        }

        return new SheetBlock(
            BlockKind::Round->value,
            $round->block->start,
            $round->block->minutes,
            $stations,
            self::aside($round->idle),
            self::aside($round->away),
        );
    }

    /**
     * @param list<RosterPlayer> $players
     *
     * @return list<SheetPlayer>
     */
    private static function aside(array $players): array
    {
        return array_map(
            static fn(RosterPlayer $player): SheetPlayer => self::player($player, $player->positions[0]),
            $players,
        );
    }

    private static function player(RosterPlayer $player, Position $position): SheetPlayer
    {
        return new SheetPlayer($player->id, $player->number, $player->name, $position->value);
    }
}
