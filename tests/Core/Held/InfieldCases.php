<?php

declare(strict_types=1);

namespace FoxCorner\Tests\Core\Held;

use FoxCorner\Core\Family\GroundBall\Afterwards;
use FoxCorner\Core\Family\GroundBall\CaughtLiner;
use FoxCorner\Core\Family\GroundBall\FeedChoice;
use FoxCorner\Core\Family\GroundBall\Feeder;
use FoxCorner\Core\Family\GroundBall\Feeds;
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
use FoxCorner\Core\Motion\Speed;
use FoxCorner\Core\People\Hand;
use FoxCorner\Core\People\Position;
use FoxCorner\Core\Plan\SituationPlan;
use FoxCorner\Core\Play\Choice\OutPolicy;
use FoxCorner\Core\Play\Grid\GroundSetting;
use FoxCorner\Tests\Core\Teams;

/** Ground balls asked further: two or one, feeds and pivots, what is hard, near and sure, line drives. */
final class InfieldCases
{
    private const PLAYS = [
        [Level::Pro, 'R1-0', OutPolicy::Numbers],
        [Level::HighSchool, 'R1R3-1', OutPolicy::Two],
        [Level::Youth13, 'R1R2-0', OutPolicy::Sure],
        [Level::Youth10, 'none-2', OutPolicy::First],
        [Level::FastpitchCollege, 'R3-1', OutPolicy::Plate],
        [Level::Fastpitch12, 'loaded-0', OutPolicy::Lead],
    ];
    /** Degrees; of the level's ordinary ball. */
    private const BALLS = [[-40, 0.6], [-19, 1.1], [-4, 0.95], [14, 1.3], [34, 0.85]];
    /** Who feeds from where, ft. */
    private const FEEDS = [[6, -9, 121], [6, -28, 118], [4, 12, 121], [4, 30, 119], [3, 52, 75], [1, 2, 58]];
    private const EDGES = [-45, -40, -39, -28, -27, -23, -22, -9, -8, 8, 9, 22, 23, 29, 30, 39, 40];

    /** @return iterable<string, array<string, mixed>> */
    public static function all(): iterable
    {
        foreach (self::PLAYS as [$level, $situation, $policy]) {
            yield from self::plays($level, $situation, $policy);
        }
        yield from self::charts();
        yield from self::feeds();
        yield from self::feedsAround();
        yield from self::pivots();
        foreach ([[Level::HighSchool, 'R1R2-0'], [Level::Fastpitch16, 'R1R3-1'], [Level::Pro, 'loaded-1']] as $read) {
            $plan = (new LevelFigures($read[0]))->plan($read[1]);
            yield from self::reads("{$read[0]->value} $read[1]", $plan, self::defence($plan, $read[0]));
        }
        foreach (self::EDGES as $degrees) {
            yield "toward $degrees deg" => ['said' => GroundBallTrial::toward($degrees)];
        }
        yield from self::through();
    }

    /** @return iterable<string, array<string, mixed>> */
    private static function plays(Level $level, string $situation, OutPolicy $policy): iterable
    {
        $plan = (new LevelFigures($level))->plan($situation);
        $defence = self::defence($plan, $level, $policy);
        foreach (self::BALLS as [$degrees, $of]) {
            $mph = round($of * $level->profile()->groundBallSpeed);
            $trial = GroundBallTrial::hit($degrees, $mph, $plan->state->rules, Hop::True);
            $play = $defence->play($trial);
            $timeline = $play->timeline();
            $comes = $play->fielding->comes;
            $pivot = Pivot::on($timeline);
            $name = "$level->value $situation $policy->value, $mph mph at $degrees deg";
            yield $name => [
                'by' => $timeline->fieldedBy(),
                'out' => $comes->out,
                'two' => $comes->two,
                'lead' => $comes->lead,
                'error' => $comes->error,
                'hit' => $comes->hit,
                'past' => $comes->past,
                'cost runs' => $comes->cost,
                'throws s' => array_map(
                    static fn($leg): array => [$leg->made->released, $leg->made->ballThere],
                    $timeline->legs,
                ),
                'ball ft' => array_map($timeline->ball->at(...), [0.3, 1.6, 3.2]),
                'after' => Afterwards::of($timeline)?->words(),
            ];
            if (null !== $pivot) {
                yield "$name, pivot" => [
                    'kind' => $pivot->kind,
                    'by' => $pivot->who,
                    'school' => $pivot->school,
                    'runner s' => $pivot->runnerThere,
                    'leaves s' => $pivot->released,
                    'lane ft' => $pivot->lane,
                    'feet' => array_map(self::foot(...), $pivot->feet()),
                ];
            }
        }
    }

