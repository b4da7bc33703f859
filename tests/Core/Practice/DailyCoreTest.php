<?php

declare(strict_types=1);

namespace FoxCorner\Tests\Core\Practice;

use FoxCorner\Core\Level\AgeGroup;
use FoxCorner\Core\Level\Level;
use FoxCorner\Core\People\Limit;
use FoxCorner\Core\People\RosterPlayer;
use FoxCorner\Core\Practice\Daily\DailyCore;
use FoxCorner\Core\Practice\Daily\DailyGroup;
use FoxCorner\Core\Practice\Drill\Shipped\DailyDrills;
use FoxCorner\Core\Practice\Drill\Shipped\DailyFeedDrills;
use FoxCorner\Core\Practice\Drill\Shipped\ShippedDrills;
use FoxCorner\Core\Practice\Need\Record;
use FoxCorner\Core\Practice\Need\Taught;
use FoxCorner\Core\Practice\Time\BlockKind;
use FoxCorner\Core\Practice\Time\TimePlan;
use FoxCorner\Core\Practice\Time\TimeShape;
use FoxCorner\Core\Skill\Skill;
use FoxCorner\Tests\Core\Teams;
use PHPUnit\Framework\TestCase;

/** What everybody does every day. */
final class DailyCoreTest extends TestCase
{
    public function testTwelveMinutesOfAnOlderTeam(): void
    {
        $core = DailyCore::of(Teams::nine(), AgeGroup::Older, 12);

        self::assertSame(
            [
                DailyDrills::CATCH => [9, 17],
                DailyDrills::HANDS => [9, 15],
                DailyDrills::CUTOFF => [5, 7],
                DailyDrills::FIELDED => [4, 8],
                DailyFeedDrills::TO_SECOND => [3, 7],
                DailyFeedDrills::BLOCK => [1, 10],
                DailyFeedDrills::MIDDLE => [2, 5],
                DailyFeedDrills::CROW_HOP => [3, 9],
            ],
            self::counts($core),
        );
        // 2.4 min × 60 × .85 ÷ 7 s = 17.5; 4.2 × 60 × .85 ÷ 24 = 8.9; 3 × 60 × .85 ÷ 26 = 5.9
        self::assertEqualsWithDelta(2.4, self::group($core, DailyDrills::CATCH)->minutes, 1e-9);
        self::assertEqualsWithDelta(4.2, self::group($core, DailyDrills::FIELDED)->minutes, 1e-9);
        self::assertSame(8, $core->throws()['id-6'], 'catch, feeds and hands are soft');
        self::assertSame(7, $core->throws()['id-8']);
    }

    public function testAnArmWithFewerThrowsLeftThanItAsksForIsSpared(): void
    {
        $nine = Teams::nine();
        $short = static fn(int $left): DailyCore => DailyCore::of(
            array_values(array_replace($nine, [5 => $nine[5]->throwing($left)])),
            AgeGroup::Older,
            12,
        );

        self::assertSame('id-6', $nine[5]->id);
        self::assertSame(8, $short(8)->throws()['id-6'], 'they are just enough');
        self::assertSame(0, $short(7)->throws()['id-6']);
        self::assertSame([3, 8], self::counts($short(7))[DailyDrills::FIELDED], 'without him');
    }

    public function testChildrenCatchInTheirWarmUpAndGetFewer(): void
    {
        $core = self::counts(DailyCore::of(Teams::nine(), AgeGroup::Child, 12));

        self::assertArrayNotHasKey(DailyDrills::CATCH, $core);
        self::assertSame([4, 7], $core[DailyDrills::FIELDED], '5.16 min × 60 × .75 ÷ (24 s × 1.3) = 7.4');
        self::assertSame([9, 12], $core[DailyDrills::HANDS]);
    }

