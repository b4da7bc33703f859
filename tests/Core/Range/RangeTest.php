<?php

declare(strict_types=1);

namespace FoxCorner\Tests\Core\Range;

use FoxCorner\Core\Alignment\DepthSpot;
use FoxCorner\Core\Field\Point;
use FoxCorner\Core\Game\Batter;
use FoxCorner\Core\Game\BatterType;
use FoxCorner\Core\Game\Situation;
use FoxCorner\Core\Level\Level;
use FoxCorner\Core\Motion\Intercept;
use FoxCorner\Core\Motion\RollingBall;
use FoxCorner\Core\Motion\Speed;
use FoxCorner\Core\People\Position;
use FoxCorner\Core\Plan\SituationPlan;
use FoxCorner\Core\Range\GroundBalls;
use FoxCorner\Core\Range\GroundCost;
use FoxCorner\Core\Range\Hole;
use FoxCorner\Core\Range\Improver;
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
            $ball = RollingBall::groundBall(
                Speed::ofMph($plan->level->groundBallSpeed),
                $plan->state->rules->surface,
                $balls->sprays[$direction],
            );
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
        $leftSide = static fn(BatterType $batter): float => Spray::of(Batter::ofType($batter))->density(-22) /
            Spray::of(Batter::ofType($batter))->density(22);
        self::assertGreaterThan(1.0, $leftSide(BatterType::Right));
        self::assertLessThan(1.0, $leftSide(BatterType::Left));
        self::assertGreaterThan($leftSide(BatterType::Right), $leftSide(BatterType::RightPower), 'power pulls more');
        self::assertGreaterThan(1.0, $leftSide(BatterType::Slapper), 'a left-hander who slaps goes the other way');
    }

    public function testNormalHasTheMostRangeAndDoublePlayBuysTwo(): void
    {
        $normal = self::plan('none-1')->range(Teams::cost());
        $two = self::plan('R1-1')->range(Teams::cost());

        self::assertNull($normal->summary->twoPerBall);
        self::assertNotNull($two->summary->twoPerBall);
        self::assertGreaterThan(0.3, $two->summary->twoPerBall);
        self::assertGreaterThan(
            self::plan('R3-0', 9)->range(Teams::cost())->summary->outsPerBall,
            $normal->summary->outsPerBall,
            'playing in gives up range',
        );
        self::assertGreaterThan(0.68, $normal->summary->outsPerBall);
        self::assertLessThan(0.85, $normal->summary->outsPerBall);
    }

    public function testAShadeOpensTheHoleBehindIt(): void
    {
        $plan = self::plan('none-2');
        $short = $plan->cast->at(Position::Shortstop)->start;
        $towardSecond = $plan
            ->range(Teams::cost())
            ->moved($plan->cast->moved(Position::Shortstop, $short->plus(14, 4)), Position::Shortstop);

        self::assertGreaterThan(
            self::width($plan->range(Teams::cost()), '5–6 hole') + 5.0,
            self::width($towardSecond, '5–6 hole'),
        );
        self::assertLessThan(
            self::width($plan->range(Teams::cost()), '6–4 hole'),
            self::width($towardSecond, '6–4 hole'),
            'and closes the one in front of it',
        );
    }

    public function testMovingOneIsTheSameAsStartingThere(): void
    {
        $plan = self::plan('none-2');
        $cast = $plan->cast->moved(Position::SecondBase, Point::of(40, 118));
        $fresh = RangeMap::of($plan->state, $plan->level, $cast, Teams::cost());

        self::assertEqualsWithDelta(
            $fresh->summary->outsPerBall,
            $plan->range(Teams::cost())->moved($cast, Position::SecondBase)->summary->outsPerBall,
            1e-12,
        );
        self::assertSame(
            $fresh->summary->outChance,
            $plan->range(Teams::cost())->moved($cast, Position::SecondBase)->summary->outChance,
        );
    }

    public function testTheBestMoveSavesWhatItSaysAndStaysWithinReach(): void
    {
        $plan = self::plan('R1-1', 3, 5);
        $map = $plan->range(Teams::cost());
        $found = self::improver($plan, $map, [Position::FirstBase])->single();

        self::assertNotNull($found);
        [$step] = $found->steps;
        self::assertNotSame(Position::FirstBase, $step->position, 'he holds the runner');
        $after = $map->moved($plan->cast->moved($step->position, $step->to), $step->position);
        self::assertEqualsWithDelta($found->gain, 100 * ($map->summary->cost - $after->summary->cost), 1e-9);
        self::assertGreaterThan(0.2, $found->gain);
        $from = DepthSpot::at($step->position, $plan->cast->at($step->position)->start, $plan->state->rules->diamond());
        $to = DepthSpot::at($step->position, $step->to, $plan->state->rules->diamond());
        self::assertLessThanOrEqual(5.001, hypot($to->off - $from->off, $to->back - $from->back), 'two paces at most');
    }

    public function testNoMoveWhenEverybodyIsFixed(): void
    {
        $plan = self::plan('none-2');
        $improver = self::improver($plan, $plan->range(Teams::cost()), [
            Position::FirstBase,
            Position::SecondBase,
            Position::ThirdBase,
            Position::Shortstop,
        ]);

        self::assertNull($improver->single());
        self::assertNull($improver->joint());
    }

    public function testAReachBeyondFourPacesIsRefused(): void
    {
        $plan = self::plan('none-2');

        $this->expectExceptionMessage('reach: 4.5 is too large; allowed: 0.5 to 4 paces');
        new Improver($plan->range(Teams::cost()), $plan->cast, $plan->state->rules->diamond(), [], 9);
    }

    public function testPlayingInKeepsTheRunnerOnThird(): void
    {
        $in = self::plan('R3-1', 9)->range(Teams::cost())->summary;
        $halfway = self::plan('R3-1', 3)->range(Teams::cost())->summary;
        $back = self::plan('R3-1', 3, 5)->range(Teams::cost())->summary;

        self::assertNotNull($in->thirdScores);
        self::assertLessThan($halfway->thirdScores, $in->thirdScores);
        self::assertLessThan($back->thirdScores, $halfway->thirdScores);
        self::assertGreaterThan($in->outsPerBall, $back->outsPerBall, 'outs are the price');
        self::assertNull(self::plan('R3-2')->range(Teams::cost())->summary->thirdScores, 'with two out he runs anyway');
    }

    public function testAGroundBallCostsLessThanItStartedWithOnlyWhenOutsAreMade(): void
    {
        $cost = Teams::cost();
        foreach (['none-0', 'R1-0', 'R2-1', 'R3-0', 'R1R3-1', 'loaded-1'] as $situation) {
            $map = self::plan($situation)->range($cost);
            $ground = GroundCost::of($cost, Situation::fromKey($situation), Level::Pro->rates());

            self::assertLessThan($ground->through, $ground->outAtFirst[0], 'an out is better than a hit');
            self::assertLessThanOrEqual(
                $ground->outAtFirst[0],
                $ground->outAtFirst[1],
                'a runner who stays costs no more',
            );
            self::assertGreaterThan($ground->two[0], $map->summary->cost, 'not every ball is two');
            self::assertLessThan($ground->through, $map->summary->cost, 'and not every one is a hit');
        }
    }

    public function testFansLieWithinTheirFieldersGround(): void
    {
        $plan = self::plan('none-2');
        $fans = $plan->range(Teams::cost())->summary->fans;

        self::assertGreaterThan(4, \count($fans[6]));
        foreach ([4, 5, 6] as $number) {
            foreach ($fans[$number] as $point) {
                self::assertLessThan(60.0, $point->distanceTo($plan->cast->at(Position::from($number))->start));
            }
        }
        self::assertLessThan(
            $fans[6][0]->sprayDegrees(),
            $fans[5][0]->sprayDegrees(),
            'the third baseman is left of the shortstop',
        );
    }

    /** @param list<Position> $fixed */
    private static function improver(SituationPlan $plan, RangeMap $map, array $fixed): Improver
    {
        return new Improver($map, $plan->cast, $plan->state->rules->diamond(), $fixed);
    }

    private static function plan(string $situation, int $inning = 3, int $lead = 0): SituationPlan
    {
        return Teams::plan(Teams::state('baseball-90', $situation, $inning, $lead), Level::Pro);
    }

    private static function width(RangeMap $map, string $name): float
    {
        return array_sum(
            array_map(
                static fn(Hole $hole): float => $hole->name() === $name ? $hole->feet : 0.0,
                $map->summary->holes,
            ),
        );
    }

    /** Whoever moves, the map that is bettered is the one that is drawn anew. */
    public function testAMovedFieldersMapIsTheWholeMapAnew(): void
    {
        $plan = Teams::plan(Teams::state('baseball-90', 'R1-1'));
        $map = $plan->range(Teams::cost());
        $moves = [[Position::SecondBase, 12.0], [Position::Shortstop, -9.0], [Position::FirstBase, -6.0]];
        foreach ([...$moves, [Position::Pitcher, 3.0]] as [$who, $feet]) {
            $at = $plan->cast->at($who)->start;
            $cast = $plan->cast->moved($who, Point::of($at->x + $feet, $at->y - 4.0));
            $anew = RangeMap::of($plan->state, $plan->level, $cast, Teams::cost())->summary;
            $moved = $map->moved($cast, $who)->summary;

            self::assertEqualsWithDelta($anew->outChance, $moved->outChance, 1e-9, $who->person());
            self::assertEqualsWithDelta($anew->twoPerBall, $moved->twoPerBall, 1e-9, $who->person());
            self::assertEqualsWithDelta($anew->cost, $moved->cost, 1e-9, $who->person());
        }
    }
}
