<?php

declare(strict_types=1);

namespace FoxCorner\Tests\Core\Play;

use FoxCorner\Core\Family\Outfield\Calls;
use FoxCorner\Core\Family\Outfield\CutZone;
use FoxCorner\Core\Family\Outfield\Ending;
use FoxCorner\Core\Family\Outfield\Flight;
use FoxCorner\Core\Family\Outfield\MayStray;
use FoxCorner\Core\Family\Outfield\OutfieldDefence;
use FoxCorner\Core\Family\Outfield\OutfieldTrial;
use FoxCorner\Core\Family\Outfield\SixtyBalls;
use FoxCorner\Core\Family\Outfield\TwelveBalls;
use FoxCorner\Core\Field\Base;
use FoxCorner\Core\Field\Point;
use FoxCorner\Core\Game\Situation;
use FoxCorner\Core\Level\Level;
use FoxCorner\Core\Motion\Giving;
use FoxCorner\Core\People\Position;
use FoxCorner\Core\Play\Ball\Reached;
use FoxCorner\Core\Play\Ball\Retrieval;
use FoxCorner\Core\Play\Cast\CastMember;
use FoxCorner\Core\Play\Choice\AfterPlay;
use FoxCorner\Core\Play\Choice\Boldness;
use FoxCorner\Core\Play\Clock\EventKind;
use FoxCorner\Core\Play\Clock\VoiceWord;
use FoxCorner\Core\Play\Scheme\JobKind;
use FoxCorner\Tests\Core\Teams;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** Where a cutoff stands, what he does, and what is lost without him. */
final class CutoffTest extends TestCase
{
    use BallsToTheOutfield;

    public function testTheCutoffIsOnTheLineAndThereInTime(): void
    {
        $play = self::play(Level::Youth13, 'R1-0', Point::polar(262.0, -14.0), Flight::Line);
        $cut = $play->ways->cut;
        self::assertNotNull($cut);
        $bag = $play->setting->bag($cut->base);
        self::assertEqualsWithDelta(
            $cut->feet,
            $cut->at->distanceTo($play->ball->at) + $cut->at->distanceTo($bag),
            0.01,
        );
        self::assertEqualsWithDelta($cut->best->fromBall, $cut->place->fromBall, 1e-9, 'he is at the best place');
        self::assertLessThan($play->made()->way->released, $cut->there);
        $zone = CutZone::of($cut, $play->ball->at, $bag);
        self::assertCount(7, $zone->strides);
        self::assertSame([-3, 0, 3], [$zone->strides[0][0], $zone->strides[3][0], $zone->strides[6][0]]);
        self::assertSame(0.0, $zone->strides[3][1]);
        self::assertGreaterThan($zone->strides[0][1], $zone->strides[6][1], 'the arm side costs more');
    }

    public function testWhoIsFarFromTheBestPlaceStandsWhereTheBallIsSoonest(): void
    {
        $play = self::play(Level::Pro, 'R2-1', Point::polar(250.0, -43.0), Flight::Line, reached: Reached::Straight);
        $cut = $play->ways->cut;
        self::assertNotNull($cut);
        $bag = $play->setting->bag(Base::Home);
        $least = \INF;
        for ($along = $cut->feet - 86.0; $along <= $cut->feet - 40.0; $along += 1.0) {
            $there = $cut->who->secondsTo($play->ball->at->toward($bag, $along));
            $late = max(0.0, $there - $play->ball->seconds - $cut->arms->exchange - $cut->arms->out($along));
            $least = min($least, $cut->arms->relay($cut->feet, $along) + $late);
        }
        $late = max(
            0.0,
            $cut->there - $play->ball->seconds - $cut->arms->exchange - $cut->arms->out($cut->place->fromBall),
        );

        self::assertEqualsWithDelta($least, $cut->place->seconds + $late, 0.03);
    }

    public function testARelayedThrowIsTwoLegsAndNoDoublePlay(): void
    {
        $play = self::play(Level::Pro, 'R1-2', Point::polar(320.0, -35.0), Flight::Line, boldness: Boldness::Bold);
        $timeline = $play->timeline();

        self::assertCount(2, $timeline->legs);
        self::assertNotNull($timeline->legs[0]->cut);
        self::assertFalse($timeline->isForTwo());
        $way = $play->made()->way;
        self::assertEqualsWithDelta($way->cutAt ?? 0.0, $timeline->legs[1]->from->seconds, 1e-9);
        self::assertEqualsWithDelta($way->arrives, $timeline->ball->end()->seconds, 1e-9);
        $kinds = array_map(static fn($event): EventKind => $event->kind, $timeline->events);
        self::assertSame(EventKind::Contact, $kinds[0]);
        self::assertContains(EventKind::Arrives, $kinds);
    }

    public function testAPlayersOwnExchangeCountsInTheOutfieldToo(): void
    {
        $defence = self::defence(Level::Pro, 'none-0');
        $ball = $defence->play(OutfieldTrial::hit(Point::polar(290.0, -27.0), Flight::Ground, $defence->setting->rules))
            ->ball;
        $slow = new CastMember(
            $ball->by->position,
            $ball->by->player,
            $ball->by->start,
            $ball->by->legs,
            $ball->by->reaction,
            $ball->by->arm,
            0.2,
        );
        $motion = $defence->setting->level->motion;
        $trial = OutfieldTrial::hit(Point::polar(290.0, -27.0), Flight::Ground, $defence->setting->rules);

        self::assertEqualsWithDelta(
            $ball->possession()->exchange + 0.2,
            Retrieval::by($slow, $trial->ball, $motion)->possession()->exchange,
            1e-9,
        );
    }