    /** @return iterable<string, array<string, mixed>> hit past everybody */
    private static function through(): iterable
    {
        $plan = (new LevelFigures(Level::Fastpitch12))->plan('R1-1');
        $defence = self::defence($plan, Level::Fastpitch12);
        foreach ([-38, -14.4, -13.6, -13.4, -12, 0, 12, 13.4, 13.6, 14.4, 38] as $degrees) {
            $play = $defence->play(GroundBallTrial::hit($degrees, 118, $plan->state->rules))->timeline();
            yield "118 mph at $degrees deg" => [
                'by' => $play->fieldedBy(),
                'has s' => $play->fieldedAt(),
                'ends s' => $play->length(),
                'to' => $play->called()->base->word(),
                'there s' => $play->called()->ballThere,
            ];
        }
    }

    /** @return iterable<string, array<string, mixed>> */
    private static function charts(): iterable
    {
        foreach ([Level::HighSchool, Level::Fastpitch16] as $level) {
            $plan = (new LevelFigures($level))->plan('R1-1');
            $setting = GroundSetting::of($plan->scene(Teams::cost($level)));
            $profile = $level->profile();
            [$ball, $first] = [round($profile->groundBallSpeed), round($profile->homeToFirst, 1)];
            $times = [$first - 0.3, $first, $first + 0.4];
            foreach ([4, 5, 6] as $starter) {
                foreach (
                    TwoOrOne::of($setting, $starter)->chart([$ball - 15, $ball, $ball + 15], $times) as $row => $cells
                ) {
                    yield "$level->value two or one of $starter, " . ($ball - 15 + 15 * $row) . ' mph' => [
                        'by time' => array_map(get_object_vars(...), $cells),
                    ];
                }
            }
        }
    }

    /** @return iterable<string, array<string, mixed>> */
    private static function feeds(): iterable
    {
        $plan = (new LevelFigures(Level::College))->plan('R1-0');
        foreach (self::FEEDS as [$number, $x, $y]) {
            $who = $plan->cast->at(Position::from($number));
            foreach (Hand::cases() as $hand) {
                $feeds = (new Feeds(
                    new Feeder($who->position, $hand, Speed::ofMph(78), $who->legs),
                    Point::of($x, $y),
                    Base::Second,
                    $plan->state->rules,
                    $plan->level,
                ))->all();
                foreach ($feeds as $feed) {
                    yield "feed of $number ($hand->value) from $x $y ft, {$feed->kind->value}" => [
                        'ft' => $feed->feet,
                        's' => $feed->seconds,
                        'good' => $feed->reliability,
                    ];
                }
            }
        }
    }

    /** @return iterable<string, array<string, mixed>> the kinds that are there all around second, the best first */
    private static function feedsAround(): iterable
    {
        $plan = (new LevelFigures(Level::HighSchool))->plan('R1-0');
        $second = $plan->state->rules->diamond()->at(Base::Second);
        foreach ([Position::SecondBase, Position::Shortstop] as $position) {
            $who = $plan->cast->at($position);
            foreach (Hand::cases() as $hand) {
                $feeder = new Feeder($position, $hand, $who->arm, $who->legs);
                foreach ([8.0, 14.0, 24.0] as $feet) {
                    $kinds = [];
                    for ($degrees = 2; $degrees < 360; $degrees += 6) {
                        $from = $second->plus($feet * sin(deg2rad($degrees)), $feet * cos(deg2rad($degrees)));
                        $feeds = (new Feeds($feeder, $from, Base::Second, $plan->state->rules, $plan->level))->all();
                        $kinds[] = implode(
                            '-',
                            array_map(static fn(FeedChoice $one): string => $one->kind->value, $feeds),
                        );
                    }
                    yield "feeds of $position->value ($hand->value) around second, $feet ft" => ['kinds' => $kinds];
                }
            }
        }
    }

