<?php

declare(strict_types=1);

namespace FoxCorner\App\CommandLine\Question;

use FoxCorner\Core\People\RosterPlayer;
use FoxCorner\Core\Practice\Build\Helpers;
use FoxCorner\Core\Practice\Daily\DailyGroup;
use FoxCorner\Core\Practice\Need\MetNeed;
use FoxCorner\Core\Practice\Schedule\PracticeDay;
use FoxCorner\Core\Practice\Schedule\SolvedDay;
use FoxCorner\Core\Practice\Time\Block;
use FoxCorner\Core\Practice\Time\HelpTurn;
use FoxCorner\Core\Practice\Time\Round;
use FoxCorner\Core\Practice\Time\Turn;

/** A schedule as JSON has it. */
final class PracticeAnswer
{
    /** @return array<string, mixed> */
    public static function of(SolvedDay $solved, Helpers $helpers): array
    {
        $schedule = $solved->schedule;

        return [
            'blocks' => array_map(
                static fn(Block $block): array => [
                    'kind' => $block->kind->value,
                    'start' => $block->start,
                    'minutes' => $block->minutes,
                ],
                $schedule->time->blocks,
            ),
            'core' => array_map(self::core(...), $schedule->core->groups),
            'rounds' => array_map(
                static fn(Round $round, array $duties): array => self::round($round, $duties, $solved->ready->day),
                $schedule->rounds,
                $schedule->duties($helpers),
            ),
            'throws' => (object) $schedule->throws(),
            'sprints' => (object) $schedule->sprints(),
            'needs' => array_map(self::need(...), $schedule->needs),
            'worth' => round($schedule->objective, 4),
        ];
    }

    /** @return array<string, mixed> */
    private static function core(DailyGroup $group): array
    {
        return [
            'drill' => $group->drill->key,
            'name' => $group->drill->name,
            'minutes' => round($group->minutes, 1),
            'repetitions_each' => $group->reps,
            'players' => array_map(static fn(RosterPlayer $player): string => $player->id, $group->players),
        ];
    }

    /**
     * @param array<string, list<string>> $duties names of helpers by the drill's key
     *
     * @return array<string, mixed>
     */
    private static function round(Round $round, array $duties, PracticeDay $day): array
    {
        $stations = [];
        foreach ($round->stations() as $key => $turns) {
            [$drill, $size] = [$turns[0]->drill, \count($turns)];
            $stations[] = [
                'drill' => $key,
                'name' => $drill->name,
                'helpers' => $duties[$key],
                'receiver' => $turns[0]->receiver?->value,
                'groups' => (int) ceil($size / $drill->together($size)),
                'repetitions_each' => $turns[0]->reps,
                'step' => $drill->progression[$day->step($drill) ?? -1] ?? null,
                'players' => array_map(
                    static fn(Turn $turn): array => [
                        'id' => $turn->player->id,
                        'position' => $turn->position->value,
                        'skills' => array_map(
                            static fn($skill): string => $skill->value,
                            $drill->serves[$turn->position->value] ?? [],
                        ),
                    ],
                    $turns,
                ),
                'helping' => array_map(
                    static fn(HelpTurn $turn): array => ['id' => $turn->player->id, 'does' => $turn->does],
                    $round->helpingAt($key),
                ),
            ];
        }

        return [
            'start' => $round->block->start,
            'minutes' => $round->block->minutes,
            'stations' => $stations,
            'waiting' => array_map(
                static fn(RosterPlayer $player): array => ['id' => $player->id, 'why' => $round->whyWaits($player)],
                $round->idle,
            ),
        ];
    }

    /** @return array<string, mixed> */
    private static function need(MetNeed $met): array
    {
        return [
            'position' => $met->need->position->value,
            'what' => $met->need->what,
            'wanted' => $met->need->reps,
            'gained' => $met->gained,
            'lacks' => (object) $met->lacks,
            'why' => $met->binds,
        ];
    }
}
