<?php

declare(strict_types=1);

namespace FoxCorner\Tests\Core\Held;

use FoxCorner\Core\Family\Outfield\AirRules;
use FoxCorner\Core\Family\Outfield\CutZone;
use FoxCorner\Core\Family\Outfield\Flight;
use FoxCorner\Core\Family\Outfield\IdleCheck;
use FoxCorner\Core\Family\Outfield\JobNote;
use FoxCorner\Core\Family\Outfield\OutfieldCoverages;
use FoxCorner\Core\Family\Outfield\OutfieldDefence;
use FoxCorner\Core\Family\Outfield\OutfieldFamily;
use FoxCorner\Core\Family\Outfield\OutfieldPlay;
use FoxCorner\Core\Family\Outfield\OutfieldTrial;
use FoxCorner\Core\Family\Outfield\Simpler;
use FoxCorner\Core\Family\Outfield\SixtyBalls;
use FoxCorner\Core\Family\Outfield\TagUp;
use FoxCorner\Core\Family\Outfield\TwelveBalls;
use FoxCorner\Core\Known\LevelFigures;
use FoxCorner\Core\Level\Level;
use FoxCorner\Core\Motion\Ball;
use FoxCorner\Core\Motion\Speed;
use FoxCorner\Core\Motion\Throws;
use FoxCorner\Core\Play\Ball\RelayArms;
use FoxCorner\Core\Play\Ball\Through;
use FoxCorner\Core\Play\Cast\BatterRunner;
use FoxCorner\Tests\Core\Teams;

/** Arms on a line, balls that are through, how plays end, tag-ups, and jobs in words. */
final class LongBallCases
{
    private const PLAYS = [
        [Level::Pro, 'R1-0', 'outfield'],
        [Level::HighSchool, 'R2-1', 'outfield-by-side'],
        [Level::Youth13, 'R1R2-2', 'outfield-behind-a-bag'],
        [Level::Youth10, 'none-1', 'outfield-at-the-bag'],
        [Level::Fastpitch16, 'R1R3-1', 'outfield'],
        [Level::FastpitchCollege, 'loaded-2', 'outfield-by-side'],
        [Level::College, 'R2R3-0', 'outfield'],
    ];
    /** Of the twelve balls: through the left side, down a line, over an outfielder, in the other gap, caught. */
    private const SOME = [0, 6, 7, 10];

    /** @return iterable<string, array<string, mixed>> */
    public static function all(): iterable
    {
        yield from self::arms();
        yield from self::through();
        foreach (self::PLAYS as $number => [$level, $situation, $coverage]) {
            $defence = self::defence($level, $situation, $coverage);
            foreach (TwelveBalls::of($defence->setting->rules) as $index => $ball) {
                if (0 === $number || \in_array($index, self::SOME, true)) {
                    yield from self::play("$level->value $situation ball $index", $defence->play($ball), 6 === $index);
                }
            }
            $usual = $defence->play(
                OutfieldTrial::near(
                    OutfieldFamily::usual($defence->setting->rules),
                    Flight::Ground,
                    $defence->setting->rules,
                ),
            );
            yield from self::play("$level->value $situation usual ball", $usual, true);
            yield "$level->value $situation, rules" => ['said' => AirRules::in($defence->setting->state)];
            yield from self::jobs("$level->value $situation", $defence);
        }
        $simpler = Simpler::of([self::defence(Level::Youth10, 'R1-0', 'outfield')], 2);
        yield 'two jobs each' => [
            'dropped' => \count($simpler->dropped),
            'lost runs' => $simpler->lost,
            'uncovered' => $simpler->uncovered,
        ];
        foreach ([-40, -38, -22, -21, -8, -7, 6, 7, 20, 21, 37, 38] as $degrees) {
            yield "$degrees deg" => ['place' => OutfieldTrial::place($degrees)];
        }
    }

    /** @return iterable<string, array<string, mixed>> */
    private static function arms(): iterable
    {
        foreach ([[Ball::Baseball, 88, 82], [Ball::Softball12, 56, 52]] as [$ball, $out, $in]) {
            $throws = Throws::of($ball);
            $arms = new RelayArms($throws, Speed::ofMph($out), 1.2, Speed::ofMph($in), 0.85);
            foreach ([80.0, 150.5, 240.0, 330.0] as $feet) {
                $best = $arms->best($feet);
                $held = $arms->bestWithin($feet, 20.0, 60.0);
                yield "$ball->value, arm $out mph over $feet ft" => [
                    'direct s' => $arms->direct($feet),
                    'cut at ft' => $best->fromBall,
                    'relay s' => $best->seconds,
                    'within 20 60 ft at ft' => $held->fromBall,
                    's' => $held->seconds,
                    'within .1 s ft' => $arms->within($feet, $best, 0.1),
                    'arm side ft' => $arms->beside($feet, $best->fromBall, 0.1, true),
                    'other side ft' => $arms->beside($feet, $best->fromBall, 0.1, false),
                    '5 ft off s' => $arms->offLine($feet, $best->fromBall, 5.0, true),
                    'falls deg' => $throws->falls($feet, Speed::ofMph($out)),
                ];
            }
            yield "$ball->value, arm $out mph" => ['relay pays from ft' => $arms->relayPaysFrom(400.0)];
        }
    }

