<?php

declare(strict_types=1);

namespace FoxCorner\Core\Family\Rundown;

use FoxCorner\Core\Field\Base;
use FoxCorner\Core\Field\RuleSet;
use FoxCorner\Core\Game\Situation;
use FoxCorner\Core\Play\Choice\OutPolicy;
use FoxCorner\Core\Play\Clock\CaughtBetween;
use FoxCorner\Core\Play\Clock\Play;
use FoxCorner\Core\Play\Contract\FamilyGroup;
use FoxCorner\Core\Play\Contract\FamilyWords;
use FoxCorner\Core\Play\Contract\OfKinds;
use FoxCorner\Core\Play\Contract\TakesOver;
use FoxCorner\Core\Play\Contract\TrialFields;
use FoxCorner\Core\Play\Scene\Scene;
use FoxCorner\Core\Play\Scheme\Coverage;
use FoxCorner\Core\Play\Scheme\Trial;
use FoxCorner\Core\Problem\Refused;

/** A runner caught between two bases. */
final readonly class RundownFamily implements TakesOver
{
    use OfKinds;

    public const KEY = 'rundown';
    /** Of plate appearances with a runner on (ours). */
    private const EACH = 0.006;
    private const BASES = ['first' => Base::First, 'second' => Base::Second, 'third' => Base::Third];

    public function key(): string
    {
        return self::KEY;
    }

    public function words(): FamilyWords
    {
        return FamilyWords::of('Rundowns', 'rundown', 'rundowns')->doing('runs at him')->in(FamilyGroup::runners());
    }

    public function coverages(RuleSet $rules, Situation $situation): array
    {
        return RundownCoverages::for($situation->bases);
    }

    public function whyNot(RuleSet $rules, Situation $situation): string
    {
        return 'Nobody is on.';
    }

    public function branches(): array
    {
        return RundownCoverages::branches();
    }

    public function tasks(): array
    {
        return RundownCoverages::tasks();
    }

    public function perPlateAppearance(Scene $scene): float
    {
        return self::EACH;
    }

    public function policies(): array
    {
        return [OutPolicy::Numbers];
    }

    public function trials(Scene $scene): array
    {
        $trials = [];
        foreach ($scene->situation->bases->occupied() as $base) {
            $trials[] = RundownTrial::caught($base);
            $trials[] = RundownTrial::caught($base, isBehind: true);
        }

        return [] === $trials ? [RundownTrial::caught()] : $trials;
    }

    public function trialFields(): array
    {
        return ['from', 'off', 'gap', 'ball'];
    }

    public function trial(array $fields, Scene $scene): RundownTrial
    {
        $typed = new TrialFields($fields);
        $from = $typed->text('from');
        $ball = $typed->text('ball');
        if (!\in_array($ball, ['', 'behind', 'in-front'], true)) {
            throw Refused::because('ball', "“{$ball}” is no side of the runner", 'behind, in-front');
        }
        $off = $typed->number('off');

        return RundownTrial::caught(
            '' === $from
                ? null
                : self::BASES[$from] ??
                    throw Refused::because('from', "“{$from}” is no base to come from", 'first, second, third'),
            null === $off ? null : min($off, $scene->rules->basePath - 1.0),
            $typed->number('gap'),
            'behind' === $ball,
        );
    }

    public function after(CaughtBetween $caught): RundownTrial
    {
        return RundownTrial::caught(
            $caught->from,
            round(max(6.0, $caught->off)),
            round(max(1.0, $caught->gap)),
            $caught->isBehind,
        );
    }

    public function against(Scene $scene, Coverage $coverage): \Closure
    {
        return static function (Trial $trial) use ($scene, $coverage): Play {
            if (!$trial instanceof RundownTrial) {
                throw new \LogicException('“' . $trial->words() . '” is no rundown.');
            }

            return new RundownPlay($scene, $coverage, $trial);
        };
    }

    public function checks(): array
    {
        return [new NobodyFills()];
    }
}
