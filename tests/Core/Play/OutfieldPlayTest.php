<?php

declare(strict_types=1);

namespace FoxCorner\Tests\Core\Play;

use FoxCorner\Core\Family\Outfield\BallKind;
use FoxCorner\Core\Family\Outfield\Flight;
use FoxCorner\Core\Family\Outfield\IdleCheck;
use FoxCorner\Core\Family\Outfield\OutfieldCoverages;
use FoxCorner\Core\Family\Outfield\OutfieldPlay;
use FoxCorner\Core\Family\Outfield\OutfieldTrial;
use FoxCorner\Core\Family\Outfield\TwelveBalls;
use FoxCorner\Core\Field\Base;
use FoxCorner\Core\Field\Point;
use FoxCorner\Core\Field\ShippedRuleSets;
use FoxCorner\Core\Game\Bases;
use FoxCorner\Core\Game\Outs;
use FoxCorner\Core\Game\Situation;
use FoxCorner\Core\Level\Level;
use FoxCorner\Core\People\Position;
use FoxCorner\Core\Play\Ball\Reached;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** Balls to the outfield: who goes where by school, which way it comes in, and how far everybody runs. */
final class OutfieldPlayTest extends TestCase
{
    use BallsToTheOutfield;

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
}