    public function testWhoMayNotThrowHasFeetAndGloveAsLong(): void
    {
        $limits = [4 => Limit::NoThrowing, 5 => Limit::SoftThrowing, 6 => Limit::NoRunning];
        $players = array_map(
            static fn(RosterPlayer $player): RosterPlayer => $player->limitedTo(
                $limits[$player->number] ?? Limit::None,
            ),
            Teams::nine(),
        );
        $core = DailyCore::of($players, AgeGroup::Older, 12);
        $at = static fn(string $key): array => array_merge(
            ...array_map(
                static fn(DailyGroup $group): array => array_map(
                    static fn(RosterPlayer $player): int => (int) $player->number,
                    $group->drill->key === $key ? $group->players : [],
                ),
                $core->groups,
            ),
        );

        self::assertNotContains(4, $at(DailyDrills::CATCH));
        self::assertContains(5, $at(DailyDrills::CATCH), 'softly');
        self::assertSame([], $at(DailyDrills::FIELDED), 'only first base would be left, and two are needed');
        self::assertSame([], $at(DailyFeedDrills::MIDDLE));
        self::assertSame([4, 3, 5], $at(DailyDrills::FEET), 'first base has nobody to throw with');
        self::assertEqualsWithDelta(9.6, self::group($core, DailyDrills::FEET)->minutes, 1e-9, 'catch, fielded, feeds');
        self::assertNotContains(6, $at(DailyDrills::HANDS), 'who may not run is no fielder today');
        self::assertArrayNotHasKey('id-4', array_filter($core->throws(), static fn(int $throws): bool => $throws > 0));
    }

    public function testInAHallNobodyThrowsFar(): void
    {
        $keys = array_keys(self::counts(DailyCore::of(Teams::nine(), AgeGroup::Youth, 10, true)));

        self::assertNotContains(DailyDrills::CUTOFF, $keys);
        self::assertNotContains(DailyFeedDrills::CROW_HOP, $keys);
        self::assertContains(DailyFeedDrills::MIDDLE, $keys);
    }

    public function testItCountsAsPractised(): void
    {
        $record = Record::of(DailyCore::of(Teams::nine(), AgeGroup::Older, 12)->taught(), ShippedDrills::all());
        $taught = static fn(int $number, Skill $skill): float => $record->fresh(
            Teams::nine()[$number - 1]->positions[0],
            $skill,
        );

        self::assertSame(8.0, $taught(6, Skill::GroundBall));
        self::assertSame(5.0, $taught(6, Skill::PivotOfShort));
        self::assertSame(15.0, $taught(6, Skill::ReadHops));
        self::assertSame(17.0, $taught(9, Skill::Catch));
        self::assertSame([], DailyCore::of(Teams::nine(), AgeGroup::Older, 0)->taught());
        self::assertContainsOnlyInstancesOf(Taught::class, DailyCore::of(Teams::nine(), AgeGroup::Older, 6)->taught());
    }

    public function testTheMinutesFollowTheLengthAndGiveWay(): void
    {
        $core = static fn(int $minutes, TimeShape $shape): int => TimePlan::within($minutes, $shape)->minutesOf(
            BlockKind::DailyCore,
        );
        foreach ([45 => 6, 60 => 8, 75 => 10, 90 => 12, 110 => 15] as $minutes => $wanted) {
            self::assertSame($wanted, TimeShape::coreWithin($minutes), "in $minutes minutes");
            self::assertSame($wanted, $core($minutes, TimeShape::usual($minutes)), "in $minutes minutes");
        }
        self::assertSame(3, $core(41, TimeShape::of(41, 12, 8, 10, 5)->withCore(10)), 'a round comes before it');
        self::assertSame(0, $core(60, TimeShape::usual(60)->withCore(0)));
        $this->expectExceptionMessage('daily core: 16 is too large; allowed: 0 to 15 minutes');
        TimeShape::usual(90)->withCore(16);
    }

    public function testAgesAreThoseOfTheLevels(): void
    {
        self::assertSame(AgeGroup::Child, AgeGroup::of(Level::Youth10));
        self::assertSame(AgeGroup::Youth, AgeGroup::of(Level::Fastpitch12));
        self::assertSame(AgeGroup::Older, AgeGroup::of(Level::Fastpitch16));
    }

    /** @return array<string, array{int, int}> players and repetitions */
    private static function counts(DailyCore $core): array
    {
        $counts = [];
        foreach ($core->groups as $group) {
            $counts[$group->drill->key] = [\count($group->players), $group->reps];
        }

        return $counts;
    }

    private static function group(DailyCore $core, string $key): DailyGroup
    {
        foreach ($core->groups as $group) {
            if ($group->drill->key === $key) {
                return $group;
            }
        }
        self::fail("There is no $key.");
    }
}
