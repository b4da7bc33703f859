<?php

declare(strict_types=1);

namespace FoxCorner\Tests\Core\Play;

use FoxCorner\Core\Family\Outfield\AirRules;
use FoxCorner\Core\Family\Outfield\BallKind;
use FoxCorner\Core\Family\Outfield\Boldness;
use FoxCorner\Core\Family\Outfield\CutZone;
use FoxCorner\Core\Family\Outfield\Ending;
use FoxCorner\Core\Family\Outfield\Flight;
use FoxCorner\Core\Family\Outfield\IdleCheck;
use FoxCorner\Core\Family\Outfield\MayStray;
use FoxCorner\Core\Family\Outfield\OutfieldCoverages;
use FoxCorner\Core\Family\Outfield\OutfieldDefence;
use FoxCorner\Core\Family\Outfield\OutfieldFamily;
use FoxCorner\Core\Family\Outfield\OutfieldPlay;
use FoxCorner\Core\Family\Outfield\OutfieldTrial;
use FoxCorner\Core\Family\Outfield\Simpler;
use FoxCorner\Core\Family\Outfield\TagUp;
use FoxCorner\Core\Family\Outfield\TwelveBalls;
use FoxCorner\Core\Field\Base;
use FoxCorner\Core\Field\Point;
use FoxCorner\Core\Field\ShippedRuleSets;
use FoxCorner\Core\Game\Bases;
use FoxCorner\Core\Game\Outs;
use FoxCorner\Core\Game\Situation;
use FoxCorner\Core\Known\LevelFigures;
use FoxCorner\Core\Level\Level;
use FoxCorner\Core\Motion\Giving;
use FoxCorner\Core\People\Position;
use FoxCorner\Core\Play\Ball\Reached;
use FoxCorner\Core\Play\Ball\Retrieval;
use FoxCorner\Core\Play\Cast\CastMember;
use FoxCorner\Core\Play\Choice\AfterPlay;
use FoxCorner\Core\Play\Clock\EventKind;
use FoxCorner\Core\Play\Clock\Voice;
use FoxCorner\Core\Play\Clock\VoiceWord;
use FoxCorner\Core\Play\Scheme\Coverage;
use FoxCorner\Core\Play\Scheme\CoverageLine;
use FoxCorner\Core\Play\Scheme\JobKind;
use FoxCorner\Core\Problem\Problem;
use FoxCorner\Tests\Core\Teams;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** Balls to the outfield: who goes where by school, which way it comes in, and how far everybody runs. */
final class OutfieldPlayTest extends TestCase
{
    private static function defence(Level $level, string $situation, string $coverage = 'outfield'): OutfieldDefence
    {
        $plan = (new LevelFigures($level))->plan($situation);
        $coverages = array_column(
            OutfieldCoverages::for($plan->state->situation->bases, $plan->state->rules),
            null,
            'key',
        );

        return new OutfieldDefence($plan->scene(Teams::cost($level)), $coverages[$coverage]);
    }

    private static function play(
        Level $level,
        string $situation,
        Point $to,
        Flight $flight = Flight::Ground,
        string $coverage = 'outfield',
        ?Reached $reached = null,
        Boldness $boldness = Boldness::Ordinary,
    ): OutfieldPlay {
        $defence = self::defence($level, $situation, $coverage);

        return $defence->play(OutfieldTrial::hit($to, $flight, $defence->setting->rules, $reached, $boldness));
    }

    /** @return array<int, string> the key of everybody's job, by position number */
    private static function jobs(OutfieldPlay $play): array
    {
        $keys = array_map(static fn(array $own): string => $own[0]->key(), $play->jobs);
        ksort($keys);

        return array_diff_key($keys, [$play->firstBy()->value => true]);
    }

    public function testASingleToLeftWithARunnerOnSecondUnderBothSchools(): void
    {
        $to = Point::polar(290.0, -25.0);
        $always = self::play(Level::Pro, 'R2-1', $to);
        $bySide = self::play(Level::Pro, 'R2-1', $to, coverage: 'outfield-by-side');

        self::assertSame(BallKind::Single, $always->kind);
        self::assertSame(Base::Home, $always->base);
        self::assertSame(
            [
                1 => 'back-up-home',
                2 => 'cover-home',
                3 => 'cut-home',
                4 => 'cover-first',
                5 => 'cover-third',
                6 => 'cover-second',
                8 => 'behind-ball',
                9 => 'back-up-second',
            ],
            self::jobs($always),
        );
        self::assertSame(
            [
                1 => 'back-up-home',
                2 => 'cover-home',
                3 => 'cover-first',
                4 => 'cover-second',
                5 => 'cut-home',
                6 => 'cover-third',
                8 => 'behind-ball',
                9 => 'back-up-second',
            ],
            self::jobs($bySide),
        );
        self::assertNotNull($always->ways->cut);
        self::assertNotNull($bySide->ways->cut);
        self::assertGreaterThan($bySide->ways->cut->there + 0.5, $always->ways->cut->there, 'first comes from farther');
        $right = self::play(Level::Pro, 'R2-1', Point::polar(290.0, 25.0), coverage: 'outfield-by-side');
        self::assertSame('cut-home', self::jobs($right)[3], 'from right it is the first baseman in both');
    }

