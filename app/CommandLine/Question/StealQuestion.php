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
use FoxCorner\Core\Problem\Missing;
use FoxCorner\Core\Problem\Problem;
use FoxCorner\Core\Problem\Refused;

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
        $race = self::race($input, $asked, $kind);
        $thief = $asked->thief('runner');
        $wanted = $input->number('wanted_chance', Alarm::EVEN_CHANCE);
        $alarm = Alarm::of($from, $battery, $thief, $thief->legs, $asked->rules, $asked->level);

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

    /**
     * With whoever takes the throw there by a time that is given, or running from where he stands.
     *
     * @throws Problem when both say it, or he has legs and nowhere to run from
     */
    private static function race(Fields $input, RunnersInput $asked, StealKind $kind): StealRace
    {
        [$base, $fielder] = [$asked->base(), $input->within('fielder')];
        $race = StealRace::to($base, $asked->battery(), $asked->rules, $asked->level, $kind, $input->number('cover_s'));
        if ([] === $fielder->all()) {
            return $race;
        }
        if ($input->has('cover_s')) {
            throw Refused::because('fielder', 'cover_s says already when he is there', 'one of fielder and cover_s');
        }
        if (!$fielder->has('distance_ft')) {
            throw Missing::at('fielder.distance_ft', 'feet from the bag before he breaks, 0 to 120');
        }

        return $race->coveredFrom($fielder->number('distance_ft'), $asked->fieldersLegs());
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
