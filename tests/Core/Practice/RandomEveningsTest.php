<?php

declare(strict_types=1);

namespace FoxCorner\Tests\Core\Practice;

use FoxCorner\Core\Field\ShippedRuleSets;
use FoxCorner\Core\Level\Level;
use FoxCorner\Core\People\Limit;
use FoxCorner\Core\People\RosterPlayer;
use FoxCorner\Core\Practice\Build\FieldPart;
use FoxCorner\Core\Practice\Build\Helpers;
use FoxCorner\Core\Practice\Build\Means;
use FoxCorner\Core\Practice\Drill\Drill;
use FoxCorner\Core\Practice\Drill\Shipped\ShippedDrills;
use FoxCorner\Core\Practice\Need\StandingDemand;
use FoxCorner\Core\Practice\Schedule\Decided;
use FoxCorner\Core\Practice\Schedule\PracticeDay;
use FoxCorner\Core\Practice\Schedule\ReadyDay;
use FoxCorner\Core\Practice\Schedule\Schedule;
use FoxCorner\Core\Practice\Schedule\Scheduler;
use FoxCorner\Core\Practice\Time\TimePlan;
use FoxCorner\Tests\Core\Teams;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Evenings as they come: any number of players, limits, helpers, minutes, place; none breaks a rule. */
final class RandomEveningsTest extends TestCase
{
    private const LEVELS = [
        ['baseball-60', Level::Youth10],
        ['fastpitch-35', Level::Fastpitch12],
        ['fastpitch-43', Level::Fastpitch16],
        ['baseball-90', Level::College],
    ];

    public function testNoEveningBreaksARule(): void
    {
        for ($case = 1; $case <= self::cases(8); ++$case) {
            $ready = self::evening($case);
            $schedule = $ready->solve()->schedule;
            self::mustHold($ready, $schedule, "case $case");
            self::assertLessThanOrEqual(
                Scheduler::bound($ready->request) + 1e-6,
                $schedule->objective,
                "case $case: more than can be",
            );
        }
    }

    /** A drill that is not there cannot help: the search finds without it at most a hundredth more. */
    public function testADrillTakenAwayNeverMakesTheSheetBetter(): void
    {
        for ($case = 1; $case <= self::cases(5); ++$case) {
            $all = self::evening($case);
            $with = $all->solve()->schedule->objective;
            $drills = $all->request->drills;
            $gone = array_keys($drills)[$case % \count($drills)];
            unset($drills[$gone]);
            if ([] === $drills) {
                continue;
            }
            $without = self::evening($case, $drills)->solve()->schedule->objective;

            self::assertLessThanOrEqual($with + 0.01 * abs($with), $without, "case $case without $gone");
        }
    }

    private static function cases(int $otherwise): int
    {
        return (int) (false === getenv('FOX_CASES') ? $otherwise : getenv('FOX_CASES'));
    }

    /** @param array<string, Drill>|null $drills null: those that are chosen */
    private static function evening(int $case, ?array $drills = null): ReadyDay
    {
        $random = new Randomizer(new Mt19937($case));
        [$rules, $level] = self::LEVELS[$random->getInt(0, 3)];
        $set = ShippedRuleSets::get($rules);
        $players = array_map(static function (int $number) use ($random): RosterPlayer {
            $player = Teams::player($number, $random->getInt(1, 9), $random->getInt(1, 9));
            $limit = 0 === $random->getInt(0, 7) ? Limit::cases()[$random->getInt(1, 3)] : Limit::None;
            $left = 0 === $random->getInt(0, 7) ? $random->getInt(0, 40) : null;

            return $player->limitedTo($limit)->throwing($left);
        }, range(1, $random->getInt(4, 12)));
        $pieces = array_map(static fn(int $most): int => $random->getInt(0, $most), Practices::SHED);
        $day = PracticeDay::of(
            $set,
            $level,
            $players,
            new Means(
                Helpers::of($random->getInt(1, 3)),
                $pieces,
                0 === $random->getInt(0, 3) ? FieldPart::Hall : FieldPart::Whole,
            ),
            TimePlan::within($random->getInt(40, 75)),
            [],
            ShippedDrills::all(),
            null === $drills ? null : new Decided($drills),
        );

        return $day->ready(StandingDemand::of($set), ShippedDrills::all(), $case);
    }

    private static function mustHold(ReadyDay $ready, Schedule $schedule, string $case): void
    {
        $throws = $schedule->throws();
        foreach ($ready->request->players as $player) {
            $most = min($ready->day->age()->throws(), $player->throwsLeft ?? \PHP_INT_MAX);
            // What the daily core asks comes first, whatever is left.
            $most = max($most, $schedule->core->throws()[$player->id] ?? 0);
            self::assertLessThanOrEqual($most, $throws[$player->id] ?? 0, "$case: throws of $player->name");
            self::assertLessThanOrEqual(
                $ready->day->age()->sprints(),
                $schedule->sprints()[$player->id] ?? 0,
                "$case: sprints of $player->name",
            );
        }
        foreach ($schedule->rounds as $round) {
            $seen = $used = [];
            $helpers = 0;
            foreach ($round->stations() as $key => $turns) {
                $drill = ShippedDrills::get($key);
                $receiver = $turns[0]->receiver;
                $helpers += $drill->helpers + ($receiver?->helpers() ?? 0);
                foreach ([...$drill->equipment, ...$receiver?->pieces() ?? []] as $piece => $count) {
                    $used[$piece] = ($used[$piece] ?? 0) + $count;
                }
                self::assertGreaterThanOrEqual($drill->least($receiver), \count($turns), "$case: $key");
                self::assertLessThanOrEqual($drill->max, \count($turns), "$case: $key");
                foreach ($turns as $turn) {
                    self::assertTrue($drill->allows($turn->player->limit), "$case: {$turn->player->name} at $key");
                    self::assertTrue($turn->player->plays($turn->position), "$case: {$turn->player->name} at $key");
                    self::assertArrayHasKey($turn->position->value, $drill->serves, "$case: $key");
                }
            }
            foreach ([...$round->turns, ...$round->helping] as $turn) {
                self::assertArrayNotHasKey($turn->player->id, $seen, "$case: {$turn->player->name} is in two places");
                $seen[$turn->player->id] = true;
            }
            foreach ($round->idle as $player) {
                self::assertArrayNotHasKey($player->id, $seen, "$case: $player->name works and waits");
                $seen[$player->id] = true;
            }
            self::assertCount(\count($ready->request->players), $seen, "$case: nobody is forgotten");
            self::assertLessThanOrEqual($ready->request->helpers->all, $helpers, $case);
            foreach ($used as $piece => $count) {
                self::assertLessThanOrEqual($ready->request->equipment[$piece] ?? 0, $count, "$case: $piece");
            }
        }
    }
}
