<?php

declare(strict_types=1);

namespace FoxCorner\App\CommandLine\Question;

use FoxCorner\App\CommandLine\Input\Question;
use FoxCorner\App\CommandLine\Input\RunnersInput;
use FoxCorner\App\Shared\Json\Fields;
use FoxCorner\Core\Family\FirstThird\Choice;
use FoxCorner\Core\Family\FirstThird\FirstThirdRace;
use FoxCorner\Core\Family\FirstThird\GoesWhen;
use FoxCorner\Core\Family\FirstThird\Worth;
use FoxCorner\Core\Field\Base;
use FoxCorner\Core\Game\Bases;
use FoxCorner\Core\Motion\Speed;
use FoxCorner\Core\Play\Choice\AfterPlay;
use FoxCorner\Core\Play\Running\Leads;
use FoxCorner\Core\Play\Running\StealRules;
use FoxCorner\Core\Problem\Problem;
use FoxCorner\Core\Problem\Refused;

/** Runners on first and third, and the one of first goes: what each answer is worth. */
final readonly class FirstAndThirdQuestion implements Question
{
    public function answer(Fields $input): array
    {
        $asked = new RunnersInput($input);
        $state = $asked->state('R1R3-0', Base::First, Base::Third);
        if (Bases::FirstThird !== $state->situation->bases) {
            throw Refused::because('situation', 'second is occupied', 'R1R3 with 0, 1 or 2 outs');
        }
        $when = GoesWhen::from($input->text('when', GoesWhen::WithPitch->value));
        [$first, $third] = [self::lead($input, Base::First, $asked), self::lead($input, Base::Third, $asked)];
        $rule = StealRules::of(max($first, $third), $asked->rules);
        if (!$asked->rules->steals) {
            return ['legal' => false, 'why' => $rule->why, 'unit' => null, 'call' => null, 'schools' => []];
        }
        if ($when->needsLead() && !$asked->rules->leads->allowsLeads()) {
            throw Refused::because('when', 'nobody may leave before the pitch', 'with-pitch, fake-bunt, delayed');
        }
        $race = new FirstThirdRace(
            $asked->battery(),
            $asked->thief('first'),
            $first,
            $asked->thief('third'),
            $third,
            Speed::ofMph($input->number('infield_arm_mph', $asked->level->infieldArm)),
            $asked->rules,
            $asked->level,
            $when,
        );
        $cost = $asked->cost($state);
        $choice = Choice::of($race, new AfterPlay($cost, $state->situation), $state);

        return [
            'legal' => $rule->isLegal,
            'why' => $rule->why,
            'unit' => $cost->unit->value,
            'now' => round((new AfterPlay($cost, $state->situation))->now(), 4),
            'call' => $choice->best()->school->value,
            'run_must_not_score' => $choice->mustNotScore,
            'times' => [
                'second_tag_s' => round($race->tagAtSecond(), 3),
                'first_runner_s' => round($race->firstThere(), 3),
            ],
            'third_runner' => array_map(static fn(float $share): float => round($share, 3), $choice->third),
            'schools' => array_map(self::row(...), $choice->schools),
        ];
    }

    /** @return array<string, mixed> */
    private static function row(Worth $worth): array
    {
        return [
            'school' => $worth->school->value,
            'share' => round($worth->share, 3),
            'cost' => round($worth->cost, 4),
            'costs' => array_map(static fn(float $cost): float => round($cost, 4), $worth->costs),
            'out_at_second_chance' => round($worth->outAtSecond, 4),
            'out_at_home_chance' => round($worth->outAtHome, 4),
            'out_at_third_chance' => round($worth->outAtThird, 4),
            'run_chance' => round($worth->runScores, 4),
        ];
    }

    /** @throws Problem */
    private static function lead(Fields $input, Base $base, RunnersInput $asked): float
    {
        $usual = Leads::usual($base, $asked->rules);

        return Leads::check($input->within($base->word())->number('lead_ft', $usual), $base->word() . '.lead_ft');
    }
}