    /** @return iterable<string, array<string, mixed>> how far the batter gets on what is through */
    private static function through(): iterable
    {
        foreach ([Level::Pro, Level::Fastpitch12] as $level) {
            $plan = (new LevelFigures($level))->plan('none-0');
            $rules = $plan->state->rules;
            $batter = BatterRunner::of($plan->state->context->batter, $rules, $plan->level);
            $through = Through::of($plan->cast, $rules, $plan->level, $batter);
            foreach ([-45.0, -41.0, -20.0, -13.0, 3.0, 44.0] as $degrees) {
                foreach ([0.4, 0.9, 1.0, 1.2, 1.5] as $of) {
                    $mph = $of * $plan->level->groundBallSpeed;
                    yield "$level->value through at $degrees deg, $of of the usual speed" => [
                        'bases' => $through->extraBases($degrees, $mph),
                    ];
                }
            }
        }
    }

    private static function defence(Level $level, string $situation, string $coverage): OutfieldDefence
    {
        $plan = (new LevelFigures($level))->plan($situation);
        $coverages = OutfieldCoverages::for($plan->state->situation->bases, $plan->state->rules);

        return new OutfieldDefence($plan->scene(Teams::cost($level)), array_column($coverages, null, 'key')[$coverage]);
    }

    /** @return iterable<string, array<string, mixed>> */
    private static function play(string $name, OutfieldPlay $play, bool $isTold): iterable
    {
        $cut = $play->ways->cut;
        $zone = null === $cut ? null : CutZone::of($cut, $play->ball->at, $play->setting->bag($cut->base));
        yield $name => [
            'is' => $play->trial->words(),
            'picked up s' => $play->ball->seconds,
            'ft' => $play->ball->at,
            'kind' => $play->kind->value,
            'title' => $play->title(),
            'threats' => \count($play->timeline()->setting->threats),
            'zone ft' => $zone?->outline,
        ];
        foreach ($isTold ? $play->timeline()->voices : [] as $index => $voice) {
            yield "$name, voice $index" => [
                's' => $voice->seconds,
                'by' => $voice->by,
                'to' => $voice->to,
                'words' => $voice->words,
            ];
        }
        foreach ($play->endings as $index => $one) {
            yield "$name, ending $index" => [
                'ends s' => $one->way->held(),
                'out' => $one->chance,
                'on time' => $one->onTime,
                'cost runs' => $one->cost,
            ];
        }
        foreach ($isTold ? $play->timeline()->moves : [] as $number => $move) {
            $note = JobNote::of($play, $play->spots(), $move);
            yield "$name, job of $number" => ['said' => "$note->words / $note->step / $note->walk"];
        }
    }

    /** @return iterable<string, array<string, mixed>> */
    private static function jobs(string $name, OutfieldDefence $defence): iterable
    {
        foreach (IdleCheck::of($defence)->jobs as $number => $jobs) {
            yield "$name, balls of sixty for $number" => $jobs;
        }
        foreach (TagUp::table($defence) as $rows) {
            foreach (\array_slice($rows, 0, 2) as $tag) {
                yield "$name, tag at $tag->feet ft in $tag->field to {$tag->to->word()}" => [
                    'runner s' => $tag->runner,
                    'ball s' => $tag->ball,
                    'cut' => $tag->isCut,
                    'out' => $tag->chance,
                    'needs' => $tag->needs,
                    'goes' => $tag->goes,
                ];
            }
        }
    }

    /** @return iterable<string, array<string, mixed>> */
    public static function everywhere(): iterable
    {
        yield from self::sixty(Level::Pro, 'R1R2-1');
        yield from self::sixty(Level::Fastpitch16, 'R1-0');
        yield from self::sixty(Level::Youth10, 'R2-1');
    }

    /** @return iterable<string, array<string, mixed>> all over the outfield, a line each direction */
    private static function sixty(Level $level, string $situation): iterable
    {
        $defence = self::defence($level, $situation, 'outfield');
        foreach (array_chunk(SixtyBalls::of($defence->setting->rules), 6) as $way => $balls) {
            $plays = array_map($defence->play(...), $balls);
            yield "$level->value $situation, six balls of way $way" => [
                'cost' => array_map(static fn(OutfieldPlay $one): ?float => $one->option()->cost, $plays),
                'cut ft' => array_map(
                    static fn(OutfieldPlay $one): float => $one->ways->cut->place->fromBall ?? 0.0,
                    $plays,
                ),
                'trail ft' => array_map(static fn(OutfieldPlay $one): float => $one->spots()->trailFeet(), $plays),
                'bases' => array_map(static fn(OutfieldPlay $one): string => implode('', $one->advance->ends), $plays),
            ];
        }
    }
}
