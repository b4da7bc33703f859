<?php

declare(strict_types=1);

namespace FoxCorner\Core\Family\Outfield;

use FoxCorner\Core\Field\Point;
use FoxCorner\Core\Field\RuleSet;
use FoxCorner\Core\Game\Situation;
use FoxCorner\Core\Play\Ball\Reached;
use FoxCorner\Core\Play\Choice\Boldness;
use FoxCorner\Core\Play\Choice\OutPolicy;
use FoxCorner\Core\Play\Clock\Play;
use FoxCorner\Core\Play\Contract\FamilyWords;
use FoxCorner\Core\Play\Contract\PlayFamily;
use FoxCorner\Core\Play\Contract\TrialFields;
use FoxCorner\Core\Play\Scene\Scene;
use FoxCorner\Core\Play\Scheme\Coverage;
use FoxCorner\Core\Play\Scheme\Trial;
use FoxCorner\Core\Problem\Unknown;

/** Balls to the outfield: always, whoever is on. */
final readonly class OutfieldFamily implements PlayFamily
{
    public const KEY = 'outfield';

    public function key(): string
    {
        return self::KEY;
    }

    public function words(): FamilyWords
    {
        return FamilyWords::of('Outfield', 'ball to the outfield', 'balls to the outfield')->doing('goes for the ball');
    }

    public function coverages(RuleSet $rules, Situation $situation): array
    {
        return OutfieldCoverages::for($situation->bases, $rules);
    }

    public function whyNot(RuleSet $rules, Situation $situation): string
    {
        return 'Balls are hit to the outfield in every situation.';
    }

    public function branches(): array
    {
        return OutfieldCoverages::branches();
    }

    public function tasks(): array
    {
        return OutfieldCoverages::tasks();
    }

    public function perPlateAppearance(Scene $scene): float
    {
        return $scene->level->rates->toTheOutfield($scene->level->advancement()->groundShare);
    }

    public function isReadByOthers(): bool
    {
        return false;
    }

    public function policies(): array
    {
        return [OutPolicy::Numbers, OutPolicy::Lead];
    }

    public function trials(Scene $scene): array
    {
        return TwelveBalls::of($scene->rules);
    }

    public function rareTrials(Scene $scene): iterable
    {
        $balls = SixtyBalls::of($scene->rules);
        yield from $balls;
        foreach ([Reached::OffFence, Reached::BackTurned] as $reached) {
            foreach ($balls as $ball) {
                yield OutfieldTrial::near($ball->to, $ball->flight, $scene->rules, $reached);
            }
        }
    }

    public function spots(Scene $scene, Trial $like): array
    {
        return [];
    }

    public function trialFields(): array
    {
        return ['x', 'y', 'flight', 'reached', 'boldness'];
    }

    public function trial(array $fields, Scene $scene): OutfieldTrial
    {
        $usual = self::usual($scene->rules);
        $typed = new TrialFields($fields);
        $feet = static fn(string $name, float $else): float => $typed->numberOr($name, $else, 'feet, a number');
        $flight = (string) ($fields['flight'] ?? Flight::Ground->value);
        $reached = (string) ($fields['reached'] ?? '');
        $boldness = (string) ($fields['boldness'] ?? Boldness::Ordinary->value);

        return OutfieldTrial::hit(
            Point::of($feet('x', $usual->x), $feet('y', $usual->y)),
            Unknown::oneOf(Flight::class, $flight, 'flight'),
            $scene->rules,
            '' === $reached ? null : Unknown::oneOf(Reached::class, $reached, 'reached'),
            Unknown::oneOf(Boldness::class, $boldness, 'boldness'),
        );
    }

    /** Where one goes when nobody says otherwise: through the left side, three quarters out to the fence. */
    public static function usual(RuleSet $rules): Point
    {
        $point = Point::polar(0.85 * $rules->fence->distanceAt(-20.0), -20.0);

        return Point::of(round($point->x), round($point->y));
    }

    public function against(Scene $scene, Coverage $coverage): \Closure
    {
        $defence = new OutfieldDefence($scene, $coverage);

        return static function (Trial $trial) use ($defence): Play {
            if (!$trial instanceof OutfieldTrial) {
                throw new \LogicException('“' . $trial->words() . '” is no ball to the outfield.');
            }

            return $defence->play($trial);
        };
    }

    public function checks(): array
    {
        return [];
    }
}
