<?php

declare(strict_types=1);

namespace FoxCorner\Tests\Core\Practice;

use FoxCorner\Core\Level\AgeGroup;
use FoxCorner\Core\People\Limit;
use FoxCorner\Core\People\Position;
use FoxCorner\Core\Practice\Drill\Drill;
use FoxCorner\Core\Practice\Drill\Pace;
use FoxCorner\Core\Practice\Drill\Repetitions;
use FoxCorner\Core\Practice\Drill\Sets;
use FoxCorner\Core\Practice\Drill\Shipped\ShippedDrills;
use FoxCorner\Core\Practice\Need\Taught;
use FoxCorner\Core\Practice\Schedule\Pacing;
use FoxCorner\Core\Practice\Team\TeamDefence;
use FoxCorner\Core\Practice\Time\HelpTurn;
use FoxCorner\Tests\Core\Teams;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** What a round promises has to be possible: played on a clock, with what costs time. */
final class PaceTest extends TestCase
{
    #[TestWith(['threes-field-and-throw', AgeGroup::Older, false, 3, 16])]
    #[TestWith(['threes-field-and-throw', AgeGroup::Older, true, 3, 14])]
    #[TestWith(['threes-field-and-throw', AgeGroup::Child, false, 3, 12])]
    #[TestWith(['short-hop-pairs', AgeGroup::Older, false, 2, 38])]
    #[TestWith(['over-the-head', AgeGroup::Older, false, 1, 8])]
    #[TestWith(['read-the-hop', AgeGroup::Youth, false, 6, 15])]
    public function testWhatARoundPromisesIsPossibleOnAClock(
        string $key,
        AgeGroup $age,
        bool $isNew,
        int $group,
        int $reps,
    ): void {
        $drill = ShippedDrills::get($key);
        $each = self::each($drill, $age, $isNew, $group);

        self::assertSame($reps, $each);
        self::assertLessThanOrEqual(8 * 60, self::played($drill, $age, $isNew, $group, $each));
        $isCapped = $each === ($drill->throwsPerRep > 0 ? 16 : ($drill->sprintsPerRep > 0 ? 8 : 40));
        self::assertTrue($isCapped || self::played($drill, $age, $isNew, $group, $each + 1) > 8 * 60);
    }

    /** Seconds on the clock until each of a group has had so many. */
    private static function played(Drill $drill, AgeGroup $age, bool $isNew, int $group, int $each): float
    {
        $clock = $isNew ? 120.0 : 30.0;
        $clock += $each * $group > 30 * ($drill->equipment['bucket of balls'] ?? 99) ? 60.0 : 0.0;
        for ($round = 0; $round < $each; ++$round) {
            for ($turn = 0; $turn < $group; $turn += $drill->atOnce) {
                $clock += ($drill->secondsPerRep * $age->slow()) / $age->yield();
            }
        }

        return $clock;
    }

    /** @param list<int> $sets */
    #[TestWith([0, [], ''])]
    #[TestWith([5, [5], ''])]
    #[TestWith([6, [3, 3], '2 sets of 3'])]
    #[TestWith([11, [4, 4, 3], '3 sets of 3–4'])]
    #[TestWith([16, [4, 4, 4, 4], '4 sets of 4'])]
    public function testNobodyDoesMoreThanFiveRunning(int $reps, array $sets, string $words): void
    {
        self::assertSame($sets, Sets::of($reps));
        self::assertSame($words, Sets::words($reps));
    }

    private static function each(Drill $drill, AgeGroup $age, bool $isNew, int $group): int
    {
        return Pace::of($drill, $age, $isNew)->each($group, $drill->atOnce, $drill->secondsPerRep, 8.0);
    }

