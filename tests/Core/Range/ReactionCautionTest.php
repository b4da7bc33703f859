<?php

declare(strict_types=1);

namespace FoxCorner\Tests\Core\Range;

use FoxCorner\Core\Game\BatterType;
use FoxCorner\Core\Level\Level;
use FoxCorner\Core\Plan\SituationPlan;
use FoxCorner\Core\Range\ReactionCaution;
use FoxCorner\Tests\Core\Teams;
use PHPUnit\Framework\TestCase;

final class ReactionCautionTest extends TestCase
{
    public function testCornersInForTheBuntAreClose(): void
    {
        $numbers = self::numbers(Teams::plan());

        self::assertContains(5, $numbers);
        self::assertContains(3, $numbers);
        self::assertNotContains(6, $numbers);
        self::assertNotContains(7, $numbers);
    }

    public function testBackAtNormalDepthNobodyOfTheCornersIs(): void
    {
        self::assertNotContains(5, self::numbers(Teams::plan(Teams::state(situation: 'none-2'))));
    }

    public function testAHarderHitterBringsItSooner(): void
    {
        $closest = static fn(Level $level): float => Teams::plan(level: $level)->cautions()[0]->seconds;

        self::assertLessThan($closest(Level::Fastpitch16), $closest(Level::FastpitchCollege));
        self::assertEqualsWithDelta(
            hypot(19.1, 27.6) / ((65 * 5280) / 3600),
            $closest(Level::Fastpitch16),
            0.04,
            'distance over speed, and some drag',
        );
    }

    public function testTheClosestComesFirstAndAllAreUnderTheLine(): void
    {
        $before = 0.0;
        foreach (Teams::plan(Teams::state('baseball-60'), Level::Youth10)->cautions() as $caution) {
            self::assertGreaterThanOrEqual($before, $caution->seconds);
            self::assertLessThan(0.4, $caution->seconds);
            $before = $caution->seconds;
        }
        self::assertSame(
            [],
            self::numbers(
                Teams::plan(Teams::state('baseball-90', 'none-2', batter: BatterType::RightPower), Level::Youth10),
            ),
            'far enough for a child’s ball',
        );
    }

    /** @return list<int> */
    private static function numbers(SituationPlan $plan): array
    {
        return array_map(static fn(ReactionCaution $caution): int => $caution->who->position->value, $plan->cautions());
    }
}