    /** @return iterable<string, array<string, mixed>> */
    private static function pivots(): iterable
    {
        foreach (PivotKind::cases() as $kind) {
            yield "pivot $kind->value" => ['feet' => array_map(self::foot(...), $kind->feet())];
        }
        foreach ([Sport::Baseball, Sport::Fastpitch] as $sport) {
            foreach (Position::INFIELD as $from) {
                foreach ([false, true] as $isEarly) {
                    yield "$sport->value pivot from $from->value, " . ($isEarly ? 'early' : 'late') => [
                        'of 4' => Pivot::kind(Position::SecondBase, $from, $isEarly, $sport),
                        'of 6' => Pivot::kind(Position::Shortstop, $from, $isEarly, $sport),
                    ];
                }
            }
        }
    }

    /** @return iterable<string, array<string, mixed>> */
    private static function reads(string $name, SituationPlan $plan, GroundDefence $defence): iterable
    {
        foreach (HowHard::all($defence) as $one) {
            yield "$name hard at {$one->at->value}" => ['two from mph' => $one->two, 'home from mph' => $one->home];
        }
        foreach (HowNear::all($defence) as $one) {
            yield "$name near, {$one->who->value} to {$one->bag->word()}" => ['ft' => $one->feet];
        }
        foreach (HowSure::all(GroundSetting::of($defence->scene)->aims) as $one) {
            yield "$name sure at {$one->bag->word()}" => ['alone' => $one->alone, 'with two' => $one->withTwo];
        }
        foreach (CaughtLiner::all($defence) as $index => $one) {
            $runners = $one->runners();
            $last = $runners[1] ?? $runners[0];
            yield "$name liner $index" => [
                'alone' => array_map($one->isAlone(...), $runners),
                'waiting' => array_map($one->waiting(...), $runners),
                'gone' => array_map($one->gone(...), $runners),
                'both' => [$one->both($runners[0], $last), $one->both($last, $runners[0])],
            ];
        }
        foreach (ResultTable::of($defence)->rows as $who => $kinds) {
            foreach ($kinds as $kind => $ball) {
                yield "$name results of $who, $kind" => [
                    'out' => $ball->out,
                    'two' => $ball->two,
                    'error' => $ball->error,
                    'cost runs' => $ball->cost,
                ];
            }
        }
        foreach (Starter::all($defence, 80.0) as $index => $one) {
            yield "$name start $index, {$one->name()}" => [
                'fielded s' => $one->fielded,
                'at the bag s' => $one->atBag,
                'at the end s' => $one->atEnd,
                'two' => $one->two,
            ];
        }
        foreach (Hop::cases() as $hop) {
            $trial = GroundBallTrial::hit(-17, 70, $plan->state->rules, $hop);
            $comes = $defence->fielding($trial)->comes;
            yield "$name hop $hop->value" => [
                'said' => $trial->words(),
                'out' => $comes->out,
                'two' => $comes->two,
                'error' => $comes->error,
                'cost runs' => $comes->cost,
            ];
        }
    }

    private static function defence(SituationPlan $plan, Level $level, ?OutPolicy $policy = null): GroundDefence
    {
        $coverage = GroundCoverages::for($plan->state->situation->bases, $plan->state->rules->sport)[0];
        $scene = $plan->scene(Teams::cost($level));

        return GroundDefence::of(null === $policy ? $scene : $scene->wanting($policy), $coverage);
    }

    private static function foot(mixed $foot): mixed
    {
        return \is_object($foot) && !($foot instanceof Point) ? array_values(get_object_vars($foot)) : $foot;
    }
}
