<?php

declare(strict_types=1);

namespace FoxCorner\Tests\Core\Range;

use FoxCorner\Core\Alignment\Rule\AlignmentRule;
use FoxCorner\Core\Alignment\Rule\ShippedRules;
use FoxCorner\Core\Field\Point;
use FoxCorner\Core\Field\ShippedRuleSets;
use FoxCorner\Core\Game\BatterType;
use FoxCorner\Core\Level\Level;
use FoxCorner\Core\Motion\Ball;
use FoxCorner\Core\Motion\FlyKind;
use FoxCorner\Core\Motion\HangTimes;
use FoxCorner\Core\People\Position;
use FoxCorner\Core\Plan\PlanBook;
use FoxCorner\Core\Plan\SituationPlan;
use FoxCorner\Core\Range\Fly\FlyMap;
use FoxCorner\Core\Range\Fly\FlyPriority;
use FoxCorner\Core\Range\Fly\FlySpot;
use FoxCorner\Core\Range\Fly\FlyZone;
use FoxCorner\Tests\Core\Teams;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class FlyMapTest extends TestCase
{
    public function testHigherBallsHangLongerAndDragHoldsThemBack(): void
    {
        $times = static fn(FlyKind $kind): HangTimes => HangTimes::of($kind, Ball::Baseball, 105.0);

        self::assertGreaterThan($times(FlyKind::LineDrive)->secondsTo(200), $times(FlyKind::Fly)->secondsTo(200));
        self::assertGreaterThan($times(FlyKind::Fly)->secondsTo(200), $times(FlyKind::PopUp)->secondsTo(200));
        self::assertEqualsWithDelta(
            378.0,
            $times(FlyKind::Fly)->farthest(),
            25.0,
            '105 mph at 32 degrees, without lift',
        );
        // Without air it would be v² sin 2θ / g = 670 ft.
        self::assertLessThan(450.0, $times(FlyKind::Fly)->farthest());
        self::assertNull($times(FlyKind::Fly)->secondsTo(500));
        self::assertLessThan(
            $times(FlyKind::Fly)->farthest(),
            HangTimes::of(FlyKind::Fly, Ball::Softball12, 105.0)->farthest(),
            'a softball is slowed more',
        );
    }

    public function testSomebodyIsUnderEveryPopUpAndNobodyUnderEveryLineDrive(): void
    {
        self::assertGreaterThan(0.95, self::plan()->flies(FlyKind::PopUp)->caughtShare());
        self::assertLessThan(
            self::plan()->flies(FlyKind::PopUp)->caughtShare(),
            self::plan()->flies(FlyKind::Fly)->caughtShare(),
        );
        self::assertLessThan(
            self::plan()->flies(FlyKind::Fly)->caughtShare(),
            self::plan()->flies(FlyKind::LineDrive)->caughtShare(),
        );
    }

    public function testWhereItFallsIsNamedByTheNearestTwoAndMovesWithThem(): void
    {
        $plan = self::plan();
        $shifted = FlyMap::of(
            $plan->state,
            $plan->level,
            $plan->cast->moved(Position::LeftField, Point::of(-20, 260)),
            FlyKind::Fly,
        );
        $left = static fn(FlyMap $map): int => \count(
            array_filter(
                $map->spots,
                static fn(FlySpot $spot): bool => $spot->falls() && $spot->point->sprayDegrees() < -25,
            ),
        );

        self::assertContains($plan->flies(FlyKind::Fly)->open[0]->who(), ['7 and 8', '8 and 9']);
        self::assertGreaterThan($left($plan->flies(FlyKind::Fly)) + 20, $left($shifted));
    }

    public function testTwoWhoArriveTogetherAreFoundAndOneOfThemCallsIt(): void
    {
        $plan = self::plan();
        $cast = $plan->cast
            ->moved(Position::LeftField, Point::of(-20, 270))
            ->moved(Position::CenterField, Point::of(20, 270));
        $zones = FlyMap::of($plan->state, $plan->level, $cast, FlyKind::Fly)->shared;

        self::assertSame('7 and 8', $zones[0]->who());
        self::assertSame(Position::CenterField, $zones[0]->caller());
        foreach (FlyMap::of($plan->state, $plan->level, $cast, FlyKind::Fly)->spots as $spot) {
            self::assertNotCount(1, $spot->sharing);
            self::assertSame(
                [],
                array_udiff(
                    $spot->sharing,
                    $spot->there,
                    static fn(Position $a, Position $b): int => $a->value <=> $b->value,
                ),
                'who is late meets nobody',
            );
        }
    }

    public function testTheGroundBetweenThemHasANameAWindowAndSomebodyWhoGivesWay(): void
    {
        $fence = ShippedRuleSets::get('baseball-90')->fence;
        $named = [];
        foreach (FlyKind::cases() as $kind) {
            foreach (self::plan()->flies($kind)->shared as $zone) {
                $named[$zone->name()] = $zone;
                self::assertLessThanOrEqual($zone->longest, $zone->shortest);
                self::assertStringNotContainsString((string) $zone->caller()->value, $zone->yields());
                self::assertLessThan($fence->farthest(), $zone->fence);
            }
        }
        self::assertArrayHasKey('short left', $named);
        self::assertArrayHasKey('short right', $named);
        $zone = new FlyZone(
            [Position::LeftField, Position::CenterField],
            3,
            0.1,
            Point::polar(300.0, -14.0),
            3.0,
            4.0,
            9.0,
        );
        self::assertSame('left-center gap', $zone->name());
        self::assertSame('7', $zone->yields());
        self::assertTrue($zone->isAtFence());
        $behind = new FlyZone(
            [Position::FirstBase, Position::Catcher],
            3,
            0.1,
            Point::polar(90.0, 40.0),
            3.0,
            4.0,
            15.5,
        );
        self::assertSame('behind first', $behind->name());
        self::assertFalse($behind->isAtFence());
        $mound = new FlyZone([Position::Pitcher, Position::Catcher], 3, 0.1, Point::of(0.0, 50.0));
        self::assertSame('around the mound', $mound->name());
        self::assertSame('1', $mound->yields());
    }

    /** The outfield of the shipped rules against the batter it is for, and the same straight up. */
    #[TestWith(['baseball-90', Level::Pro, BatterType::RightPower, 0.004, 0.02])]
    #[TestWith(['baseball-90', Level::HighSchool, BatterType::LeftPower, 0.008, 0.03])]
    #[TestWith(['baseball-60', Level::Youth10, BatterType::RightPower, 0.004, 0.02])]
    #[TestWith(['fastpitch-43', Level::Fastpitch16, BatterType::LeftPower, 0.008, 0.03])]
    #[TestWith(['fastpitch-43', Level::Fastpitch16, BatterType::Slapper, 0.1, 0.17])]
    #[TestWith(['fastpitch-35', Level::Fastpitch12, BatterType::Slapper, 0.05, 0.12])]
    public function testTheOutfieldGainsByGoingRound(
        string $rules,
        Level $level,
        BatterType $batter,
        float $least,
        float $most,
    ): void {
        $state = Teams::state($rules, 'none-0', batter: $batter);
        $caught = static fn(bool $isOn): float => SituationPlan::of(
            $state,
            $level->profile(),
            Teams::plan($state, $level)->lineup,
            PlanBook::shipped($state->rules)->withRules(
                array_map(
                    static fn(AlignmentRule $rule): AlignmentRule => str_starts_with($rule->id, 'outfield')
                        ? $rule->switched($isOn)
                        : $rule,
                    ShippedRules::all(),
                ),
            ),
        )
            ->flies(FlyKind::Fly)
            ->caughtShare();
        $gain = $caught(true) - $caught(false);

        self::assertGreaterThan($least, $gain);
        self::assertLessThan($most, $gain);
    }

    /** The left side of the shipped rules against slappers, and the same without: outs in a hundred ground balls. */
    #[TestWith([Level::Fastpitch12, BatterType::Slapper, 4.0, 7.0])]
    #[TestWith([Level::Fastpitch16, BatterType::Slapper, 4.5, 8.0])]
    #[TestWith([Level::Fastpitch16, BatterType::PowerSlapper, 1.0, 3.5])]
    #[TestWith([Level::FastpitchCollege, BatterType::PowerSlapper, 1.0, 3.5])]
    public function testTheLeftSideGainsBySlappers(Level $level, BatterType $batter, float $least, float $most): void
    {
        $state = Teams::state($level->usualRules(), 'none-0', batter: $batter);
        $outs = static fn(bool $isOn): float => SituationPlan::of(
            $state,
            $level->profile(),
            Teams::plan($state, $level)->lineup,
            PlanBook::shipped($state->rules)->withRules(
                array_map(
                    static fn(AlignmentRule $rule): AlignmentRule => str_starts_with($rule->id, 'slapper')
                        ? $rule->switched($isOn)
                        : $rule,
                    ShippedRules::all(),
                ),
            ),
        )->range(Teams::cost($level))->summary->outsPerBall;
        $gain = 100 * ($outs(true) - $outs(false));

        self::assertGreaterThan($least, $gain);
        self::assertLessThan($most, $gain);
    }

    /** @param non-empty-list<int> $numbers */
    #[TestWith([[7, 8], 8])]
    #[TestWith([[4, 9], 9])]
    #[TestWith([[4, 6], 6])]
    #[TestWith([[3, 4], 4])]
    #[TestWith([[2, 3], 3])]
    #[TestWith([[1, 2], 2])]
    public function testPriority(array $numbers, int $caller): void
    {
        self::assertSame(Position::from($caller), FlyPriority::of(array_map(Position::from(...), $numbers)));
    }

    private static function plan(): SituationPlan
    {
        return Teams::plan(Teams::state('baseball-90', 'none-0'), Level::Pro);
    }
}
