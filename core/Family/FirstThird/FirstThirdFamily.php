<?php

declare(strict_types=1);

namespace FoxCorner\Core\Family\FirstThird;

use FoxCorner\Core\Field\RuleSet;
use FoxCorner\Core\Game\Bases;
use FoxCorner\Core\Game\Situation;
use FoxCorner\Core\Play\Choice\OutPolicy;
use FoxCorner\Core\Play\Clock\Play;
use FoxCorner\Core\Play\Contract\FamilyGroup;
use FoxCorner\Core\Play\Contract\FamilyWords;
use FoxCorner\Core\Play\Contract\OfKinds;
use FoxCorner\Core\Play\Contract\PlayFamily;
use FoxCorner\Core\Play\Contract\TrialFields;
use FoxCorner\Core\Play\Running\BatterSide;
use FoxCorner\Core\Play\Running\Going;
use FoxCorner\Core\Play\Scene\Scene;
use FoxCorner\Core\Play\Scheme\Coverage;
use FoxCorner\Core\Play\Scheme\Trial;

/** Runners on first and third, and the one on first goes. */
final readonly class FirstThirdFamily implements PlayFamily
{
    use OfKinds;

    public const KEY = 'first-third';

    public function key(): string
    {
        return self::KEY;
    }

    public function words(): FamilyWords
    {
        return FamilyWords::of('First and third', 'first-and-third steal', 'first-and-third steals')
            ->doing('looks at third, then throws as called')
            ->in(FamilyGroup::runners());
    }

    public function coverages(RuleSet $rules, Situation $situation): array
    {
        return $rules->steals && Bases::FirstThird === $situation->bases ? FirstThirdCoverages::all() : [];
    }

    public function whyNot(RuleSet $rules, Situation $situation): string
    {
        return $rules->steals
            ? 'It needs runners on first and third, and second free.'
            : 'These rules know no steal: the runner stays until the ball is hit.';
    }

    public function branches(): array
    {
        return BatterSide::branches();
    }

    public function tasks(): array
    {
        return FirstThirdCoverages::tasks();
    }

    public function perPlateAppearance(Scene $scene): float
    {
        return $scene->rules->steals ? Going::OFTEN : 0.0;
    }

    public function policies(): array
    {
        return [OutPolicy::Numbers];
    }

    public function trials(Scene $scene): array
    {
        return array_map(
            static fn(GoesWhen $when): FirstThirdTrial => new FirstThirdTrial($when),
            self::open($scene->rules),
        );
    }

    /** @return non-empty-list<GoesWhen> in which a runner may go at all */
    public static function open(RuleSet $rules): array
    {
        $open = array_filter(
            GoesWhen::cases(),
            static fn(GoesWhen $when): bool => $rules->leads->allowsLeads() || !$when->needsLead(),
        );

        return [] === $open ? [GoesWhen::WithPitch] : array_values($open);
    }

    public function trialFields(): array
    {
        return ['when', 'third'];
    }

    public function trial(array $fields, Scene $scene): FirstThirdTrial
    {
        $typed = new TrialFields($fields);
        $when = $typed->oneOf('when', GoesWhen::class) ?? GoesWhen::WithPitch;

        return new FirstThirdTrial(
            \in_array($when, self::open($scene->rules), true) ? $when : GoesWhen::WithPitch,
            $typed->oneOf('third', ThirdRunner::class),
        );
    }

    public function against(Scene $scene, Coverage $coverage): \Closure
    {
        return static function (Trial $trial) use ($scene, $coverage): Play {
            if (!$trial instanceof FirstThirdTrial) {
                throw new \LogicException('“' . $trial->words() . '” is no first-and-third steal.');
            }

            return new FirstThirdPlay($scene, $coverage, $trial);
        };
    }
}