    public function testAThrowThatNobodyBacksUpCostsWhatItGivesAway(): void
    {
        $defence = self::defence(Level::Pro, 'R2-2');
        $trial = OutfieldTrial::hit(
            Point::polar(290.0, -25.0),
            Flight::Ground,
            $defence->setting->rules,
            boldness: Boldness::Bold,
        );
        $bare = new OutfieldDefence($defence->setting->scene, Teams::without($defence->coverage, JobKind::BackUp));
        [$behind, $nobody] = [$defence->play($trial)->made(), $bare->play($trial)->made()];
        $worth = new AfterPlay(Teams::cost(Level::Pro), Situation::fromKey('R2-2'));
        $astray = Giving::PAST * (1 - $behind->way->caught);

        self::assertEqualsWithDelta($behind->chance, $nobody->chance, 1e-9);
        self::assertGreaterThan(0.05, $astray);
        self::assertEqualsWithDelta(
            $astray * ($worth->of(Ending::past($behind->ends)) - $worth->of($behind->ends)),
            $nobody->cost - $behind->cost,
            1e-9,
        );
    }

    public function testACoverageWithoutATrailOrACutoffIsPlayedAllTheSame(): void
    {
        $defence = self::defence(Level::Pro, 'R1-0');
        foreach ([JobKind::Trail, JobKind::Cut] as $gone) {
            $ours = new OutfieldDefence($defence->setting->scene, Teams::without($defence->coverage, $gone));
            foreach (TwelveBalls::of($defence->setting->rules) as $ball) {
                $timeline = $ours->play($ball)->timeline();
                self::assertNotContains([VoiceWord::Tandem], array_map(self::words(...), $timeline->voices));
                self::assertCount(9, $timeline->moves);
                self::assertNotSame('', $timeline->title);
            }
        }
    }

    public function testHowFarARunnerMayStray(): void
    {
        $defence = self::defence(Level::Pro, 'R1R2-0');
        $at = $defence->setting->cast->at(Position::RightField)->start;
        $strays = MayStray::all($defence, $at);
        self::assertSame([Base::First, Base::Second], array_column($strays, 'base'));
        self::assertEqualsWithDelta(60.0, $strays[0]->feet, 8.0, 'two thirds of the way on a fly to right');
        self::assertLessThanOrEqual(90.0, $strays[1]->feet);
        $ball = $defence->play(OutfieldTrial::hit($at, Flight::Fly, $defence->setting->rules, Reached::Caught));
        $runner = $defence->setting->runners[0];
        self::assertEqualsWithDelta(
            $ball->ways->to(Base::First)->held() - $ball->ball->seconds,
            0.25 + $runner->legs->secondsFor($strays[0]->feet - 6.0),
            0.001,
            'he is back with the ball',
        );
        self::assertSame([], MayStray::all(self::defence(Level::Pro, 'R1-2'), $at));
    }

    /** Whoever cannot see the runners is told the base that he throws toward, at once or over the cutoff man. */
    #[TestWith([Level::Pro, 'R2-2'])]
    #[TestWith([Level::HighSchool, 'loaded-1'])]
    #[TestWith([Level::Fastpitch16, 'R1R2-1'])]
    public function testTheOutfielderThrowsWhereHeIsTold(Level $level, string $situation): void
    {
        $defence = self::defence($level, $situation);
        $straight = 0;
        foreach (SixtyBalls::of($defence->setting->rules) as $trial) {
            $play = $defence->play($trial);
            $made = $play->made();
            $told = null;
            foreach (Calls::on($play, $made) as $voice) {
                $isHis = $voice->to === $play->firstBy();
                $told = $isHis && VoiceWord::Going !== $voice->words[0] ? $voice->words : $told;
            }
            $line = $made->way->isCut() ? $play->ways->cut?->base : $made->way->base;
            self::assertSame(null === $line || null === $told ? $told : [VoiceWord::base($line)], $told);
            if (null === $made->runner && $made->way->base !== $play->ways->cut?->base) {
                self::assertFalse($made->way->isCut(), 'not over the line to another base');
                ++$straight;
            }
        }
        self::assertGreaterThan(5, $straight);
    }

    /** The run is conceded: the ball goes to second, and the cutoff man on the line home lets it be. */
    public function testAConcededRunnersThrowGoesAheadOfTheNext(): void
    {
        $play = self::play(Level::Pro, 'R2-2', Point::of(150.0, 200.0), Flight::Ground);
        $voices = Calls::on($play, $play->made());

        self::assertSame(Base::Second, $play->made()->way->base);
        self::assertFalse($play->made()->way->isCut());
        self::assertSame(Base::Home, $play->ways->cut?->base);
        self::assertEqualsWithDelta(
            1.26,
            ($play->ways->over(Base::Second)->arrives ?? 0.0) - $play->made()->way->arrives,
            0.05,
        );
        self::assertSame([VoiceWord::base(Base::Second)], $voices[0]->words);
        self::assertSame([VoiceWord::base(Base::Second)], $voices[1]->words, 'nobody cuts it');
    }
}
