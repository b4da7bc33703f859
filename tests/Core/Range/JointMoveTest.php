<?php

declare(strict_types=1);

namespace FoxCorner\Tests\Core\Range;

use FoxCorner\Core\Alignment\Depth\DepthSpot;
use FoxCorner\Core\Field\Point;
use FoxCorner\Core\Level\Level;
use FoxCorner\Core\People\Position;
use FoxCorner\Core\Plan\SituationPlan;
use FoxCorner\Core\Range\Step;
use FoxCorner\Tests\Core\Teams;
use PHPUnit\Framework\TestCase;

/** The search for a move of several, against all pairs. */
final class JointMoveTest extends TestCase
{
    public function testSeveralTogetherSaveAtLeastAsMuchAsAnyPair(): void
    {
        $plan = Teams::plan(Teams::state('baseball-90', 'R1-1', 3, 5), Level::Pro);
        $map = $plan->range(Teams::cost());
        $improver = $plan->improver($map, [Position::FirstBase, Position::ThirdBase]);
        $joint = $improver->joint();
        $best = 0.0;
        foreach (self::steps($plan, Position::SecondBase) as $second) {
            $first = $map->moved($plan->cast->moved(Position::SecondBase, $second), Position::SecondBase);
            foreach (self::steps($plan, Position::Shortstop) as $short) {
                $both = $first->moved(
                    $plan->cast->moved(Position::SecondBase, $second)->moved(Position::Shortstop, $short),
                    Position::Shortstop,
                );
                $best = max($best, $map->summary->gainOf($both->summary));
            }
        }

        self::assertNotNull($joint);
        self::assertSame(
            [Position::SecondBase, Position::Shortstop],
            array_values(
                array_filter(
                    Position::cases(),
                    static fn(Position $position): bool => [] !==
                        array_filter($joint->steps, static fn(Step $step): bool => $step->position === $position),
                ),
            ),
        );
        self::assertGreaterThanOrEqual(
            $best - 1e-9,
            $joint->gain,
            'of two who may move, all pairs of whole steps are beaten or met',
        );
        self::assertGreaterThanOrEqual($improver->single()->gain ?? 0.0, $joint->gain);
    }

    /** @return list<Point> where a fielder is after each of the steps that are tried, and where he stands */
    private static function steps(SituationPlan $plan, Position $position): array
    {
        $now = DepthSpot::at($position, $plan->cast->at($position)->start, $plan->state->rules->diamond());
        $points = [$plan->cast->at($position)->start];
        foreach ([1, 2, 4] as $far) {
            foreach ([[1, 0], [-1, 0], [0, 1], [0, -1]] as [$off, $back]) {
                $points[] = DepthSpot::of(
                    $position,
                    $now->off + 1.25 * $far * $off,
                    $now->back + 1.25 * $far * $back,
                    $plan->state->rules->diamond(),
                )->point();
            }
        }

        return $points;
    }
}
