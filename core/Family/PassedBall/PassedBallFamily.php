<?php

declare(strict_types=1);

namespace FoxCorner\Core\Family\PassedBall;

use FoxCorner\Core\Field\Base;
use FoxCorner\Core\Field\RuleSet;
use FoxCorner\Core\Game\Situation;
use FoxCorner\Core\Motion\Intercept;
use FoxCorner\Core\People\Position;
use FoxCorner\Core\Play\Ball\Possession;
use FoxCorner\Core\Play\Cast\RunnerMind;
use FoxCorner\Core\Play\Choice\OutPolicy;
use FoxCorner\Core\Play\Clock\Play;
use FoxCorner\Core\Play\Contract\FamilyGroup;
use FoxCorner\Core\Play\Contract\FamilyWords;
use FoxCorner\Core\Play\Contract\OfKinds;
use FoxCorner\Core\Play\Contract\PlayFamily;
use FoxCorner\Core\Play\Contract\TrialFields;
use FoxCorner\Core\Play\Fielded\FieldedPlay;
use FoxCorner\Core\Play\Scene\PlaySetting;
use FoxCorner\Core\Play\Scene\Scene;
use FoxCorner\Core\Play\Scheme\Coverage;
use FoxCorner\Core\Play\Scheme\Job;
use FoxCorner\Core\Play\Scheme\Trial;
use FoxCorner\Core\Play\Scheme\Verb;
use FoxCorner\Core\Skill\Skill;

/** A pitch gets away from the catcher with a runner on third: the pitcher has the plate. */
final readonly class PassedBallFamily implements PlayFamily
{
    use OfKinds;

    public const KEY = 'passed-ball';
    /** Pitches of a plate appearance; of those that the catcher has not at once, the share that gets away (ours). */
    private const PITCHES = 3.8;
    private const AWAY = 0.08;
    /** s besides his reaction until the catcher has found the ball and turned (ours). */
    private const FINDS = 0.3;

    public function key(): string
    {
        return self::KEY;
    }

    public function words(): FamilyWords
    {
        return FamilyWords::of('Passed balls', 'passed ball', 'passed balls')
            ->doing('finds the ball, and throws')
            ->in(FamilyGroup::runners())
            ->practising(Skill::LooseBall);
    }

    public function coverages(RuleSet $rules, Situation $situation): array
    {
        return PassedBallCoverages::for($situation->bases);
    }

    public function whyNot(RuleSet $rules, Situation $situation): string
    {
        return 'Nobody is on third: whoever is on takes the next base, and the ball comes back to the pitcher.';
    }

    public function branches(): array
    {
        return array_map(static fn(ToSide $side): mixed => $side->branch(), ToSide::cases());
    }

    public function tasks(): array
    {
        return [...Job::atEach(Verb::Cover), ...Job::atEach(Verb::BackUp)];
    }

    public function perPlateAppearance(Scene $scene): float
    {
        return self::PITCHES * (1 - $scene->level->running->handled) * self::AWAY;
    }

    public function policies(): array
    {
        return [OutPolicy::Numbers, OutPolicy::Plate];
    }

    public function trials(Scene $scene): array
    {
        $trials = [];
        foreach (Gone::cases() as $gone) {
            foreach (ToSide::cases() as $side) {
                $trials[] = PassedBallTrial::gone($gone, $side, $scene->rules);
            }
        }

        return $trials;
    }

    public function trialFields(): array
    {
        return ['gone', 'side'];
    }

    public function trial(array $fields, Scene $scene): PassedBallTrial
    {
        $typed = new TrialFields($fields);

        return PassedBallTrial::gone(
            $typed->oneOf('gone', Gone::class) ?? Gone::Past,
            $typed->oneOf('side', ToSide::class) ?? ToSide::Third,
            $scene->rules,
        );
    }

    /** The ball is a catcher's to find; runners go when they see it on the ground, and the batter stays. */
    public function against(Scene $scene, Coverage $coverage): \Closure
    {
        $setting = PlaySetting::runnersGoing($scene, static fn(Base $base): RunnerMind => RunnerMind::ReadsGround);

        return static function (Trial $trial) use ($setting, $coverage): Play {
            if (!$trial instanceof PassedBallTrial) {
                throw new \LogicException('“' . $trial->words() . '” is no passed ball.');
            }

            return new FieldedPlay(
                $setting,
                $coverage,
                $trial,
                $trial->ball,
                self::found($trial, $setting),
                'By the catcher',
                $trial->side->branch(),
            );
        };
    }

    private static function found(PassedBallTrial $trial, PlaySetting $setting): Possession
    {
        [$motion, $skills] = [$setting->level->motion, $setting->level->skills];
        $who = $setting->cast->at(Position::Catcher)->leaving($motion->infieldReaction + self::FINDS);
        $met = Intercept::of($who->start, $who->legs, $who->reaction, $motion->reach, $trial->ball);
        $seconds = $met->seconds ?? $who->secondsTo($trial->restsAt());

        return Possession::ofBall(
            $who,
            $met->point ?? $trial->restsAt(),
            $seconds,
            $trial->ball->speedAfter($seconds),
            $motion,
            $skills->perfect ? 0.0 : $skills->hands,
        );
    }
}
