<?php

declare(strict_types=1);

namespace FoxCorner\Tests\Core\Plan;

use FoxCorner\Core\Field\Point;
use FoxCorner\Core\Game\Bases;
use FoxCorner\Core\Game\Outs;
use FoxCorner\Core\Level\Level;
use FoxCorner\Core\People\Position;
use FoxCorner\Core\Plan\Check\ShippedChecks;
use FoxCorner\Core\Plan\SituationPlan;
use FoxCorner\Core\Play\Check\Finding;
use FoxCorner\Tests\Core\Teams;
use PHPUnit\Framework\TestCase;

/** How near the line a corner may stand before his backhand is foul. */
final class TooNearTheLineTest extends TestCase
{
    public function testNobodyStandsThereByTheShippedRules(): void
    {
        foreach (Level::cases() as $level) {
            foreach (Bases::cases() as $bases) {
                foreach (Outs::cases() as $outs) {
                    $state = Teams::state($level->usualRules(), "$bases->value-$outs->value");
                    self::assertSame([], self::found(Teams::plan($state, $level)), $state->situation->key());
                }
            }
        }
    }

    public function testAStepAndAReachIsAsNearAsItHelps(): void
    {
        $plan = Teams::plan(Teams::state('baseball-90', 'none-0'), Level::Pro);
        // Off the line by so many feet, 110 ft up it.
        $at = static fn(float $off): SituationPlan => $plan->standing(
            $plan->alignment->moved(
                Position::ThirdBase,
                Point::of(\M_SQRT1_2 * ($off - 110.0), \M_SQRT1_2 * ($off + 110.0)),
                'Guarding.',
                $plan->state->rules,
            ),
        );

        self::assertSame([], self::found($at(6.1)), 'three feet of reach and a step of three');
        [$finding] = self::found($at(4.0));
        self::assertSame('The third baseman guards foul ground', $finding->title);
        self::assertStringContainsString(
            '5 stands 4 ft off the line; a step and his reach to that side are 6 ft',
            $finding->measure,
        );
        self::assertEqualsWithDelta(0.0133, $finding->weight, 0.0005, 'two of three feet of a step');
        self::assertStringContainsString('Stand 6 ft off it', $finding->mend);
    }

    /** @return list<Finding> */
    private static function found(SituationPlan $plan): array
    {
        return array_values(
            array_filter(
                ShippedChecks::findings($plan),
                static fn(Finding $one): bool => 'too-near-the-line' === $one->kind,
            ),
        );
    }
}
