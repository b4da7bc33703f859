<?php

declare(strict_types=1);

namespace FoxCorner\Core\Family\Steal;

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
use FoxCorner\Core\Play\Running\StealKind;
use FoxCorner\Core\Play\Scene\Scene;
use FoxCorner\Core\Play\Scheme\Coverage;
use FoxCorner\Core\Play\Scheme\Trial;

/** Steals: a runner goes, and nobody has hit the ball. */
final readonly class StealFamily implements PlayFamily
{
    use OfKinds;

    public const KEY = 'steal';

    public function key(): string
    {
        return self::KEY;
    }

    public function words(): FamilyWords
    {
        return FamilyWords::of('Steals', 'steal', 'steals')
            ->doing('pitches, or throws through')
            ->in(FamilyGroup::runners());
    }

    public function coverages(RuleSet $rules, Situation $situation): array
    {
        return $rules->steals ? StealCoverages::for($situation->bases, $rules) : [];
    }

    public function whyNot(RuleSet $rules, Situation $situation): string
    {
        return match (true) {
            !$rules->steals => 'These rules know no steal: the runner stays until the ball is hit.',
            Bases::FirstThird === $situation->bases => 'With runners on first and third it is a play of its own.',
            default => 'Nobody is on.',
        };
    }

    public function branches(): array
    {
        return BatterSide::branches();
    }

    public function tasks(): array
    {
        return StealCoverages::tasks();
    }

    public function perPlateAppearance(Scene $scene): float
    {
        return $scene->rules->steals ? Going::OFTEN : 0.0;
    }

    public function policies(): array
    {
        return [OutPolicy::Numbers, OutPolicy::Lead];
    }

    public function trials(Scene $scene): array
    {
        return array_map(static fn(StealKind $kind): StealTrial => StealTrial::going($kind), StealKind::cases());
    }

    public function trialFields(): array
    {
        return ['kind', 'lead'];
    }

    public function trial(array $fields, Scene $scene): StealTrial
    {
        $typed = new TrialFields($fields);

        return StealTrial::going(
            $typed->oneOf('kind', StealKind::class) ?? StealKind::Straight,
            $typed->number('lead'),
        );
    }

    public function against(Scene $scene, Coverage $coverage): \Closure
    {
        return static function (Trial $trial) use ($scene, $coverage): Play {
            if (!$trial instanceof StealTrial) {
                throw new \LogicException('“' . $trial->words() . '” is no steal.');
            }

            return new StealPlay($scene, $coverage, $trial);
        };
    }
}
