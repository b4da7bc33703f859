<?php

declare(strict_types=1);

namespace FoxCorner\Tests\Core\Range;

use FoxCorner\Core\Alignment\Depth\NamedDepth;
use FoxCorner\Core\Field\Point;
use FoxCorner\Core\Field\ShippedRuleSets;
use FoxCorner\Core\Level\Level;
use FoxCorner\Core\Motion\Ball;
use FoxCorner\Core\Motion\Speed;
use FoxCorner\Core\Motion\Throws;
use FoxCorner\Core\People\Position;
use FoxCorner\Core\Plan\SituationPlan;
use FoxCorner\Core\Range\Improvement;
use FoxCorner\Core\Range\Improver;
use FoxCorner\Core\Range\RangeMap;
use FoxCorner\Core\Range\ReactionCaution;
use FoxCorner\Core\Range\Step;
use FoxCorner\Core\Range\Undone;
use FoxCorner\Tests\Core\Teams;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** What a small move takes back of the plan, where nobody is sent, and that the search does not stop by habit. */
final class ImproverTest extends TestCase
{
    public function testTheCautionsDistanceIsThatOfItsTime(): void
    {
        foreach ([Level::Pro, Level::Fastpitch16] as $level) {
            $sport = ShippedRuleSets::get($level->usualRules())->sport;
            $feet = ReactionCaution::closest($level->profile(), $sport);

            self::assertEqualsWithDelta(
                $level->profile()->reactionCaution,
                Throws::of(Ball::for($sport))->seconds($feet, Speed::ofMph($level->profile()->hardHitSpeed)),
                0.001,
            );
        }
    }

    #[TestWith([Level::Fastpitch16, 'none-0'])]
    #[TestWith([Level::Fastpitch12, 'R3-1'])]
    #[TestWith([Level::HighSchool, 'loaded-1'])]
    public function testNobodyIsSentCloserThanTheCaution(Level $level, string $situation): void
    {
        $plan = self::plan($level, $situation);
        $closest = ReactionCaution::closest($plan->level, $plan->state->rules->sport);
        // Whoever stands too close already is not to go closer; nobody else is to come as close.
        foreach ([Position::ThirdBase, Position::Shortstop] as $position) {
            $others = array_filter(Position::cases(), static fn(Position $one): bool => $one !== $position);
            $near = $plan->cast->moved($position, Point::home()->between($plan->cast->at($position)->start, 0.6));
            foreach ([$plan->cast, $near] as $cast) {
                $improver = new Improver(
                    RangeMap::of($plan->scene(Teams::cost($level))->with($cast)),
                    $cast,
                    $plan->state->rules,
                    $plan->alignment,
                    $closest,
                    array_values($others),
                    8,
                );
                $from = $cast->at($position)->start->distanceTo(Point::home());
                $to = ($improver->single()->steps[0] ?? null)?->to->distanceTo(Point::home()) ?? $from;
                self::assertGreaterThanOrEqual(min($closest, $from) - 1e-6, $to);
            }
        }
    }

    public function testAMoveIsWalkedToWhereItGainsNoMoreOrSaysSo(): void
    {
        $plan = self::plan(Level::HighSchool, 'none-0')->atDepths([6 => NamedDepth::In], 'tried');
        $map = $plan->range(Teams::cost(Level::HighSchool));
        $others = [Position::FirstBase, Position::SecondBase, Position::ThirdBase];
        $short = self::found($plan->improver($map, $others, 2)->single());
        $long = self::found($plan->improver($map, $others, 8)->single());

        self::assertTrue($short->wouldGoOn, 'one pace is less than he would go');
        self::assertGreaterThan($short->gain, $long->gain);
        $step = $long->steps[0];
        if (!$long->wouldGoOn) {
            self::assertLessThan(8, max(abs($step->off), abs($step->back)), 'it ends before the reach');
        }
        foreach ([[1, 0], [-1, 0], [0, 1], [0, -1]] as [$off, $back]) {
            $half = $plan->cast->at($step->position)->player->traits->pace() / 2 / \M_SQRT2;
            $next = $step->to->plus($half * (-$off - $back), $half * (-$off + $back));
            if (max(abs($step->off + $off), abs($step->back + $back)) <= 8) {
                $cost = $map->moved($plan->cast->moved($step->position, $next), $step->position)->summary;
                self::assertLessThanOrEqual($long->gain + 1e-6, $map->summary->gainOf($cost), "$off, $back");
            }
        }
    }

    public function testAStepBackFromDoublePlayDepthUndoesIt(): void
    {
        $plan = self::plan(Level::Pro, 'R1-1');
        $from = $plan->alignment->point(Position::Shortstop);
        $normal = $plan->alignment->without(Position::Shortstop, $plan->state->rules)['Double play'];
        $towards = static fn(float $share): Step => new Step(
            Position::Shortstop,
            0,
            1,
            Point::of($from->x + $share * ($normal->x - $from->x), $from->y + $share * ($normal->y - $from->y)),
        );

        self::assertSame(['Double play'], Undone::by([$towards(0.3)], $plan->alignment, $plan->state->rules));
        self::assertSame([], Undone::by([$towards(0.2)], $plan->alignment, $plan->state->rules));
        self::assertSame([], Undone::by([$towards(-1.0)], $plan->alignment, $plan->state->rules));
    }

    public function testAStepAgainstAShadeUndoesIt(): void
    {
        $plan = self::plan(Level::Pro, 'none-0');
        $reason = $plan->alignment->spot(Position::SecondBase)->shades[0]->reason;
        $straight = $plan->alignment->without(Position::SecondBase, $plan->state->rules)[$reason];

        self::assertSame(
            [$reason],
            Undone::by([new Step(Position::SecondBase, 1, 0, $straight)], $plan->alignment, $plan->state->rules),
        );
        self::assertSame([], $plan->alignment->without(Position::Pitcher, $plan->state->rules));
    }

    /** The second baseman halfway gives up two; a move says how many. */
    public function testWhatItLosesIsWhatTheMapsDifferBy(): void
    {
        $plan = self::plan(Level::Pro, 'R1-1');
        $map = $plan->range(Teams::cost());
        $found = self::found($plan->improver($map, [Position::FirstBase, Position::ThirdBase])->joint());
        $cast = $plan->cast;
        $after = $map;
        foreach ($found->steps as $step) {
            $cast = $cast->moved($step->position, $step->to);
            $after = $after->moved($cast, $step->position);
        }

        self::assertNull($found->thirdScores);
        self::assertEqualsWithDelta(
            100 * ((float) $after->summary->twoPerBall - (float) $map->summary->twoPerBall),
            $found->twos,
            1e-6,
        );
        self::assertEqualsWithDelta(100 * ($after->summary->doubles - $map->summary->doubles), $found->doubles, 1e-6);
    }

    private static function found(?Improvement $found): Improvement
    {
        self::assertNotNull($found);

        return $found;
    }

    private static function plan(Level $level, string $situation): SituationPlan
    {
        return Teams::plan(Teams::state($level->usualRules(), $situation), $level);
    }
}
