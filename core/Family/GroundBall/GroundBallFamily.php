<?php

declare(strict_types=1);

namespace FoxCorner\Core\Family\GroundBall;

use FoxCorner\Core\Field\Base;
use FoxCorner\Core\Field\RuleSet;
use FoxCorner\Core\Game\Situation;
use FoxCorner\Core\People\Position;
use FoxCorner\Core\Play\Choice\OutPolicy;
use FoxCorner\Core\Play\Clock\Play;
use FoxCorner\Core\Play\Contract\FamilyWords;
use FoxCorner\Core\Play\Contract\PlayFamily;
use FoxCorner\Core\Play\Contract\TrialFields;
use FoxCorner\Core\Play\Scene\Scene;
use FoxCorner\Core\Play\Scheme\Branch;
use FoxCorner\Core\Play\Scheme\Coverage;
use FoxCorner\Core\Play\Scheme\Job;
use FoxCorner\Core\Play\Scheme\Trial;
use FoxCorner\Core\Problem\Unknown;
use FoxCorner\Core\Skill\Skill;

/** Ground balls: always, whoever is on. */
final readonly class GroundBallFamily implements PlayFamily
{
    public const KEY = 'ground-ball';

    /** Where ground balls go when a coverage is tried: at each infielder and between, degrees. */
    private const DIRECTIONS = [-33.0, -18.0, 0.0, 18.0, 33.0];
    /** Of an ordinary one's speed: from dead in front of the plate to the hardest. */
    private const RARE_SPEEDS = [0.15, 0.3, 0.5, 0.75, 1.0, 1.4];
    /** Where one goes when nobody says otherwise: toward short. */
    public const USUAL = -18.0;

    public function key(): string
    {
        return self::KEY;
    }

    public function words(): FamilyWords
    {
        return FamilyWords::of('Ground balls', 'ground ball', 'ground balls')
            ->doing('plays the ball')
            ->practising(Skill::GroundBall);
    }

    public function coverages(RuleSet $rules, Situation $situation): array
    {
        return GroundCoverages::for($situation->bases, $rules->sport);
    }

    public function whyNot(RuleSet $rules, Situation $situation): string
    {
        return 'Ground balls are hit in every situation.';
    }

    public function branches(): array
    {
        return array_map(Branch::fieldedBy(...), Position::INFIELD);
    }

    public function tasks(): array
    {
        return [
            ...array_map(Job::cover(...), Base::cases()),
            ...array_map(Job::backUp(...), Base::cases()),
            Job::comeIn(Base::Third),
            Job::converge(),
        ];
    }

    public function perPlateAppearance(Scene $scene): float
    {
        return $scene->level->rates->onTheGround($scene->level->advancement()->groundShare);
    }

    public function isReadByOthers(): bool
    {
        return false;
    }

    public function policies(): array
    {
        return OutPolicy::cases();
    }

    public function trials(Scene $scene): array
    {
        $trials = [];
        foreach (self::DIRECTIONS as $degrees) {
            foreach (ResultTable::KINDS as $speed) {
                $trials[] = GroundBallTrial::hit(
                    $degrees,
                    round($speed * $scene->level->groundBallSpeed),
                    $scene->rules,
                );
            }
        }

        return $trials;
    }

    public function rareTrials(Scene $scene): iterable
    {
        $usual = $scene->level->groundBallSpeed;
        foreach (range(-44.0, 44.0, 4.0) as $degrees) {
            foreach (self::RARE_SPEEDS as $share) {
                $mph = max(GroundBallTrial::SLOWEST, round($share * $usual));
                yield GroundBallTrial::hit($degrees, $mph, $scene->rules);
            }
        }
    }

    public function spots(Scene $scene, Trial $like): array
    {
        return [];
    }

    public function trialFields(): array
    {
        return ['degrees', 'mph', 'hop'];
    }

    public function trial(array $fields, Scene $scene): GroundBallTrial
    {
        $typed = new TrialFields($fields);
        $hop = (string) ($fields['hop'] ?? Hop::True->value);

        return GroundBallTrial::hit(
            $typed->numberOr('degrees', self::USUAL),
            $typed->numberOr('mph', $scene->level->groundBallSpeed),
            $scene->rules,
            Unknown::oneOf(Hop::class, $hop, 'hop'),
        );
    }

    public function against(Scene $scene, Coverage $coverage): \Closure
    {
        $defence = GroundDefence::of($scene, $coverage);

        return static function (Trial $trial) use ($defence): Play {
            if (!$trial instanceof GroundBallTrial) {
                throw new \LogicException('“' . $trial->words() . '” is no ground ball.');
            }

            return $defence->play($trial);
        };
    }

    public function checks(): array
    {
        return [];
    }
}
