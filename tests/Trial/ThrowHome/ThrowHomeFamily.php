<?php

declare(strict_types=1);

namespace FoxCorner\Tests\Trial\ThrowHome;

use FoxCorner\Core\Field\Base;
use FoxCorner\Core\Field\RuleSet;
use FoxCorner\Core\Game\Bases;
use FoxCorner\Core\Game\Situation;
use FoxCorner\Core\People\Position;
use FoxCorner\Core\Play\Choice\OutPolicy;
use FoxCorner\Core\Play\Clock\Play;
use FoxCorner\Core\Play\Contract\FamilyGroup;
use FoxCorner\Core\Play\Contract\FamilyWords;
use FoxCorner\Core\Play\Contract\PlayFamily;
use FoxCorner\Core\Play\Scene\Scene;
use FoxCorner\Core\Play\Scheme\Branch;
use FoxCorner\Core\Play\Scheme\Coverage;
use FoxCorner\Core\Play\Scheme\CoverageLine;
use FoxCorner\Core\Play\Scheme\Job;
use FoxCorner\Core\Play\Scheme\Trial;

/** Nothing but a throw home: what a family of plays costs, and proof that nothing else has to know of it. */
final readonly class ThrowHomeFamily implements PlayFamily
{
    private const INFIELD = [
        Position::Pitcher,
        Position::FirstBase,
        Position::SecondBase,
        Position::ThirdBase,
        Position::Shortstop,
    ];

    public function __construct(private ?FamilyGroup $group = null) {}

    public function key(): string
    {
        return 'throw-home';
    }

    public function words(): FamilyWords
    {
        $words = FamilyWords::of('Throws home', 'throw home', 'throws home');

        return null === $this->group ? $words : $words->in($this->group);
    }

    public function coverages(RuleSet $rules, Situation $situation): array
    {
        if (!$situation->bases->has(Base::Third)) {
            return [];
        }

        // In the second one nobody is at home: the audit has something to say.
        return [$this->coverage('stay', Job::cover(Base::Home)), $this->coverage('away', Job::backUp(Base::First))];
    }

    public function whyNot(RuleSet $rules, Situation $situation): string
    {
        return 'Nobody is on third.';
    }

    public function branches(): array
    {
        return array_map(Branch::fieldedBy(...), self::INFIELD);
    }

    public function tasks(): array
    {
        return [Job::cover(Base::Home), Job::backUp(Base::First)];
    }

    public function perPlateAppearance(Scene $scene): float
    {
        return 0.01;
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
        return array_map(static fn(Position $who): Trial => new ThrowHomeTrial($who), self::INFIELD);
    }

    public function rareTrials(Scene $scene): iterable
    {
        return [];
    }

    public function spots(Scene $scene, Trial $like): array
    {
        return [];
    }

    public function trialFields(): array
    {
        return ['who'];
    }

    public function trial(array $fields, Scene $scene): Trial
    {
        return new ThrowHomeTrial(Position::ofNumber((int) ($fields['who'] ?? 1)));
    }

    public function against(Scene $scene, Coverage $coverage): \Closure
    {
        return static function (Trial $trial) use ($scene, $coverage): Play {
            if (!$trial instanceof ThrowHomeTrial) {
                throw new \LogicException('This is no throw home.');
            }

            return new ThrowHomePlay($scene, $coverage, $trial);
        };
    }

    public function checks(): array
    {
        return [];
    }

    private function coverage(string $key, Job $catcher): Coverage
    {
        return new Coverage(
            $key,
            'Catcher ' . $key,
            ucfirst($key),
            'What the catcher does is all there is to it.',
            array_values(array_filter(Bases::cases(), static fn(Bases $bases): bool => $bases->has(Base::Third))),
            self::INFIELD,
            [
                CoverageLine::always(Position::Catcher, $catcher),
                CoverageLine::always(Position::Pitcher, Job::backUp(Base::Home)),
                CoverageLine::always(Position::FirstBase, Job::cover(Base::First)),
                CoverageLine::always(Position::SecondBase, Job::cover(Base::Second)),
                CoverageLine::always(Position::ThirdBase, Job::cover(Base::Third)),
                CoverageLine::always(Position::Shortstop, Job::backUp(Base::Second)),
                CoverageLine::always(Position::LeftField, Job::backUp(Base::Third)),
                CoverageLine::always(Position::CenterField, Job::backUp(Base::Second)),
                CoverageLine::always(Position::RightField, Job::backUp(Base::First)),
            ],
        );
    }
}
