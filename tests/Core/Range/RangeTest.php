<?php

declare(strict_types=1);

namespace FoxCorner\Tests\Core\Range;

use FoxCorner\Core\Game\Batter;
use FoxCorner\Core\Alignment\DepthSpot;
use FoxCorner\Core\Field\Point;
use FoxCorner\Core\Game\BatterType;
use FoxCorner\Core\Motion\Intercept;
use FoxCorner\Core\Motion\RollingBall;
use FoxCorner\Core\Motion\Speed;
use FoxCorner\Core\People\Level;
use FoxCorner\Core\People\Position;
use FoxCorner\Core\Plan\SituationPlan;
use FoxCorner\Core\Range\BestMove;
use FoxCorner\Core\Range\GroundBalls;
use FoxCorner\Core\Range\Hole;
use FoxCorner\Core\Range\RangeMap;
use FoxCorner\Core\Range\Reach;
use FoxCorner\Core\Range\Spray;
use FoxCorner\Tests\Core\Teams;
use PHPUnit\Framework\TestCase;

final class RangeTest extends TestCase
{
    public function testTheTableAgreesWithTheExactIntercept(): void
    {
        $plan = self::plan('none-2');
        $motion = $plan->level->motion;
        $balls = GroundBalls::of(Batter::ofType(BatterType::Right), $plan->state->rules, $plan->level);
        $who = $plan->cast->at(Position::Shortstop);
        $reach = Reach::of($who, $balls, $motion);
        $compared = 0;
        foreach ([12, 14, 16, 18, 20] as $direction) {
            $speed = 4;
            $look = $reach->looks[$direction * GroundBalls::SPEEDS + $speed];
            $ball = RollingBall::groundBall(Speed::ofMph($plan->level->groundBallSpeed), $plan->state->rules->surface, $balls->sprays[$direction]);
            $exact = Intercept::of($who->start, $who->legs, $motion->infieldReaction, $motion->reach, $ball);
            if (Reach::NEVER === $look || null === $exact) {
                continue;
            }
            ++$compared;
            self::assertArrayHasKey($look, $balls->seconds[$speed]);
            self::assertEqualsWithDelta($exact->seconds, $balls->seconds[$speed][$look], 0.12, "direction $direction");
        }
        self::assertGreaterThanOrEqual(3, $compared);
    }

    public function testWeightsSumToOneAndFollowTheBatter(): void
    {
        $plan = self::plan('none-2');
        foreach (BatterType::cases() as $batter) {
            $balls = GroundBalls::of(Batter::ofType($batter), $plan->state->rules, $plan->level);
            self::assertEqualsWithDelta(1.0, array_sum($balls->weights), 1e-9);
        }
        $leftSide = static fn(BatterType $batter): float => Spray::of(Batter::ofType($batter))->density(-22) / Spray::of(Batter::ofType($batter))->density(22);
        self::assertGreaterThan(1.0, $leftSide(BatterType::Right));
        self::assertLessThan(1.0, $leftSide(BatterType::Left));
        self::assertGreaterThan($leftSide(BatterType::Right), $leftSide(BatterType::RightPower), 'power pulls more');
        self::assertGreaterThan(1.0, $leftSide(BatterType::Slapper), 'a left-hander who slaps goes the other way');
    }

    public function testNormalHasTheMostRangeAndDoublePlayBuysTwo(): void
    {
        $normal = self::plan('none-1')->range();
        $two = self::plan('R1-1')->range();

        self::assertNull($normal->summary->twoPerBall);
        self::assertNotNull($two->summary->twoPerBall);
        self::assertGreaterThan(0.3, $two->summary->twoPerBall);
        self::assertGreaterThan(self::plan('R3-0', 9)->range()->summary->outsPerBall, $normal->summary->outsPerBall, 'playing in gives up range');
        self::assertGreaterThan(0.68, $normal->summary->outsPerBall);
        self::assertLessThan(0.85, $normal->summary->outsPerBall);
    }

    public function testAShadeOpensTheHoleBehindIt(): void
    {
        $plan = self::plan('none-2');
        $short = $plan->cast->at(Position::Shortstop)->start;
        $towardSecond = $plan->range()->moved($plan->cast->moved(Position::Shortstop, $short->plus(14, 4)), Position::Shortstop);

        self::assertGreaterThan(self::width($plan->range(), '5–6 hole') + 5.0, self::width($towardSecond, '5–6 hole'));
        self::assertLessThan(self::width($plan->range(), '6–4 hole'), self::width($towardSecond, '6–4 hole'), 'and closes the one in front of it');
    }

    public function testMovingOneIsTheSameAsStartingThere(): void
    {
        $plan = self::plan('none-2');
        $cast = $plan->cast->moved(Position::SecondBase, Point::of(40, 118));
        $fresh = RangeMap::of($plan->state->rules, $plan->level, $plan->state->situation, Batter::ofType(BatterType::Right), $cast);

        self::assertEqualsWithDelta($fresh->summary->outsPerBall, $plan->range()->moved($cast, Position::SecondBase)->summary->outsPerBall, 1e-12);
        self::assertSame($fresh->summary->outChance, $plan->range()->moved($cast, Position::SecondBase)->summary->outChance);
    }

    public function testTheBestMoveGainsWhatItSaysAndHasAPrice(): void
    {
        $plan = self::plan('R1-1', 3, 5);
        $map = $plan->range();
        $move = BestMove::of($map, $plan->cast, $plan->state->rules->diamond(), [Position::FirstBase]);

        self::assertNotNull($move);
        self::assertNotSame(Position::FirstBase, $move->position, 'he holds the runner');
        $after = $map->moved($plan->cast->moved($move->position, $move->to), $move->position);
        self::assertEqualsWithDelta($move->gain, 100 * ($after->summary->worth() - $map->summary->worth()), 1e-9);
        self::assertGreaterThan(0.3, $move->gain);
        $from = DepthSpot::at($move->position, $plan->cast->at($move->position)->start, $plan->state->rules->diamond());
        $to = DepthSpot::at($move->position, $move->to, $plan->state->rules->diamond());
        self::assertLessThanOrEqual(5.001, hypot($to->off - $from->off, $to->back - $from->back), 'two paces at most');
    }

    public function testNoMoveWhenEverybodyIsFixed(): void
    {
        $plan = self::plan('none-2');

        self::assertNull(BestMove::of($plan->range(), $plan->cast, $plan->state->rules->diamond(), [Position::FirstBase, Position::SecondBase, Position::ThirdBase, Position::Shortstop]));
    }

    private static function plan(string $situation, int $inning = 3, int $lead = 0): SituationPlan
    {
        return Teams::plan(Teams::state('baseball-90', $situation, $inning, $lead), Level::Pro);
    }

    private static function width(RangeMap $map, string $name): float
    {
        return array_sum(array_map(static fn(Hole $hole): float => $hole->name() === $name ? $hole->feet : 0.0, $map->summary->holes));
    }
}