    public function testASingleWithARunnerOnFirstIsCutByTheShortstopFromEveryField(): void
    {
        foreach ([-25.0, 0.0, 25.0] as $degrees) {
            $play = self::play(Level::HighSchool, 'R1-1', Point::polar(280.0, $degrees));
            self::assertSame('cut-third', self::jobs($play)[6], "$degrees");
            self::assertSame('cover-third', self::jobs($play)[5]);
            self::assertSame('back-up-third', self::jobs($play)[1]);
        }
    }

    public function testInTheGapWithARunnerOnFirstTwoGoOutAndTheFarOutfielderFillsSecond(): void
    {
        $play = self::play(Level::Pro, 'R1-0', Point::polar(322.0, -14.0), Flight::Line);

        self::assertSame(BallKind::Tandem, $play->kind);
        self::assertSame(
            [
                1 => 'read-then-behind',
                2 => 'cover-home',
                3 => 'last-cut-home',
                4 => 'trail-home',
                5 => 'cover-third',
                6 => 'cut-home',
                7 => 'behind-ball',
                9 => 'come-in-second',
            ],
            self::jobs($play),
        );
        $right = self::play(Level::Pro, 'R1-0', Point::polar(322.0, 14.0), Flight::Line);
        self::assertSame('cut-home', self::jobs($right)[4], 'on the right the second baseman leads');
        self::assertSame('trail-home', self::jobs($right)[6]);
        self::assertSame('come-in-second', self::jobs($right)[7]);
        $none = self::play(Level::Pro, 'none-0', Point::polar(322.0, -14.0), Flight::Line);
        self::assertSame('follow', self::jobs($none)[3], 'nobody on: the first baseman goes with the batter');
        self::assertSame(Base::Third, $none->base);
    }

    public function testTheTrailStandsWhereASailingThrowComesDown(): void
    {
        $play = self::play(Level::Pro, 'R1-0', Point::polar(322.0, -14.0), Flight::Line);
        $moves = $play->timeline()->moves;
        $between = $moves[4]->track->end()->point->distanceTo($moves[6]->track->end()->point);

        self::assertEqualsWithDelta($play->spots()->trailFeet(), $between, 0.01);
        self::assertGreaterThanOrEqual(8.0, $between);
        self::assertLessThanOrEqual(20.0, $between);
        $near = self::play(Level::Pro, 'R1-0', Point::polar(250.0, -14.0), Flight::Line, reached: Reached::BackTurned);
        self::assertGreaterThan(
            $play->spots()->trailFeet(),
            $near->spots()->trailFeet(),
            'a flatter throw sails farther',
        );
    }

    public function testAcrossIsOneCutoffAndBackTurnedIsATandem(): void
    {
        $to = Point::polar(322.0, -43.0);
        $across = self::play(Level::Pro, 'R1-0', $to, Flight::Line, reached: Reached::Across);
        $turned = self::play(Level::Pro, 'R1-0', $to, Flight::Line, reached: Reached::BackTurned);

        self::assertSame(BallKind::Double, $across->kind);
        self::assertSame('cover-second', self::jobs($across)[4]);
        self::assertSame(BallKind::Tandem, $turned->kind);
        self::assertSame('trail-home', self::jobs($turned)[4]);
    }

    public function testSmallFieldsNeedFewerTandems(): void
    {
        $tandems = static function (Level $level): int {
            $defence = self::defence($level, 'R1-0');

            return \count(
                array_filter(
                    TwelveBalls::of($defence->setting->rules),
                    static fn(OutfieldTrial $ball): bool => BallKind::Tandem === $defence->play($ball)->kind,
                ),
            );
        };
        self::assertSame('outfield-at-the-bag', self::usual('baseball-60'));
        self::assertSame('outfield-at-the-bag', self::usual('fastpitch-43'));
        self::assertSame('outfield-at-the-bag', self::usual('slowpitch-65'));
        self::assertSame('outfield', self::usual('baseball-70'));
        self::assertSame('outfield', self::usual('baseball-80'));
        self::assertGreaterThanOrEqual(3, $tandems(Level::Pro));
        $short = self::play(Level::FastpitchCollege, 'R1-0', Point::polar(195.0, -20.0), Flight::Line);
        self::assertNotSame(BallKind::Single, $short->kind);
        self::assertLessThanOrEqual($tandems(Level::Pro), $tandems(Level::FastpitchCollege));
    }