    public function testABucketIsNotHitEmptyForABallMore(): void
    {
        $drill = ShippedDrills::get('read-the-hop');
        // Thirty-one balls would have to be collected, and take longer than the thirty that need not be.
        $in = static fn(float $minutes): int => Pace::of($drill, AgeGroup::Older, false)->each(
            1,
            $drill->atOnce,
            $drill->secondsPerRep,
            $minutes,
        );

        self::assertSame(29, $in(4.0));
        self::assertSame(30, $in(4.5), 'and not 32');
        self::assertSame(30, $in(5.0));
        self::assertSame(38, $in(6.0), 'a minute of it is collecting');
    }

    public function testSixPlayersAreTwoThrees(): void
    {
        self::assertSame(3, Repetitions::together(6, 3, 3));
        self::assertSame(4, Repetitions::together(7, 3, 3));
        self::assertSame(3, Repetitions::together(9, 3, 3));
        self::assertSame(6, Repetitions::together(6, 3, 1));
        $drill = ShippedDrills::get('threes-field-and-throw');
        self::assertSame($drill->repetitions(3, 8), $drill->repetitions(6, 8));
        self::assertSame(22, $drill->repetitions(9, 8));
    }

    public function testALineIsWhatIsBeyondHalfAMinute(): void
    {
        self::assertSame(0.0, Pace::inLine(2, 2, 60), 'both work');
        self::assertSame(0.0, Pace::inLine(3, 1, 10), 'thirty seconds are a rest');
        self::assertEqualsWithDelta(0.5, Pace::inLine(6, 1, 10), 1e-9);
    }

    public function testADrillIsKnownWhenHalfOfThemHaveHadIt(): void
    {
        $players = array_map(static fn(int $number): mixed => Teams::player($number, 6), [1, 2, 3, 4]);
        $had = static fn(string ...$who): Pacing => Pacing::of(
            AgeGroup::Older,
            $players,
            array_map(
                static fn(string $player): Taught => new Taught($player, 'sure-out', Position::Shortstop, 5, 9.0),
                array_values($who),
            ),
        );
        $drill = ShippedDrills::get('sure-out');

        self::assertEquals(Pace::of($drill, AgeGroup::Older, true), $had('id-1', 'id-9', 'id-8')->pace($drill));
        $others = ShippedDrills::get('over-the-head');
        self::assertEquals(Pace::of($others, AgeGroup::Older, true), $had()->pace($others), 'nobody plays there');
        self::assertEquals(Pace::of($drill, AgeGroup::Older, false), $had('id-1', 'id-3')->pace($drill));
        self::assertEquals(Pace::plain(), Pacing::plain()->pace($drill));
    }

    public function testTeamDefenceGivesEverybodyHisBalls(): void
    {
        self::assertSame(12, TeamDefence::reps(15, AgeGroup::Older));
        self::assertSame(8, TeamDefence::reps(15, AgeGroup::Child));
        self::assertSame([], TeamDefence::taught(['id-1' => Position::Pitcher], 0, AgeGroup::Older, 0.0));
        $taught = TeamDefence::taught(['id-1' => Position::Pitcher], 15, AgeGroup::Older, 2.0)[0];
        self::assertSame(['id-1', 12, 2.0], [$taught->player, $taught->reps, $taught->daysAgo]);
    }

    public function testWhoHelpsHasSomethingToDo(): void
    {
        $does = static fn(string $drill, Limit ...$limits): array => array_map(
            static fn(HelpTurn $turn): string => $turn->does,
            HelpTurn::all(
                ShippedDrills::get($drill),
                array_map(
                    static fn(Limit $limit): mixed => Teams::with(Teams::player(4, 4), limit: $limit),
                    array_values($limits),
                ),
            ),
        );

        self::assertSame(
            ['takes the throws', 'hands balls to who hits'],
            $does('sure-out', Limit::None, Limit::NoThrowing),
        );
        self::assertSame(['runs, with a helmet'], $does('one-throw-rundown', Limit::None));
        self::assertSame(['rolls the balls'], $does('over-the-head', Limit::SoftThrowing));
        self::assertSame(['keeps the count', 'takes the throws'], $does('sure-out', Limit::NoRunning, Limit::None));
    }
}
