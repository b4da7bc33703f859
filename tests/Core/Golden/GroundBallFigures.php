<?php

declare(strict_types=1);

namespace FoxCorner\Tests\Core\Golden;

use FoxCorner\Core\Family\GroundBall\Afterwards;
use FoxCorner\Core\Family\GroundBall\CaughtLiner;
use FoxCorner\Core\Family\GroundBall\FeedChoice;
use FoxCorner\Core\Family\GroundBall\GroundBallTrial;
use FoxCorner\Core\Family\GroundBall\GroundCoverages;
use FoxCorner\Core\Family\GroundBall\GroundDefence;
use FoxCorner\Core\Family\GroundBall\Hop;
use FoxCorner\Core\Family\GroundBall\HowHard;
use FoxCorner\Core\Family\GroundBall\HowNear;
use FoxCorner\Core\Family\GroundBall\HowSure;
use FoxCorner\Core\Family\GroundBall\Pivot;
use FoxCorner\Core\Family\GroundBall\PivotKind;
use FoxCorner\Core\Family\GroundBall\ResultTable;
use FoxCorner\Core\Family\GroundBall\Starter;
use FoxCorner\Core\Family\GroundBall\TwoOrOne;
use FoxCorner\Core\Field\Base;
use FoxCorner\Core\Field\Point;
use FoxCorner\Core\Field\Sport;
use FoxCorner\Core\Known\LevelFigures;
use FoxCorner\Core\Level\Level;
use FoxCorner\Core\Level\LevelShares;
use FoxCorner\Core\Motion\Speed;
use FoxCorner\Core\People\Hand;
use FoxCorner\Core\People\Position;
use FoxCorner\Core\Play\Choice\OutPolicy;
use FoxCorner\Core\Play\Choice\ThrowOption;
use FoxCorner\Core\Play\Grid\GroundSetting;
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
        $setting = GroundSetting::of($plan->scene(Teams::cost(Level::HighSchool)));
        foreach ([4, 5, 6] as $starter) {
            yield "two-or-one/$starter" => TwoOrOne::of($setting, $starter)->chart([55, 70, 85], [4.2, 4.6, 5.0]);
        }
        yield from self::feeds();
        yield from self::reads(Level::HighSchool, 'R1R2-0');
        yield from self::more();
        yield from self::reads(Level::Fastpitch16, 'R1R3-1');
    }

    /** @return iterable<string, mixed> words, feet, results, balls that are hit through and that hop */
    private static function more(): iterable
    {
        foreach ([-45, -40, -39, -28, -27, -23, -22, -9, -8, 8, 9, 22, 23, 29, 30, 39, 40] as $degrees) {
            yield "toward/$degrees" => GroundBallTrial::toward($degrees);
        }
        foreach (PivotKind::cases() as $kind) {
            yield "feet/$kind->value" => $kind->feet();
        }
        foreach ([Sport::Baseball, Sport::Fastpitch] as $sport) {
            foreach (Position::INFIELD as $from) {
                yield "pivot/$sport->value/$from->value" => array_map(
                    static fn(bool $isEarly): array => [
                        Pivot::kind(Position::SecondBase, $from, $isEarly, $sport),
                        Pivot::kind(Position::Shortstop, $from, $isEarly, $sport),
                    ],
                    [false, true],
                );
            }
        }
        $plan = (new LevelFigures(Level::HighSchool))->plan('R1-1');
        $cost = Teams::cost(Level::HighSchool);
        $setting = $plan->scene($cost);
        $coverage = GroundCoverages::for($plan->state->situation->bases, $plan->state->rules->sport)[0];
        $defence = GroundDefence::of($setting, $coverage);
        yield 'results' => array_map(
            static fn(array $kinds): array => array_map(
                static fn($ball): array => [$ball->out, $ball->two, $ball->error, $ball->cost],
                $kinds,
            ),
            ResultTable::of($defence)->rows,
        );
        yield 'starters' => array_map(
            static fn(Starter $one): array => [$one->name(), $one->fielded, $one->atBag, $one->atEnd, $one->two],
            Starter::all($defence, 80.0),
        );
        foreach ([[-26, 110], [0, 118], [26, 110], [-13, 118], [14, 118]] as [$degrees, $mph]) {
            $timeline = $defence->play(GroundBallTrial::hit($degrees, $mph, $plan->state->rules))->timeline();
            yield "through/$degrees" => [
                $timeline->fieldedBy(),
                $timeline->fieldedAt(),
                $timeline->options(),
                $timeline->events,
            ];
        }
        foreach (Hop::cases() as $hop) {
            $trial = GroundBallTrial::hit(-17, 70, $plan->state->rules, $hop);
            $comes = $defence->fielding($trial)->comes;
            yield "hop/$hop->value" => [$trial->words(), $comes->out, $comes->two, $comes->error, $comes->cost];
        }
    }

    /** @return iterable<string, mixed> what is hard, near and sure, and line drives */
    private static function reads(Level $level, string $situation): iterable
    {
        $plan = (new LevelFigures($level))->plan($situation);
        $cost = Teams::cost($level);
        $setting = $plan->scene($cost);
        $coverage = GroundCoverages::for($plan->state->situation->bases, $plan->state->rules->sport)[0];
        $defence = GroundDefence::of($setting, $coverage);
        $liners = CaughtLiner::all($defence);
        yield "reads/$level->value/$situation" => [
            HowHard::all($defence),
            HowNear::all($defence),
            HowSure::all(GroundSetting::of($plan->scene($cost))->aims),
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
        $setting = $plan->scene(Teams::cost($level))->wanting($policy);
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
            yield "clock/$level->value/$situation/$degrees" => [
                $timeline->events,
                array_map($timeline->ball->at(...), [0.3, 0.9, 1.6, 2.4, 3.2]),
                array_map(static fn($move): array => [$move->track->at(1.1), $move->track->end()], $timeline->moves),
                Pivot::on($timeline),
                Afterwards::of($timeline),
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
