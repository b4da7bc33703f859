<?php

declare(strict_types=1);

namespace FoxCorner\Tests\Core\Alignment;

use FoxCorner\Core\Alignment\Depth\Shade;
use FoxCorner\Core\Alignment\Rule\AlignmentRule;
use FoxCorner\Core\Alignment\Rule\Condition;
use FoxCorner\Core\Field\Point;
use FoxCorner\Core\Field\ShippedRuleSets;
use FoxCorner\Core\Game\Batter;
use FoxCorner\Core\Game\BatterType;
use FoxCorner\Core\Game\Context;
use FoxCorner\Core\Game\Count;
use FoxCorner\Core\Game\GameState;
use FoxCorner\Core\Game\Half;
use FoxCorner\Core\Game\PitchSide;
use FoxCorner\Core\Game\Situation;
use FoxCorner\Core\Level\Level;
use FoxCorner\Core\Motion\FlyKind;
use FoxCorner\Core\People\Lineup;
use FoxCorner\Core\People\Pitching;
use FoxCorner\Core\People\Position;
use FoxCorner\Core\Plan\PlanBook;
use FoxCorner\Core\Plan\SituationPlan;
use FoxCorner\Core\Play\Grid\GroundBalls;
use FoxCorner\Core\Play\Grid\Spray;
use FoxCorner\Tests\Core\Teams;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** Where the pitch is called to: who is moved by it, and what that gains. */
final class PitchSideTest extends TestCase
{
    #[TestWith([PitchSide::Inside, Pitching::HitsSpots, 0.675, 0.278, 0.048])]
    #[TestWith([PitchSide::Outside, Pitching::HitsSpots, 0.456, 0.36, 0.152])]
    #[TestWith([PitchSide::Outside, Pitching::Ordinary, 0.463, 0.347, 0.176])]
    #[TestWith([PitchSide::Inside, Pitching::Wild, 0.57, 0.317, 0.116])]
    #[TestWith([PitchSide::Anywhere, Pitching::Ordinary, 0.55, 0.32, 0.13])]
    #[TestWith([PitchSide::Dropping, Pitching::Ordinary, 0.55, 0.32, 0.13])]
    public function testThirdsOfGroundBallsFollowThePitchAsFarAsItIsPutThere(
        PitchSide $side,
        Pitching $pitching,
        float $pulled,
        float $straight,
        float $other,
    ): void {
        $whole = $pulled + $straight + $other;
        $shares = Spray::of(self::state($side, $pitching)->context)->shares;

        self::assertEqualsWithDelta(1.0, array_sum($shares), 1e-9);
        self::assertEqualsWithDelta([$pulled / $whole, $straight / $whole, $other / $whole], $shares, 0.006);
    }

    /** @return iterable<string, array{Level}> */
    public static function levels(): iterable
    {
        foreach (Level::cases() as $level) {
            yield $level->value => [$level];
        }
    }

    #[DataProvider('levels')]
    public function testWhoeverIsMovedByAPitchGainsByIt(Level $level): void
    {
        foreach ([BatterType::Right, BatterType::Left, BatterType::RightPower, BatterType::LeftPower] as $batter) {
            $inside = self::state(PitchSide::Inside, Pitching::HitsSpots, $level, $batter);
            $outside = self::state(PitchSide::Outside, Pitching::HitsSpots, $level, $batter);
            $outs = static fn(?string $off): float => self::plan($inside, $level, $off)->range(Teams::cost($level))
                ->summary->outsPerBall;
            $caught = static fn(GameState $state, ?string $off): float => self::plan($state, $level, $off)
                ->flies(FlyKind::Fly)
                ->caughtShare();

            self::assertGreaterThan($caught($inside, 'outfield-inside') + 0.0002, $caught($inside, null));
            if (\in_array($batter, [BatterType::Right, BatterType::Left], true)) {
                self::assertGreaterThan($outs('inside') + 0.0005, $outs(null), $batter->value);
                self::assertGreaterThan($caught($outside, 'outfield-outside') + 0.001, $caught($outside, null));
            }
        }
    }

    #[TestWith([PitchSide::Dropping, Pitching::HitsSpots, 0.2])]
    #[TestWith([PitchSide::Dropping, Pitching::Ordinary, 0.1516])]
    #[TestWith([PitchSide::Dropping, Pitching::Wild, 0.1149])]
    #[TestWith([PitchSide::Outside, Pitching::HitsSpots, 0.1])]
    public function testWhatDropsIsHitOnItsTopAsFarAsItIsPutThere(
        PitchSide $side,
        Pitching $pitching,
        float $topped,
    ): void {
        $context = self::state($side, $pitching)->context;
        $level = Level::Pro->profile();
        $balls = GroundBalls::of(Spray::of($context), ShippedRuleSets::get(Level::Pro->usualRules()), $level);
        $slow = 0.0;
        foreach ($balls->weights as $index => $weight) {
            $slow += $balls->speeds[$index % GroundBalls::SPEEDS] < 0.6 * $level->groundBallSpeed ? $weight : 0.0;
        }

        // The bell's own slowest are .6 of the ordinary speed.
        self::assertEqualsWithDelta($topped, $slow, 0.0005);
        self::assertEqualsWithDelta(1.0, array_sum($balls->weights), 1e-9);
    }

