<?php

declare(strict_types=1);

namespace FoxCorner\Tests\Core\Range;

use FoxCorner\Core\Alignment\Depth\DepthSpot;
use FoxCorner\Core\Field\Point;
use FoxCorner\Core\Field\ShippedRuleSets;
use FoxCorner\Core\Game\Batter;
use FoxCorner\Core\Game\BatterType;
use FoxCorner\Core\Game\Context;
use FoxCorner\Core\Game\Count;
use FoxCorner\Core\Game\GameState;
use FoxCorner\Core\Game\Half;
use FoxCorner\Core\Game\Situation;
use FoxCorner\Core\Level\Level;
use FoxCorner\Core\People\Pitching;
use FoxCorner\Core\People\Position;
use FoxCorner\Core\Plan\SituationPlan;
use FoxCorner\Core\Play\Grid\GroundBalls;
use FoxCorner\Core\Play\Grid\Spray;
use FoxCorner\Core\Range\Hole;
use FoxCorner\Core\Range\Improver;
use FoxCorner\Core\Range\RangeMap;
use FoxCorner\Core\Runs\PlayCost;
use FoxCorner\Core\Runs\WinTable;
use FoxCorner\Tests\Core\Teams;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class RangeTest extends TestCase
{
    public function testWeightsSumToOneAndFollowTheBatter(): void
    {
        $plan = self::plan('none-2');
        foreach (BatterType::cases() as $batter) {
            $spray = Spray::of(Teams::state(batter: $batter)->context);
            $balls = GroundBalls::of($spray, $plan->state->rules, $plan->level);
            self::assertEqualsWithDelta(1.0, array_sum($balls->weights), 1e-9);
        }
    }

    /** @param array{float, float, float} $shares of left, middle and right */
    #[TestWith([BatterType::Right, '0-0', Pitching::Ordinary, [0.55, 0.32, 0.13]])]
    #[TestWith([BatterType::Left, '0-0', Pitching::Ordinary, [0.13, 0.32, 0.55]])]
    #[TestWith([BatterType::RightPower, '0-0', Pitching::Ordinary, [0.66, 0.24, 0.1]])]
    #[TestWith([BatterType::Slapper, '0-0', Pitching::Ordinary, [0.6, 0.27, 0.13]])]
    #[TestWith([BatterType::Right, '1-2', Pitching::Ordinary, [0.46, 0.35, 0.19]])]
    #[TestWith([BatterType::RightPower, '1-2', Pitching::Ordinary, [0.66, 0.24, 0.1]])]
    #[TestWith([BatterType::Right, '0-0', Pitching::HitsSpots, [0.6, 0.31, 0.09]])]
    public function testThirdsOfTheFieldGetTheirShares(
        BatterType $type,
        string $count,
        Pitching $pitching,
        array $shares,
    ): void {
        $spray = Spray::of(Context::of(3, Half::Top, 0, Batter::ofType($type), Count::fromKey($count), $pitching));
        $thirds = [0.0, 0.0, 0.0];
        for ($degrees = -44.95; $degrees < 45.0; $degrees += 0.1) {
            $thirds[$degrees < -15 ? 0 : ($degrees < 15 ? 1 : 2)] += $spray->density($degrees);
        }
        foreach ($shares as $third => $share) {
            self::assertEqualsWithDelta($share, $thirds[$third] / array_sum($thirds), 0.004, "third $third");
        }
    }

    public function testATenthIsToppedAndTheRestAreABellAroundTheLevelsSpeed(): void
    {
        $plan = self::plan('none-2');
        $balls = GroundBalls::of(Spray::of($plan->state->context), $plan->state->rules, $plan->level);
        $speeds = $shares = [];
        foreach ($balls->ways as $speed => $way) {
            $speeds[] = $way->ball->speed / 0.8 / (5280 / 3600) / 85;
            $shares[] = array_sum(
                array_map(
                    static fn(int $direction): float => $balls->weights[$direction * GroundBalls::SPEEDS + $speed],
                    range(0, GroundBalls::DIRECTIONS - 1),
                ),
            );
        }
        self::assertEqualsWithDelta([0.37, 0.55, 0.6, 0.7333, 0.8667, 1, 1.1333, 1.2667, 1.4], $speeds, 1e-4);
        self::assertEqualsWithDelta(0.1, $shares[0] + $shares[1], 1e-9);
        self::assertEqualsWithDelta(exp(-0.5 * (2 / 3) ** 2), $shares[6] / $shares[5], 1e-9);
        self::assertEqualsWithDelta($shares[8], $shares[2], 1e-9);
    }

    public function testNormalHasTheMostRangeAndDoublePlayBuysTwo(): void
    {
        $normal = self::plan('none-1')->range(Teams::cost());
        $two = self::plan('R1-1')->range(Teams::cost());

        self::assertNull($normal->summary->twoPerBall);
        self::assertNotNull($two->summary->twoPerBall);
        self::assertEqualsWithDelta(0.32, $two->summary->twoPerBall, 0.02);
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
        $fresh = RangeMap::of($plan->scene(Teams::cost())->with($cast));

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
        self::assertLessThanOrEqual(5.001, abs($to->off - $from->off), 'two paces at most');
        self::assertLessThanOrEqual(5.001, abs($to->back - $from->back));
    }

    /** Where no out at first saves anything, somebody has the ball all the same. */
    public function testAnOutThatIsWorthNothingIsNoProblem(): void
    {
        foreach (['R1R3-1', 'R3-1', 'loaded-0', 'R2R3-1'] as $situation) {
            foreach ([Half::Top, Half::Bottom] as $half) {
                foreach ([-1, 0, 1, 3] as $lead) {
                    $batter = Batter::ofType(BatterType::Slapper);
                    $state = GameState::of(
                        ShippedRuleSets::get('fastpitch-43'),
                        Situation::fromKey($situation),
                        Context::of(7, $half, $lead, $batter, Count::none()),
                    );
                    $plan = Teams::plan($state);
                    $cost = PlayCost::inChance(WinTable::of($plan->level->chain(), 7), $state->context);
                    $summary = $plan->range($cost)->summary;

                    // Behind in the bottom of the last inning it is lost already.
                    $isLost = Half::Bottom === $half && $lead < 0;
                    self::assertGreaterThan($isLost ? -1.0 : 0.3, $summary->outsPerBall, "$situation, $lead");
                    self::assertEqualsWithDelta(
                        1.0,
                        $summary->outsPerBall + $summary->error + $summary->hit + $summary->past,
                        1e-9,
                    );
                }
            }
        }
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
        $plan->improver($plan->range(Teams::cost()), [], 9);
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
        return $plan->improver($map, $fixed);
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
            $anew = RangeMap::of($plan->scene(Teams::cost())->with($cast))->summary;
            $moved = $map->moved($cast, $who)->summary;

            self::assertEqualsWithDelta($anew->outChance, $moved->outChance, 1e-9, $who->person());
            self::assertEqualsWithDelta($anew->twoPerBall, $moved->twoPerBall, 1e-9, $who->person());
            self::assertEqualsWithDelta($anew->cost, $moved->cost, 1e-9, $who->person());
        }
    }
}
