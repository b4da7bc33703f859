<?php

declare(strict_types=1);

namespace FoxCorner\Tests\Core\Golden;

use FoxCorner\Core\Family\Outfield\AirRules;
use FoxCorner\Core\Family\Outfield\Boldness;
use FoxCorner\Core\Family\Outfield\CutZone;
use FoxCorner\Core\Family\Outfield\Ending;
use FoxCorner\Core\Family\Outfield\Flight;
use FoxCorner\Core\Family\Outfield\IdleCheck;
use FoxCorner\Core\Family\Outfield\JobNote;
use FoxCorner\Core\Family\Outfield\OutfieldCoverages;
use FoxCorner\Core\Family\Outfield\OutfieldDefence;
use FoxCorner\Core\Family\Outfield\OutfieldPlay;
use FoxCorner\Core\Family\Outfield\OutfieldTrial;
use FoxCorner\Core\Family\Outfield\Simpler;
use FoxCorner\Core\Family\Outfield\TagUp;
use FoxCorner\Core\Family\Outfield\TwelveBalls;
use FoxCorner\Core\Field\Point;
use FoxCorner\Core\Field\ShippedRuleSets;
use FoxCorner\Core\Game\Bases;
use FoxCorner\Core\Known\LevelFigures;
use FoxCorner\Core\Level\Level;
use FoxCorner\Core\Motion\Ball;
use FoxCorner\Core\Motion\Speed;
use FoxCorner\Core\Motion\Throws;
use FoxCorner\Core\Play\Ball\Reached;
use FoxCorner\Core\Play\Ball\RelayArms;
use FoxCorner\Core\Play\Ball\Through;
use FoxCorner\Core\Play\Cast\BatterRunner;
use FoxCorner\Core\Play\Clock\Voice;
use FoxCorner\Core\Play\Clock\VoiceWord;
use FoxCorner\Core\Play\Scheme\CoveragePrint;
use FoxCorner\Tests\Core\Teams;

/** Balls to the outfield: arms on a line, plays, tag-ups, jobs. */
final class OutfieldFigures implements Figures
{
    /** Of the twelve balls: through the left side, down a line, over an outfielder, in the other gap, caught. */
    private const SOME = [0, 4, 6, 7, 10];

    public static function all(): iterable
    {
        yield from self::arms();
        yield from self::through();
        foreach (
            [
                [Level::Pro, 'R1-0', 'outfield'],
                [Level::HighSchool, 'R2-1', 'outfield-by-side'],
                [Level::Youth13, 'R1R2-2', 'outfield-behind-a-bag'],
                [Level::Youth10, 'none-1', 'outfield-at-the-bag'],
                [Level::Fastpitch16, 'R1R3-1', 'outfield'],
                [Level::FastpitchCollege, 'loaded-2', 'outfield-by-side'],
                [Level::College, 'R2R3-0', 'outfield'],
            ] as [$level, $situation, $coverage]
        ) {
            $defence = self::defence($level, $situation, $coverage);
            foreach (TwelveBalls::of($defence->setting->rules) as $index => $ball) {
                if (Level::Pro !== $level && !\in_array($index, self::SOME, true)) {
                    continue;
                }
                yield "play/$level->value/$situation/$index" => self::play($defence->play($ball));
            }
            yield "idle/$level->value/$situation" => IdleCheck::of($defence)->jobs;
            yield "air/$level->value/$situation" => AirRules::in($defence->setting->state);
            yield "tag/$level->value/$situation" => array_map(
                static fn(array $rows): array => \array_slice($rows, 0, 4),
                TagUp::table($defence),
            );
        }
        $defence = self::defence(Level::Pro, 'R1-1', 'outfield');
        foreach (Reached::cases() as $reached) {
            foreach ([Boldness::Cautious, Boldness::Bold] as $boldness) {
                $ball = OutfieldTrial::hit(
                    Point::of(-100.0, 285.0),
                    Flight::Fly,
                    $defence->setting->rules,
                    $reached,
                    $boldness,
                );
                yield "said/$reached->value/$boldness->value" => self::play($defence->play($ball));
            }
        }
        $simpler = Simpler::of([self::defence(Level::Youth10, 'R1-0', 'outfield')], 2);
        yield 'simpler' => [$simpler->dropped, $simpler->lost, $simpler->uncovered];
        foreach (Bases::cases() as $bases) {
            foreach (OutfieldCoverages::for($bases, ShippedRuleSets::get('baseball-90')) as $coverage) {
                yield "coverage/$bases->value/$coverage->key" => CoveragePrint::of($coverage);
            }
        }
        foreach ([-40, -38, -22, -21, -8, -7, 6, 7, 20, 21, 37, 38] as $degrees) {
            yield "place/$degrees" => OutfieldTrial::place($degrees);
        }
    }

