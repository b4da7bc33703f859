<?php

declare(strict_types=1);

namespace FoxCorner\Tests\Core\Golden;

use FoxCorner\Core\Field\Base;
use FoxCorner\Core\Field\Point;
use FoxCorner\Core\Known\LevelFigures;
use FoxCorner\Core\Level\Level;
use FoxCorner\Core\Level\LevelShares;
use FoxCorner\Core\Motion\Speed;
use FoxCorner\Core\People\Hand;
use FoxCorner\Core\People\Position;
use FoxCorner\Core\Play\Clock\PlaySetting;
use FoxCorner\Core\Play\Clock\ThrowOption;
use FoxCorner\Core\Play\Fielding\GroundSetting;
use FoxCorner\Core\Play\GroundBall\CaughtLiner;
use FoxCorner\Core\Play\GroundBall\FeedChoice;
use FoxCorner\Core\Play\GroundBall\GroundBallTrial;
use FoxCorner\Core\Play\GroundBall\GroundCoverages;
use FoxCorner\Core\Play\GroundBall\GroundDefence;
use FoxCorner\Core\Play\GroundBall\Hop;
use FoxCorner\Core\Play\GroundBall\HowHard;
use FoxCorner\Core\Play\GroundBall\HowNear;
use FoxCorner\Core\Play\GroundBall\HowSure;
use FoxCorner\Core\Play\GroundBall\TwoOrOne;
use FoxCorner\Core\Play\Worth\OutPolicy;
use FoxCorner\Tests\Core\Teams;

/** Ground balls on the clock, when two are on, and feeds. */
final class GroundBallFigures implements Figures
{
    public static function all(): iterable
    {
        foreach (Level::cases() as $level) {
            $profile = $level->profile();
            yield "profile/$level->value" => [
                $profile->homeToFirst,
                $profile->scatter,
                $profile->legs,
                $profile->groundBallSpeed,
                $profile->leftShare,
                $profile->skills,
                $profile->motion,
                LevelShares::advancement($level),
            ];
        }
        $cases = [
            [Level::Pro, 'R1-0', OutPolicy::Numbers],
            [Level::HighSchool, 'R1R3-1', OutPolicy::Two],
            [Level::Youth13, 'R1R2-0', OutPolicy::Sure],
            [Level::Youth10, 'none-2', OutPolicy::First],
            [Level::FastpitchCollege, 'R3-1', OutPolicy::Plate],
            [Level::Fastpitch12, 'loaded-0', OutPolicy::Lead],
        ];
        foreach ($cases as [$level, $situation, $policy]) {
            yield from self::plays($level, $situation, $policy);
        }
        $plan = (new LevelFigures(Level::HighSchool))->plan('R1-1');
        $setting = GroundSetting::of($plan->state, $plan->level, $plan->cast, Teams::cost(Level::HighSchool));
        foreach ([4, 5, 6] as $starter) {
            yield "two-or-one/$starter" => TwoOrOne::of($setting, $starter)->chart([55, 70, 85], [4.2, 4.6, 5.0]);
        }
        yield from self::feeds();
        yield from self::reads(Level::HighSchool, 'R1R2-0');
        yield from self::reads(Level::Fastpitch16, 'R1R3-1');
    }

    /** @return iterable<string, mixed> what is hard, near and sure, and line drives */
    private static function reads(Level $level, string $situation): iterable
    {
        $plan = (new LevelFigures($level))->plan($situation);
        $cost = Teams::cost($level);
        $setting = PlaySetting::of($plan->state, $plan->level, $plan->cast, OutPolicy::Numbers, $cost);
        $coverage = GroundCoverages::for($plan->state->situation->bases, $plan->state->rules->sport)[0];
        $liners = CaughtLiner::all($setting, $coverage);
        yield "reads/$level->value/$situation" => [
            HowHard::all($setting, $coverage),
            HowNear::all($setting, $coverage),
            HowSure::all(GroundSetting::of($plan->state, $plan->level, $plan->cast, $cost)->aims),
            array_map(
                static fn(CaughtLiner $one): array => array_map(
                    static fn(Base $base): array => [$one->isAlone($base), $one->waiting($base), $one->gone($base)],
                    $one->runners(),
                ),
                $liners,
            ),
            array_map(
                static fn(CaughtLiner $one): array => [
                    $one->both($one->runners()[0], $one->runners()[1]),
                    $one->both($one->runners()[1], $one->runners()[0]),
                ],
                $liners,
            ),
        ];
    }

    /** @return iterable<string, mixed> */
    private static function plays(Level $level, string $situation, OutPolicy $policy): iterable
    {
        $plan = (new LevelFigures($level))->plan($situation);
        $rules = $plan->state->rules;
        $setting = PlaySetting::of($plan->state, $plan->level, $plan->cast, $policy, Teams::cost($level));
        $coverage = GroundCoverages::for($plan->state->situation->bases, $rules->sport)[0];
        foreach ([[-40, 0.5], [-19, 0.95], [-4, 0.8], [14, 1.1], [34, 0.7]] as [$degrees, $speed]) {
            $trial = GroundBallTrial::hit($degrees, $speed * $rules->basePath, $rules, Hop::True);
            $play = GroundDefence::of($setting, $coverage)->play($trial);
            $timeline = $play->timeline();
            $comes = $play->fielding->comes;
            yield "play/$level->value/$situation/$degrees" => [
                $timeline->fieldedBy(),
                $timeline->fieldedAt(),
                array_map(static fn($leg): ThrowOption => $leg->made, $timeline->legs),
                $timeline->options(),
                [$comes->out, $comes->two, $comes->lead, $comes->error, $comes->hit, $comes->past, $comes->cost],
                array_map(static fn($move): float => $move->there(), $timeline->moves),
            ];
        }
    }

    /** @return iterable<string, mixed> */
    private static function feeds(): iterable
    {
        foreach (
            [[6, -9, 121], [6, -28, 118], [4, 12, 121], [4, 30, 119], [3, 52, 75], [1, 2, 58]] as [$number, $x, $y]
        ) {
            $plan = (new LevelFigures(Level::College))->plan('R1-0');
            $who = $plan->cast->at(Position::from($number));
            foreach (Hand::cases() as $hand) {
                yield "feed/$number/$x/$hand->value" => FeedChoice::all(
                    $who->position,
                    $hand,
                    Point::of($x, $y),
                    Base::Second,
                    $plan->state->rules->diamond(),
                    $plan->state->rules->sport,
                    $plan->level,
                    Speed::ofMph(78),
                    $who->legs,
                );
            }
        }
    }
}
