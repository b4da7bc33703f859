<?php

declare(strict_types=1);

namespace FoxCorner\Tests\Core\Play;

use FoxCorner\Core\Family\PassedBall\Gone;
use FoxCorner\Core\Family\PassedBall\PassedBallFamily;
use FoxCorner\Core\Family\PassedBall\PassedBallTrial;
use FoxCorner\Core\Family\PassedBall\ToSide;
use FoxCorner\Core\Field\Base;
use FoxCorner\Core\Field\Point;
use FoxCorner\Core\Level\Level;
use FoxCorner\Core\People\Position;
use FoxCorner\Core\Plan\Audit\PlannedPlay;
use FoxCorner\Core\Plan\PlanBook;
use FoxCorner\Core\Play\Choice\AfterPlay;
use FoxCorner\Core\Play\Clock\Timeline;
use FoxCorner\Core\Problem\Problem;
use FoxCorner\Tests\Core\Teams;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class PassedBallTest extends TestCase
{
    /** A blocked pitch is an out for whoever tries, one at the backstop is a run: at every level, in that order. */
    public function testTheFartherItGetsAwayTheSaferTheRunner(): void
    {
        foreach (Level::cases() as $level) {
            $chances = [];
            foreach (Gone::cases() as $gone) {
                $chances[] = self::thrown($gone, level: $level)->called()->chance;
            }

            self::assertGreaterThan(0.7, $chances[0], $level->value);
            self::assertGreaterThan($chances[1], $chances[0], $level->value);
            self::assertGreaterThan($chances[2], $chances[1], $level->value);
            self::assertLessThan(0.1, $chances[2], $level->value);
        }
    }

    /** By hand: he reacts, finds it, runs; he lets go, and the pitcher has come from the rubber. */
    public function testTheCatcherFindsItAndThePitcherHasThePlate(): void
    {
        $far = self::thrown(Gone::Backstop)->called();
        self::assertSame(Position::Pitcher, $far->cover);
        self::assertEqualsWithDelta(3.47, $far->coverThere, 0.02, '.3 s to finish, and 55 ft from where he lands');

        $play = self::thrown(Gone::Past);
        $called = $play->called();

        self::assertSame(Position::Catcher, $play->fieldedBy());
        self::assertEqualsWithDelta(1.69, $play->fieldedAt(), 0.02, '.36 + .3 s, and 1.03 s of running');
        self::assertSame(Base::Home, $called->base);
        self::assertSame(Position::Catcher, $called->cover, 'eighteen feet he is there before the pitcher');
        self::assertFalse($called->isForce, 'he is not forced: the batter stays');
        self::assertEqualsWithDelta(3.56, $called->runnerThere, 0.02);
        self::assertEqualsWithDelta(0.754, $called->chance, 0.01);
    }

    public function testNobodyRunsToFirst(): void
    {
        $play = self::thrown(Gone::Past, situation: 'R1R3-0');

        self::assertSame([Base::Home, Base::Second], array_map(static fn($one): Base => $one->base, $play->options()));
        self::assertArrayNotHasKey('batter', $play->runners);
        self::assertArrayNotHasKey(Base::First->value, $play->setting->threats);
    }

    /** Out, he is gone; safe, he is in; astray, everybody has a base more: by the chain, with the batter still up. */
    public function testWhatItCostsCountsNoBatter(): void
    {
        $cost = Teams::cost(Level::HighSchool);
        $called = self::thrown(Gone::Blocked)->called();
        $after = new AfterPlay($cost, Teams::state('baseball-90', 'R3-0')->situation);
        [$out, $safe] = [$after->of([3 => null]), $after->of([3 => 4])];

        self::assertEqualsWithDelta($cost->after(0, 1, 0), $out, 1e-9);
        self::assertEqualsWithDelta($cost->after(0, 0, 1), $safe, 1e-9);
        self::assertEqualsWithDelta($called->chance * $out + (1 - $called->chance) * $safe, $called->cost, 1e-9);
    }

    #[TestWith([ToSide::Third, Position::FirstBase, Position::ThirdBase])]
    #[TestWith([ToSide::First, Position::ThirdBase, Position::FirstBase])]
    public function testTheCornerAcrossFromTheBallIsBehind(ToSide $side, Position $behind, Position $stays): void
    {
        $play = self::thrown(Gone::Past, $side);
        $home = $play->behind(Base::Home);
        $lies = $play->legs[0]->from->at;

        self::assertSame([$behind], array_map(static fn($move): Position => $move->position(), $home));
        self::assertTrue($play->move($stays)->covers(Position::ThirdBase === $stays ? Base::Third : Base::First));
        self::assertLessThan(0.0, $lies->y, 'behind the plate');
        self::assertLessThan(0.0, $lies->x * $home[0]->track->end()->point->x, 'on the other side');
    }

    public function testOneRuleForBothSides(): void
    {
        $play = self::play('R2R3-1', 'passed-ball-first-behind');
        foreach (ToSide::cases() as $side) {
            $timeline = $play->run(PassedBallTrial::gone(Gone::Past, $side, $play->plan->state->rules));

            self::assertSame(Position::FirstBase, $timeline->behind(Base::Home)[0]->position());
            self::assertTrue($timeline->move(Position::ThirdBase)->covers(Base::Third));
        }
    }

    /** .97 of pitches are had at once by professionals: one in a hundred and ten plate appearances. */
    public function testHowOftenItComesUp(): void
    {
        $often = static fn(Level $level): float => (new PassedBallFamily())->perPlateAppearance(
            Teams::scene($level->usualRules(), 'R3-0', $level),
        );

        self::assertEqualsWithDelta(0.0091, $often(Level::Pro), 0.0002);
        self::assertEqualsWithDelta(0.0547, $often(Level::Youth10), 0.001);
    }

    public function testOddFieldsAreNamed(): void
    {
        $this->expectException(Problem::class);
        $this->expectExceptionMessage('side');
        (new PassedBallFamily())->trial(['side' => 'left'], Teams::scene());
    }

    public function testWhereItLies(): void
    {
        foreach (Gone::cases() as $gone) {
            $ball = PassedBallTrial::gone($gone, ToSide::First, Teams::state()->rules);

            self::assertEqualsWithDelta($gone->feet(), $ball->restsAt()->distanceTo(Point::home()), 1e-9);
            self::assertGreaterThan(0.0, $ball->restsAt()->x);
            self::assertStringContainsString('first-base side', $ball->words());
        }
    }

    private static function thrown(
        Gone $gone,
        ToSide $side = ToSide::Third,
        string $situation = 'R3-0',
        Level $level = Level::HighSchool,
    ): Timeline {
        $play = self::play($situation, level: $level);

        return $play->run(PassedBallTrial::gone($gone, $side, $play->plan->state->rules), Teams::cost($level));
    }

    private static function play(
        string $situation,
        ?string $coverage = null,
        Level $level = Level::HighSchool,
    ): PlannedPlay {
        $plan = Teams::plan(Teams::state($level->usualRules(), $situation), $level);

        return PlannedPlay::of($plan, new PassedBallFamily(), PlanBook::shipped($plan->state->rules), $coverage);
    }
}
