<?php

declare(strict_types=1);

namespace FoxCorner\App\CommandLine\Question;

use FoxCorner\App\CommandLine\Input\Question;
use FoxCorner\App\CommandLine\Input\RunnersInput;
use FoxCorner\App\Shared\Json\Fields;
use FoxCorner\Core\Motion\Giving;
use FoxCorner\Core\Play\Running\Leads;
use FoxCorner\Core\Play\Running\PickKind;
use FoxCorner\Core\Play\Running\PickRace;
use FoxCorner\Core\Play\Running\PickRules;
use FoxCorner\Core\Play\Running\Toll;

/** One throw behind a runner: whether it is allowed, how often it wins, and what it costs when it gets by. */
final readonly class PickQuestion implements Question
{
    public function answer(Fields $input): array
    {
        $asked = new RunnersInput($input);
        [$base, $kind] = [$asked->base(), PickKind::from($input->text('kind'))];
        $rule = PickRules::of($kind, $base, $asked->rules);
        $shared = ['legal' => true, 'offered' => $rule->isOpen, 'why' => $rule->why];
        if (!$rule->isOpen) {
            return $shared +
                array_fill_keys(
                    [
                        'lead_ft',
                        'runner_s',
                        'ball_s',
                        'cover_s',
                        'margin_s',
                        'out_chance',
                        'astray_chance',
                        'error_cost_runs',
                        'out_saves_runs',
                        'within_reach_ft',
                        'alarm_line_ft',
                    ],
                    null,
                );
        }
        $thief = $asked->thief('runner');
        $legs = $asked->fieldersLegs();
        $lead = Leads::check(
            $input->number('lead_ft', Leads::atThrow($kind, Leads::held($base, $asked->rules), $asked->rules)),
            'lead_ft',
        );
        $race = PickRace::of(
            $kind,
            $base,
            $asked->battery(),
            $input->within('fielder')->number('distance_ft'),
            $legs,
            $asked->rules,
            $asked->level,
            !($input->flag('sign') ?? true) && $kind->needsSign(),
        );
        $state = $asked->state('R' . $base->value . '-0', $base);
        $after = $asked->inRuns($state);
        $line = $race->line($thief, $input->number('wanted_chance', 0.5));

        return $shared + [
            'lead_ft' => round($lead, 2),
            'runner_s' => round($race->runner($thief, $lead), 4),
            'ball_s' => round($race->ball, 4),
            'cover_s' => round($race->cover, 4),
            'margin_s' => round($race->margin($thief, $lead), 4),
            'out_chance' => round($race->chance($thief, $lead), 4),
            'astray_chance' => round(Giving::PAST * $race->astray(), 4),
            'error_cost_runs' => round(
                (new Toll($after))->ofError(
                    $base,
                    Giving::PAST * $race->astray(),
                    $kind->isFromTheRubber(),
                    $input->flag('backed_up') ?? true,
                ),
                4,
            ),
            'out_saves_runs' => round($after->now() - $after->of([$base->value => null]), 4),
            'within_reach_ft' => round($race->withinReach($legs), 2),
            'alarm_line_ft' => null === $line ? null : round($line, 2),
        ];
    }
}
