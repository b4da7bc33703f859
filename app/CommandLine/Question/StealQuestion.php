<?php

declare(strict_types=1);

namespace FoxCorner\App\CommandLine\Question;

use FoxCorner\App\CommandLine\Input\Question;
use FoxCorner\App\CommandLine\Input\RunnersInput;
use FoxCorner\App\Shared\Json\Fields;
use FoxCorner\Core\Field\Base;
use FoxCorner\Core\Play\Running\Alarm;
use FoxCorner\Core\Play\Running\Helps;
use FoxCorner\Core\Play\Running\Leads;
use FoxCorner\Core\Play\Running\StealKind;
use FoxCorner\Core\Play\Running\StealRace;
use FoxCorner\Core\Play\Running\StealRules;

/** One runner against one battery: who is there first, how often he is safe, and from which lead. */
final readonly class StealQuestion implements Question
{
    public function answer(Fields $input): array
    {
        $asked = new RunnersInput($input);
        $base = $asked->base();
        $kind = StealKind::from($input->text('kind', StealKind::Straight->value));
        $from = Base::from($base->value - 1);
        $lead = Leads::check($input->number('lead_ft', Leads::usual($from, $asked->rules)), 'lead_ft');
        $rule = StealRules::of($lead, $asked->rules);
        if (!$asked->rules->steals) {
            return self::none($rule);
        }
        $battery = $asked->battery();
        $race = StealRace::to($base, $battery, $asked->rules, $asked->level, $kind, $input->number('cover_s'));
        $thief = $asked->thief('runner');
        $wanted = $input->number('wanted_chance', Alarm::EVEN_CHANCE);
        $alarm = Alarm::of($from, $battery, $thief, $asked->fieldersLegs(), $asked->rules, $asked->level);

        return [
            'legal' => $rule->isLegal,
            'why' => $rule->why,
            'lead_ft' => round($lead, 2),
            'runner_s' => round($race->runner($thief, $lead), 4),
            'ball_s' => round($race->ball, 4),
            'tag_s' => round($race->out(), 4),
            'margin_s' => round($race->margin($thief, $lead), 4),
            'out_once_caught_chance' => round($race->outOnceCaught($thief, $lead), 4),
            'success_chance' => round($race->success($thief, $lead), 4),
            'alarm_line_ft' => self::feet($alarm->line($wanted)),
            'alarm_pick' => $alarm->kind?->value,
            'steal_line_ft' => self::feet($race->line($thief, $wanted)),
            'helps' => array_map(
                static fn(Helps $one): array => [
                    'what' => $one->what,
                    'margin_s' => round($one->margin, 4),
                    'success_chance' => round($one->success, 4),
                ],
                Helps::all($race, $battery, $thief, $lead, $asked->rules),
            ),
        ];
    }

    /** @return array<string, mixed> */
    private static function none(StealRules $rule): array
    {
        return [
            'legal' => false,
            'why' => $rule->why,
            ...array_fill_keys(
                [
                    'lead_ft',
                    'runner_s',
                    'ball_s',
                    'tag_s',
                    'margin_s',
                    'out_once_caught_chance',
                    'success_chance',
                    'alarm_line_ft',
                    'alarm_pick',
                    'steal_line_ft',
                ],
                null,
            ),
            'helps' => [],
        ];
    }

    private static function feet(?float $feet): ?float
    {
        return null === $feet ? null : round($feet, 2);
    }
}