    #[DataProvider('levels')]
    public function testWhatDropsBringsThirdBaseInByHalfAStepWhichGains(Level $level): void
    {
        foreach ([BatterType::Right, BatterType::Left] as $batter) {
            $state = self::state(PitchSide::Dropping, Pitching::HitsSpots, $level, $batter);
            [$in, $usual] = [self::plan($state, $level), self::plan($state, $level, 'dropping')];
            [$near, $far] = [$in->alignment->point(Position::ThirdBase), $usual->alignment->point(Position::ThirdBase)];
            $home = Point::home();

            self::assertEqualsWithDelta($state->rules->basePath / 60, $near->distanceTo($far), 1e-6);
            self::assertLessThan($far->distanceTo($home), $near->distanceTo($home));
            self::assertSame(1, $in->alignment->spot(Position::ThirdBase)->halvesIn());
            self::assertSame(0, $in->alignment->spot(Position::Shortstop)->halvesIn());
            $outs = static fn(SituationPlan $plan): float => $plan->range(Teams::cost($level))->summary->outsPerBall;
            self::assertGreaterThan($outs($usual), $outs($in), $batter->value);
        }
    }

    public function testAShadeInIsSaidInHalfSteps(): void
    {
        $words = static fn(int $steps, int $halves): string => (new Shade(
            Position::ThirdBase,
            $steps,
            'Why.',
            $halves,
        ))->words();

        self::assertSame('5 half a step in', $words(0, 1));
        self::assertSame('5 a step off the line, 5 1½ steps back', $words(1, -3));
        self::assertSame('5 2 steps in', $words(0, 4));
    }

    #[TestWith([Position::ThirdBase, 7])]
    #[TestWith([Position::LeftField, 1])]
    public function testNobodyGoesInFartherThanAShadeAllows(Position $position, int $halves): void
    {
        $this->expectExceptionMessage('steps in');
        new Shade($position, 0, 'Why.', $halves);
    }

    public function testNobodyMovesForAPitcherWhoDoesNotPutItThere(): void
    {
        $spots = static fn(PitchSide $side): array => array_map(
            static fn(Position $position): array => [
                self::plan(self::state($side, Pitching::Ordinary), Level::Pro)->alignment->spot($position)->steps(),
            ],
            Position::cases(),
        );

        self::assertSame($spots(PitchSide::Anywhere), $spots(PitchSide::Inside));
    }

    public function testASlapperIsNotPlayedToPull(): void
    {
        $state = self::state(PitchSide::Inside, Pitching::HitsSpots, Level::Fastpitch16, BatterType::Slapper);
        $rules = PlanBook::shipped($state->rules);

        self::assertFalse($rules->rule('inside')?->when->holds($state));
        self::assertFalse($rules->rule('outfield-inside')?->when->holds($state));
    }

    public function testAConditionSaysThePitch(): void
    {
        $when = new Condition(pitch: [PitchSide::Inside, PitchSide::Outside]);

        self::assertSame('pitch inside or outside', $when->words());
        self::assertTrue($when->holds(self::state(PitchSide::Outside, Pitching::Wild)));
        self::assertFalse($when->holds(self::state(PitchSide::Anywhere, Pitching::Wild)));
    }

    public function testAnotherPitchIsAnotherContext(): void
    {
        $inside = self::state(PitchSide::Inside, Pitching::Ordinary)->context;

        self::assertFalse($inside->isSameAs(self::state(PitchSide::Anywhere, Pitching::Ordinary)->context));
        self::assertTrue($inside->isSameAs(self::state(PitchSide::Inside, Pitching::Ordinary)->context));
        self::assertSame(PitchSide::Inside, $inside->withTimes([1 => 4.3])->pitch);
    }

    private static function state(
        PitchSide $side,
        Pitching $pitching,
        Level $level = Level::Pro,
        BatterType $batter = BatterType::Right,
    ): GameState {
        return GameState::of(
            ShippedRuleSets::get($level->usualRules()),
            Situation::fromKey('none-0'),
            Context::of(3, Half::Top, 0, Batter::ofType($batter), Count::none(), $pitching, pitch: $side),
        );
    }

    private static function plan(GameState $state, Level $level, ?string $off = null): SituationPlan
    {
        $book = PlanBook::shipped($state->rules);
        $rules = array_map(
            static fn(AlignmentRule $one): AlignmentRule => $off === $one->id ? $one->switched(false) : $one,
            $book->rules,
        );

        return SituationPlan::of($state, $level->profile(), Lineup::choose(Teams::nine()), $book->withRules($rules));
    }
}
