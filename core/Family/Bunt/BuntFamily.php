<?php

declare(strict_types=1);

namespace FoxCorner\Core\Family\Bunt;

use FoxCorner\Core\Field\Base;
use FoxCorner\Core\Field\RuleSet;
use FoxCorner\Core\Game\BuntPoints;
use FoxCorner\Core\Game\IntentMix;
use FoxCorner\Core\Game\Outs;
use FoxCorner\Core\Game\Situation;
use FoxCorner\Core\People\Position;
use FoxCorner\Core\Play\Choice\OutPolicy;
use FoxCorner\Core\Play\Clock\Play;
use FoxCorner\Core\Play\Contract\FamilyWords;
use FoxCorner\Core\Play\Contract\HasSettings;
use FoxCorner\Core\Play\Contract\TrialFields;
use FoxCorner\Core\Play\Contract\WeighsOffence;
use FoxCorner\Core\Play\Scene\Scene;
use FoxCorner\Core\Play\Scheme\Branch;
use FoxCorner\Core\Play\Scheme\Coverage;
use FoxCorner\Core\Play\Scheme\Job;
use FoxCorner\Core\Play\Scheme\Trial;
use FoxCorner\Core\Problem\Unknown;

/** Bunts, wherever the rules allow them; with two out for a hit. */
final readonly class BuntFamily implements WeighsOffence, HasSettings
{
    public const KEY = 'bunt';

    /** Who can be sent to field a bunt. */
    private const FIELDERS = [
        Position::Pitcher,
        Position::Catcher,
        Position::FirstBase,
        Position::ThirdBase,
        Position::SecondBase,
        Position::Shortstop,
    ];
    /** Where a bunt rests when nobody says otherwise: degrees and feet. */
    private const USUAL = [0.0, 30.0];

    public function key(): string
    {
        return self::KEY;
    }

    public function settings(): string
    {
        return BuntPoints::class;
    }

    public function words(): FamilyWords
    {
        return FamilyWords::of('Bunts', 'bunt', 'bunts');
    }

    public function coverages(RuleSet $rules, Situation $situation): array
    {
        $all = $rules->bunts ? ShippedCoverages::for($situation->bases, $rules->sport) : [];

        return Outs::Two === $situation->outs ? ShippedCoverages::forAHit($all) : $all;
    }

    public function whyNot(RuleSet $rules, Situation $situation): string
    {
        return 'This rule set has no bunt.';
    }

    public function branches(): array
    {
        return array_map(Branch::fieldedBy(...), self::FIELDERS);
    }

    public function tasks(): array
    {
        return [
            ...array_map(Job::cover(...), Base::cases()),
            Job::turnBack(Base::Third),
            Job::turnBack(Base::First),
            Job::comeIn(Base::Second),
            Job::backUp(Base::First),
            Job::backUp(Base::Second),
            Job::backUp(Base::Third),
            Job::converge(),
        ];
    }

    public function perPlateAppearance(Scene $scene): float
    {
        return $scene->rules->bunts ? IntentMix::of($scene->state)->bunted() : 0.0;
    }

    public function isReadByOthers(): bool
    {
        return true;
    }

    public function policies(): array
    {
        return [OutPolicy::First, OutPolicy::Sure, OutPolicy::Lead, OutPolicy::Numbers];
    }

    public function trials(Scene $scene): array
    {
        // With two out nobody gives himself up: it is for a hit, and comes as a surprise.
        return BuntGrid::sample(
            $scene->rules,
            $scene->state->hasFewerThanTwoOuts() ? BuntKind::Sacrifice : BuntKind::Drag,
        );
    }

    public function rareTrials(Scene $scene): iterable
    {
        foreach (BuntKind::cases() as $kind) {
            foreach (BuntGrid::ground($scene->rules, $kind) as $placed) {
                yield $placed->trial;
            }
        }
    }

    public function spots(Scene $scene, Trial $like): array
    {
        return BuntGrid::ground($scene->rules, self::bunt($like)->kind);
    }

    public function trialFields(): array
    {
        return ['degrees', 'feet', 'kind'];
    }

    public function trial(array $fields, Scene $scene): BuntTrial
    {
        $kind = (string) ($fields['kind'] ?? BuntKind::Sacrifice->value);
        $typed = new TrialFields($fields);

        return BuntTrial::restingAt(
            $typed->numberOr('feet', self::USUAL[1]),
            $typed->numberOr('degrees', self::USUAL[0]),
            $scene->rules,
            Unknown::oneOf(BuntKind::class, $kind, 'kind'),
        );
    }

    public function against(Scene $scene, Coverage $coverage): \Closure
    {
        $bunted = [];
        // Runners who need not go decide by what it costs.
        $asked = Bunted::isChosen($scene) ? $scene->costing($scene->worth()) : $scene;

        return static function (Trial $trial) use ($asked, $coverage, &$bunted): Play {
            $bunt = self::bunt($trial);
            $bunted[$bunt->kind->value] ??= new Bunted($bunt->kind->setting($asked), $coverage, $bunt->kind);

            return $bunted[$bunt->kind->value]->play($bunt);
        };
    }

    public function offence(Scene $scene, Coverage $coverage, array $tried = []): array
    {
        return (new AgainstMix($scene, $coverage, $this->against($scene, $coverage), $tried))->lines($this->policies());
    }

    public function checks(): array
    {
        return [];
    }

    private static function bunt(Trial $trial): BuntTrial
    {
        return $trial instanceof BuntTrial
            ? $trial
            : throw new \LogicException('“' . $trial->words() . '” is no bunt.');
    }
}
