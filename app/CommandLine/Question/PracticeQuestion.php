<?php

declare(strict_types=1);

namespace FoxCorner\App\CommandLine\Question;

use FoxCorner\App\CommandLine\Input\PracticeInput;
use FoxCorner\App\CommandLine\Input\Question;
use FoxCorner\App\Shared\Json\Fields;
use FoxCorner\Core\Field\ShippedRuleSets;
use FoxCorner\Core\Level\Level;
use FoxCorner\Core\Practice\Drill\Shipped\ShippedDrills;
use FoxCorner\Core\Practice\Need\FloorMet;
use FoxCorner\Core\Practice\Need\StandingDemand;
use FoxCorner\Core\Practice\Schedule\PracticeDay;
use FoxCorner\Core\Practice\Schedule\PracticeWeek;
use FoxCorner\Core\Practice\Schedule\Schedule;
use FoxCorner\Core\Practice\Schedule\Scheduler;
use FoxCorner\Core\Practice\Schedule\SolvedDay;
use FoxCorner\Core\Practice\Time\TimePlan;
use FoxCorner\Core\Practice\Time\TimeShape;

/** One practice or the practices of a week, from who comes to who does what when. */
final readonly class PracticeQuestion implements Question
{
    public function answer(Fields $input): array
    {
        $level = Level::from($input->text('level'));
        $rules = ShippedRuleSets::get($input->text('rule_set'));
        $players = PracticeInput::players($input);
        $means = PracticeInput::means($input);
        $ever = PracticeInput::drills();
        $before = PracticeInput::history($input, $players, $ever);
        $minutes = $input->whole('minutes', 0);
        $time = TimePlan::within($minutes, TimeShape::usual($minutes, true === $input->flag('hot')));
        $inDays = $input->has('in_days') ? array_values($input->numbers('in_days')) : [0.0];
        sort($inDays);
        $arms = PracticeInput::arms($input, $players, $level);
        $days = array_map(
            static fn(float $in): PracticeDay => PracticeDay::of(
                $rules,
                $level,
                $arms((int) floor($in)),
                $means,
                $time,
                $before,
                $ever,
            ),
            $inDays,
        );
        $week = new PracticeWeek($days, $inDays, $input->numberOrNull('game_in_days'));
        $demands = StandingDemand::of($rules);
        $solved = [];
        foreach ($week->search($before, $demands, ShippedDrills::all(), $input->whole('seed', 1)) as $best) {
            $solved = $best;
        }
        $floors = $week->floors($solved);
        $schedules = array_map(static fn(SolvedDay $day): Schedule => $day->schedule, $solved);

        return [
            'practices' => array_map(
                static fn(SolvedDay $one, int $index): array => [
                    'in_days' => $inDays[$index],
                    'is_light' => $week->isLight($index),
                    ...PracticeAnswer::of($one, $means->helpers),
                    ...true === $input->flag('bound')
                        ? ['bound' => round(Scheduler::bound($one->ready->request), 4)]
                        : [],
                ],
                $solved,
                array_keys($solved),
            ),
            'floors' => array_map(
                static fn(FloorMet $floor): array => [
                    'player' => $floor->player->id,
                    'work' => $floor->work->value,
                    'wanted' => $floor->wanted,
                    'had' => $floor->had,
                    'why' => $floor->had < $floor->wanted ? self::why($floor, $schedules) : '',
                ],
                $floors,
            ),
        ];
    }

    /**
     * What binds most in the last of the practices that asked for it.
     *
     * @param list<Schedule> $schedules
     */
    private static function why(FloorMet $floor, array $schedules): string
    {
        foreach (array_reverse($schedules) as $schedule) {
            foreach ($schedule->unmet() as $met) {
                if (
                    $met->need->what === $floor->work->label() &&
                    $met->need->position === $floor->player->positions[0]
                ) {
                    return $met->binds;
                }
            }
        }

        return 'No station of these gives it.';
    }
}