    private static function usual(string $rules): string
    {
        return OutfieldCoverages::for(Bases::First, ShippedRuleSets::get($rules))[0]->key;
    }

    #[TestWith([Level::Pro])]
    #[TestWith([Level::Youth10])]
    #[TestWith([Level::Fastpitch16])]
    public function testNobodyIsIdleInAnySituationUnderAnySchool(Level $level): void
    {
        foreach (Bases::cases() as $bases) {
            $situation = Situation::of($bases, Outs::One)->key();
            $rules = self::defence($level, $situation)->setting->rules;
            foreach (OutfieldCoverages::for($bases, $rules) as $coverage) {
                $defence = self::defence($level, $situation, $coverage->key);
                $check = IdleCheck::of($defence);
                self::assertSame([], $check->idle, "$situation, $coverage->key");
                self::assertSame(60, $check->balls);
                self::assertSame(60 * 9, array_sum(array_map(array_sum(...), $check->jobs)), 'one job each');
            }
        }
    }

    public function testEveryBagThatARunnerMayWantIsCoveredAndBackedUp(): void
    {
        foreach (['none-0', 'R1-1', 'R2-0', 'R3-1', 'R1R2-2', 'loaded-1'] as $situation) {
            $defence = self::defence(Level::Pro, $situation);
            foreach (TwelveBalls::of($defence->setting->rules) as $ball) {
                $play = $defence->play($ball);
                self::assertFalse($play->isOpen(), $situation . ': ' . $ball->words());
                $base = $play->base;
                if (BallKind::Single !== $play->kind || Base::Second !== $base) {
                    self::assertTrue($play->timeline()->isBackedUp($base), $situation . ': ' . $ball->words());
                }
            }
        }
    }

    public function testThePitcherIsBehindTheBaseThatTheThrowGoesTo(): void
    {
        $home = self::play(Level::Pro, 'R2-2', Point::polar(290.0, -25.0));
        $end = $home->timeline()->moves[1]->track->end()->point;
        $bag = $home->setting->bag(Base::Home);
        self::assertEqualsWithDelta(
            $home->ball->at->distanceTo($bag) + $end->distanceTo($bag),
            $home->ball->at->distanceTo($end),
            0.5,
            'in line with the throw',
        );
        self::assertGreaterThanOrEqual(16.0, $end->distanceTo($bag));
        self::assertLessThanOrEqual(30.01, $end->distanceTo($bag), 'the backstop is there');
        $read = self::play(Level::Pro, 'R1-0', Point::polar(322.0, -14.0), Flight::Line);
        $third = $read->setting->bag($read->made()->way->base);
        self::assertLessThanOrEqual(
            40.5,
            $read->timeline()->moves[1]->track->end()->point->distanceTo($third),
            'he has read it',
        );
    }

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

    public function testTheRunnerDecidesByWhatItPays(): void
    {
        $to = Point::polar(290.0, -25.0);
        $ends = static fn(string $situation, Boldness $boldness): int => self::play(
            Level::Pro,
            $situation,
            $to,
            boldness: $boldness,
        )->made()->ends[2];

        self::assertSame(3, $ends('R2-0', Boldness::Ordinary), 'with nobody out he waits');
        self::assertSame(3, $ends('R2-2', Boldness::Cautious));
        self::assertSame(4, $ends('R2-2', Boldness::Bold), 'with two out it pays to try');
        $play = self::play(Level::Pro, 'R2-2', $to, boldness: Boldness::Bold);
        $lead = $play->runners[0];
        $needs = $play->advance->needs($lead, 4, $play->advance->sure);
        self::assertEqualsWithDelta(0.39, $needs, 0.05, 'the break-even of the run table');
        self::assertEqualsWithDelta(0.24, $play->made()->chance, 0.05);
    }

