<?php

declare(strict_types=1);

namespace FoxCorner\Core\Family\Pickoff;

use FoxCorner\Core\Field\Base;
use FoxCorner\Core\Field\LeadRule;
use FoxCorner\Core\Field\RuleSet;
use FoxCorner\Core\Game\Situation;
use FoxCorner\Core\Play\Choice\OutPolicy;
use FoxCorner\Core\Play\Clock\Play;
use FoxCorner\Core\Play\Contract\BeginsEmpty;
use FoxCorner\Core\Play\Contract\FamilyGroup;
use FoxCorner\Core\Play\Contract\FamilyWords;
use FoxCorner\Core\Play\Contract\OfKinds;
use FoxCorner\Core\Play\Contract\TrialFields;
use FoxCorner\Core\Play\Running\PickKind;
use FoxCorner\Core\Play\Scene\Scene;
use FoxCorner\Core\Play\Scheme\Coverage;
use FoxCorner\Core\Play\Scheme\Trial;
use FoxCorner\Core\Problem\Unknown;

/** Throws behind a runner who is off his base: by the pitcher where leads are allowed, by the catcher elsewhere too. */
final readonly class PickoffFamily implements BeginsEmpty
{
    use OfKinds;

    public const KEY = 'pick';
    /** Throws to a base in a plate appearance with a runner on, by pitchers; by catchers where nobody leads (ours). */
    private const EACH = 0.15;
    private const EACH_CATCHERS = 0.02;

    public function key(): string
    {
        return self::KEY;
    }

    public function words(): FamilyWords
    {
        return FamilyWords::of('Picks', 'pick', 'picks')->doing('throws behind him')->in(FamilyGroup::runners());
    }

    public function coverages(RuleSet $rules, Situation $situation): array
    {
        return HoldCoverages::for($situation->bases, $rules);
    }

    public function whyNot(RuleSet $rules, Situation $situation): string
    {
        return LeadRule::Never === $rules->leads
            ? 'The runner stays until the ball is hit: nobody is off a base while it is held.'
            : 'Nobody is on.';
    }

    public function branches(): array
    {
        return HoldCoverages::branches();
    }

    public function tasks(): array
    {
        return HoldCoverages::tasks();
    }

    public function perPlateAppearance(Scene $scene): float
    {
        return $scene->rules->leads->allowsLeads() ? self::EACH : self::EACH_CATCHERS;
    }

    public function policies(): array
    {
        return [OutPolicy::Numbers];
    }

    public function trials(Scene $scene): array
    {
        $open = Picks::open($scene->situation->bases, $scene->rules);

        return [] === $open ? [PickTrial::thrown(PickKind::CatcherBehind, Base::First)] : $open;
    }

    public function trialFields(): array
    {
        return ['kind', 'base', 'lead', 'sign', 'used'];
    }

    public function trial(array $fields, Scene $scene): PickTrial
    {
        $typed = new TrialFields($fields);
        $leads = $scene->rules->leads->allowsLeads();
        $kind = $typed->oneOf('kind', PickKind::class) ?? ($leads ? PickKind::Quick : PickKind::CatcherBehind);

        return PickTrial::thrown(
            $kind,
            self::base($typed->text('base')) ?? $kind->bases()[0],
            $typed->number('lead'),
            isset($fields['sign']) ? $typed->text('sign') : null,
            (int) ($typed->number('used') ?? 0),
        );
    }

    public function against(Scene $scene, Coverage $coverage): \Closure
    {
        return static function (Trial $trial) use ($scene, $coverage): Play {
            if (!$trial instanceof PickTrial) {
                throw new \LogicException('“' . $trial->words() . '” is no pick.');
            }
            $arises = Picks::near($trial, $scene->situation->bases, $scene->rules);

            return new PickPlay($scene, $coverage, $arises ?? throw new \LogicException('Nobody is on.'));
        };
    }

    public function checks(): array
    {
        return [new SurprisedPitcher(), new NobodyBehindPick(), new WornOut()];
    }

    private static function base(string $word): ?Base
    {
        return '' === $word ? null : Base::ofWord($word) ?? throw Unknown::notOneOf('base', $word, Base::words());
    }
}