    /** @return iterable<string, mixed> */
    private static function arms(): iterable
    {
        foreach ([[Ball::Baseball, 88, 82], [Ball::Softball12, 56, 52]] as [$ball, $out, $in]) {
            $throws = Throws::of($ball);
            $arms = new RelayArms($throws, Speed::ofMph($out), 1.2, Speed::ofMph($in), 0.85);
            foreach ([80.0, 150.5, 240.0, 330.0] as $feet) {
                $best = $arms->best($feet);
                yield "arms/$out/$feet" => [
                    $arms->direct($feet),
                    $best,
                    $arms->bestWithin($feet, 20.0, 60.0),
                    $arms->within($feet, $best, 0.1),
                    $arms->beside($feet, $best->fromBall, 0.1, true),
                    $arms->beside($feet, $best->fromBall, 0.1, false),
                    $arms->offLine($feet, $best->fromBall, 5.0, true),
                    $throws->falls($feet, Speed::ofMph($out)),
                ];
            }
            yield "arms/$out/pays" => $arms->relayPaysFrom(400.0);
        }
    }

    /** @return iterable<string, mixed> how far the batter gets on what is through */
    private static function through(): iterable
    {
        foreach ([Level::Pro, Level::Fastpitch12] as $level) {
            $plan = (new LevelFigures($level))->plan('none-0');
            $rules = $plan->state->rules;
            $batter = BatterRunner::of($plan->state->context->batter, $rules, $plan->level);
            $through = Through::of($plan->cast, $rules, $plan->level, $batter);
            foreach ([-45.0, -41.0, -20.0, -13.0, 3.0, 44.0] as $degrees) {
                foreach ([0.4, 0.9, 1.0, 1.2, 1.5] as $of) {
                    yield "through/$level->value/$degrees/$of" => $through->extraBases(
                        $degrees,
                        $of * $plan->level->groundBallSpeed,
                    );
                }
            }
        }
    }

    private static function defence(Level $level, string $situation, string $coverage): OutfieldDefence
    {
        $plan = (new LevelFigures($level))->plan($situation);

        return new OutfieldDefence(
            $plan->scene(Teams::cost($level)),
            array_column(OutfieldCoverages::for($plan->state->situation->bases, $plan->state->rules), null, 'key')[
                $coverage
            ],
        );
    }

    /** @return array<string, mixed> */
    private static function play(OutfieldPlay $play): array
    {
        $timeline = $play->timeline();
        $notes = $there = [];
        foreach ($timeline->moves as $number => $move) {
            $note = JobNote::of($play, $play->spots(), $move);
            $notes[$number] = [$note->words, $note->step, $note->walk];
            $there[$number] = [$move->there(), $move->track->end()->point];
        }
        $cut = $play->ways->cut;

        return [
            'words' => $play->trial->words(),
            'ball' => [$play->ball->seconds, $play->ball->at, $play->ball->reached->value, $play->kind->value],
            'title' => $play->title(),
            'endings' => array_map(
                static fn(Ending $one): array => [
                    $one->way->held(),
                    $one->chance,
                    $one->onTime,
                    $one->ends,
                    $one->cost,
                ],
                $play->endings,
            ),
            'notes' => $notes,
            'there' => $there,
            'threats' => $timeline->setting->threats,
            'length' => $timeline->length(),
            'voices' => array_map(
                static fn(Voice $one): array => [
                    $one->seconds,
                    $one->by->value,
                    $one->to->value,
                    array_map(static fn(VoiceWord $word): string => $word->value, $one->words),
                ],
                $timeline->voices,
            ),
            'zone' => null === $cut ? null : CutZone::of($cut, $play->ball->at, $play->setting->bag($cut->base)),
        ];
    }
}
