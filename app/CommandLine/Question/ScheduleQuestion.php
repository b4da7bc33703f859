<?php

declare(strict_types=1);

namespace FoxCorner\App\CommandLine\Question;

use FoxCorner\App\CommandLine\Input\Question;
use FoxCorner\App\CommandLine\Input\ScheduleInput;
use FoxCorner\App\Shared\Json\Fields;
use FoxCorner\Core\Practice\Station\Diagnosis;
use FoxCorner\Core\Practice\Station\StationPlan;
use FoxCorner\Core\Practice\Station\StationPlayer;
use FoxCorner\Core\Practice\Station\StationSolver;

/** Fills rounds of stations. */
final readonly class ScheduleQuestion implements Question
{
    public function answer(Fields $input): array
    {
        $seed = (int) $input->number('seed', 1.0);
        $plan = StationSolver::solve(ScheduleInput::read($input), $seed);
        $step = $input->number('round_minutes', 8.0) + $input->number('rotation_minutes');
        $needs = $plan->problem->needs;
        $why = Diagnosis::why($plan);
        $met = array_keys(
            array_filter($needs, static fn(int $index): bool => $plan->isMet($index), \ARRAY_FILTER_USE_KEY),
        );
        $waysOut = true === $input->flag('ways_out') && [] !== $why ? Diagnosis::waysOut($plan, $seed) : [];

        return [
            'rounds' => array_map(
                static fn(int $round): array => self::round($plan, $round, $round * $step),
                array_keys($plan->rounds),
            ),
            'met' => array_map(static fn(int $index): string => $needs[$index]->id, $met),
            'unmet' => array_map(
                static fn(int $index): array => [
                    'id' => $needs[$index]->id,
                    'reps' => $needs[$index]->reps,
                    'gained' => $plan->gained[$index],
                    'why' => $why[$needs[$index]->id],
                ],
                array_values(array_diff(array_keys($needs), $met)),
            ),
            'objective' => round($plan->objective, 4),
            'ways_out' => array_map(
                static fn(string $change, float $gain): array => ['change' => $change, 'gain' => round($gain, 4)],
                array_keys($waysOut),
                $waysOut,
            ),
        ];
    }

    /** @return array<string, mixed> */
    private static function round(StationPlan $plan, int $round, float $start): array
    {
        $stations = [];
        foreach ($plan->rounds[$round] as $index => $group) {
            $each = $plan->problem->stations[$index]->repetitions(\count($group), $plan->problem->roundMinutes);
            $stations[] = [
                'station' => $plan->problem->stations[$index]->id,
                'repetitions_each' => $each,
                'players' => array_map(
                    static fn(int $player, int $position): array => [
                        'id' => $plan->problem->players[$player]->id,
                        'position' => $position,
                        'repetitions' => $each,
                    ],
                    array_keys($group),
                    $group,
                ),
            ];
        }

        return [
            'start' => $start,
            'minutes' => $plan->problem->roundMinutes,
            'stations' => $stations,
            'idle' => array_map(static fn(StationPlayer $player): string => $player->id, $plan->idle($round)),
        ];
    }
}