    public function testWhatIsCalledOut(): void
    {
        $silent = self::calls(self::play(Level::Pro, 'R2-2', Point::polar(290.0, -25.0), boldness: Boldness::Bold));
        self::assertSame([], $silent['cut'], 'a throw that is let through is not called');
        $held = self::calls(self::play(Level::Pro, 'R2-0', Point::polar(290.0, -25.0)));
        self::assertSame([VoiceWord::Cut], $held['cut'], 'nobody goes on: hold it');
        $tandem = self::play(Level::Pro, 'R1-0', Point::polar(345.0, -14.0), Flight::Line);
        self::assertContains([VoiceWord::Tandem], array_map(self::words(...), $tandem->timeline()->voices));
        self::assertContains([VoiceWord::LetGo], array_map(self::words(...), $tandem->timeline()->voices));
        $times = array_map(static fn(Voice $voice): float => $voice->seconds, $tandem->timeline()->voices);
        $sorted = $times;
        sort($sorted);
        self::assertSame($sorted, $times);
    }

    /** @return array{cut: list<VoiceWord>} what the cutoff man hears */
    private static function calls(OutfieldPlay $play): array
    {
        foreach ($play->timeline()->voices as $voice) {
            if (JobKind::Cut === $play->timeline()->move($voice->to)->jobs[0]->kind) {
                self::assertSame(Position::Catcher, $voice->by, 'at home the catcher decides');

                return ['cut' => $voice->words];
            }
        }
        self::fail('The cutoff man hears nothing about himself.');
    }

    /** @return list<VoiceWord> */
    private static function words(Voice $voice): array
    {
        return $voice->words;
    }

    public function testARelayedThrowIsTwoLegsAndNoDoublePlay(): void
    {
        $play = self::play(Level::Pro, 'R1-2', Point::polar(345.0, -14.0), Flight::Line, boldness: Boldness::Bold);
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

    public function testASacrificeFlyByDepthAndArm(): void
    {
        $table = TagUp::table(self::defence(Level::Pro, 'R3-1'));
        self::assertSame(['left', 'center', 'right'], array_keys($table));
        $chances = array_map(static fn(TagUp $one): float => $one->chance, $table['center']);
        $sorted = $chances;
        sort($sorted);
        self::assertSame($sorted, $chances, 'the deeper, the safer');
        $at = static fn(Level $level, float $feet): ?TagUp => TagUp::at(
            'center',
            Point::of(0.0, $feet),
            self::defence($level, 'R3-1'),
            Boldness::Ordinary,
        );
        self::assertEqualsWithDelta(0.27, $at(Level::Pro, 200.0)->chance ?? 0.0, 0.08);
        self::assertEqualsWithDelta(0.97, $at(Level::Pro, 265.0)->chance ?? 0.0, 0.05);
        self::assertGreaterThan($at(Level::Pro, 225.0)->chance ?? 1.0, $at(Level::Youth13, 225.0)->chance ?? 0.0);
        self::assertSame([], TagUp::table(self::defence(Level::Pro, 'none-0')));
        self::assertSame([], TagUp::table(self::defence(Level::Pro, 'R3-2')));
        self::assertEqualsWithDelta(0.0, ($at(Level::Pro, 250.0)->runner ?? 0.0) - 3.95, 0.1);
    }

    public function testAFoulFlyIsCaughtAndEverybodyTags(): void
    {
        $foul = Point::polar(240.0, -50.0);
        $play = self::play(Level::Pro, 'R2R3-1', $foul, Flight::Fly, reached: Reached::Caught);
        self::assertSame(BallKind::Caught, $play->kind);
        self::assertSame(Position::LeftField, $play->firstBy());
        self::assertStringContainsString('foul on the left', $play->trial->words());
        self::assertSame([3, 2], array_column($play->runners, 'from'), 'the batter is out');
        $rules = ShippedRuleSets::get('baseball-90');
        self::assertSame(Reached::Caught, OutfieldTrial::near($foul, Flight::Fly, $rules)->reached);
        self::assertLessThan(45.0, abs(OutfieldTrial::near($foul, Flight::Ground, $rules)->to->sprayDegrees()));
        self::assertNull(
            OutfieldTrial::near(Point::of(0.0, 200.0), Flight::Ground, $rules, Reached::Caught)->reached,
            'what rolls is not caught',
        );
    }

    public function testWhoIsTooLateForACatchHasItWhenHeIsThere(): void
    {
        $play = self::play(Level::Pro, 'none-0', Point::polar(340.0, -14.0), Flight::Line, reached: Reached::Caught);
        $who = $play->ball->by;
        $there = $who->reaction + $who->legs->secondsFor($who->start->distanceTo($play->trial->ball->landing()) - 3.0);

        self::assertGreaterThan($play->trial->ball->hang, $there, 'he would be late');
        self::assertEqualsWithDelta($there, $play->ball->seconds, 1e-9);
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
        $bare = new OutfieldDefence($defence->setting->scene, self::without($defence->coverage, JobKind::BackUp));
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

    private static function without(Coverage $coverage, JobKind $gone): Coverage
    {
        return new Coverage(
            'ours',
            'Ours',
            'Ours',
            '',
            $coverage->bases,
            $coverage->fielders,
            array_values(
                array_filter($coverage->lines, static fn(CoverageLine $line): bool => $line->job->kind !== $gone),
            ),
        );
    }

    public function testACoverageWithoutATrailOrACutoffIsPlayedAllTheSame(): void
    {
        $defence = self::defence(Level::Pro, 'R1-0');
        foreach ([JobKind::Trail, JobKind::Cut] as $gone) {
            $ours = new OutfieldDefence($defence->setting->scene, self::without($defence->coverage, $gone));
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

    public function testFewerRulesAndWhatTheyLose(): void
    {
        $defences = [self::defence(Level::Youth10, 'R1-0'), self::defence(Level::Youth10, 'R2-1')];
        $all = Simpler::of($defences, 9);
        self::assertSame([], $all->dropped);
        self::assertSame(0.0, $all->lost);
        $few = Simpler::of($defences, 2);
        self::assertNotSame([], $few->dropped);
        foreach ($few->coverages as $index => $coverage) {
            $jobs = IdleCheck::of(new OutfieldDefence($defences[$index]->setting->scene, $coverage))->jobs;
            self::assertLessThanOrEqual(2, max([0, ...array_map(\count(...), $jobs)]));
        }
        self::assertGreaterThanOrEqual(0.0, $few->lost);
        self::assertGreaterThan(0, $few->uncovered + (int) (1000 * $few->lost), 'it is not for nothing');
    }

    public function testRulesOfBallsInTheAir(): void
    {
        $state = static fn(string $situation, string $rules = 'baseball-90') => Teams::state($rules, $situation);

        self::assertTrue(AirRules::infieldFly($state('R1R2-1')));
        self::assertTrue(AirRules::infieldFly($state('loaded-0')));
        self::assertFalse(AirRules::infieldFly($state('R1R2-2')));
        self::assertFalse(AirRules::infieldFly($state('R1R3-0')));
        self::assertCount(1, AirRules::in($state('R1R2-0')), 'first is taken: no dropped third strike');
        self::assertStringContainsString('first is free', AirRules::in($state('R2-1'))[0]);
        self::assertStringContainsString('two out', AirRules::in($state('R1-2'))[0]);
        self::assertStringContainsString('this age', AirRules::in($state('none-0', 'baseball-60'))[0]);
        self::assertStringNotContainsString('this age', AirRules::in($state('none-0', 'baseball-70'))[0]);
        self::assertStringNotContainsString('this age', AirRules::in($state('none-0', 'fastpitch-35'))[0]);
    }

    /** @param array<string, float|string> $fields */
    #[TestWith([['x' => 10.0, 'y' => 40.0], 'place of the ball'])]
    #[TestWith([['x' => -300.0, 'y' => 100.0], 'direction of the ball'])]
    #[TestWith([['x' => 0.0, 'y' => 700.0, 'flight' => 'fly'], 'place of the ball'])]
    #[TestWith([['x' => -220.0, 'y' => 190.0, 'flight' => 'fly'], 'direction of the ball'])]
    #[TestWith([['flight' => 'ground', 'reached' => 'caught'], 'reached'])]
    #[TestWith([['flight' => 'kick'], 'flight'])]
    #[TestWith([['reached' => 'late'], 'reached'])]
    #[TestWith([['boldness' => 'mad'], 'boldness'])]
    public function testABallThatCannotBeIsRefused(array $fields, string $field): void
    {
        try {
            (new OutfieldFamily())->trial($fields, Teams::scene('baseball-90', level: Level::Pro));
            self::fail('It was taken.');
        } catch (Problem $problem) {
            self::assertSame($field, $problem->field());
        }
    }

    public function testATrialIsItsFields(): void
    {
        $rules = ShippedRuleSets::get('fastpitch-43');
        $family = new OutfieldFamily();
        foreach (TwelveBalls::of($rules) as $ball) {
            self::assertEquals($ball, $family->trial($ball->fields(), Teams::scene($rules->key)));
        }
        $touch = OutfieldTrial::near(Point::of(0.0, 900.0), Flight::Line, $rules);
        self::assertSame(Flight::Line, $touch->flight);
        self::assertLessThan($rules->fence->distanceAt(0.0), $touch->to->distanceTo(Point::home()));
        self::assertGreaterThan(
            OutfieldTrial::nearest($rules),
            OutfieldTrial::near(Point::of(3.0, 4.0), Flight::Ground, $rules)->to->distanceTo(Point::home()),
        );
    }
}
