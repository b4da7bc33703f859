<?php

declare(strict_types=1);

namespace FoxCorner\Tests\Core\Practice;

use FoxCorner\Core\Field\Diamond;
use FoxCorner\Core\InvalidValue;
use FoxCorner\Core\People\Limit;
use FoxCorner\Core\People\Position;
use FoxCorner\Core\People\RosterPlayer;
use FoxCorner\Core\Practice\BlockKind;
use FoxCorner\Core\Practice\Drill\ShippedDrills;
use FoxCorner\Core\Practice\Needs;
use FoxCorner\Core\Practice\PracticeRequest;
use FoxCorner\Core\Practice\Schedule;
use FoxCorner\Core\Practice\Scheduler;
use FoxCorner\Core\Practice\Taught;
use FoxCorner\Core\Practice\TimePlan;
use FoxCorner\Tests\Core\Teams;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class SchedulerTest extends TestCase
{
    public function testEveryMinuteFromTheLeastToTheMostIsSpentAndNobodyGoesDry(): void
    {
        for ($minutes = TimePlan::least(); $minutes <= 180; ++$minutes) {
            $plan = TimePlan::within($minutes);
            $clock = $dry = 0;
            foreach ($plan->blocks as $block) {
                self::assertSame($clock, $block->start, "no gap at $clock of $minutes");
                $clock = $block->end();
                $dry = BlockKind::Water === $block->kind ? 0 : $dry + $block->minutes;
                self::assertLessThanOrEqual(20, $dry, "water in $minutes minutes");
            }
            self::assertSame($minutes, $clock);
            self::assertNotSame([], $plan->rounds());
        }
    }

    public function testTooShort(): void
    {
        $this->expectExceptionMessage('minutes: 25 is too small; allowed: 40 to 180 minutes');
        TimePlan::within(25);
    }

    /** @param list<RosterPlayer> $players */
    #[DataProvider('requests')]
    public function testNoConstraintIsBroken(array $players, int $helpers, int $minutes, float $basePath): void
    {
        $diamond = Diamond::of($basePath, 0.7 * $basePath);
        $schedule = self::solve($players, $helpers, $minutes, $diamond);
        foreach ($schedule->rounds as $round) {
            $seen = array_map(static fn($turn): string => $turn->player->id, $round->turns);
            self::assertSame(\count($players), \count(array_unique([...$seen, ...array_map(static fn($player): string => $player->id, $round->idle)])), 'everybody is in one place');
            self::assertCount(\count($players), [...$seen, ...$round->idle]);
            $stations = array_values($round->stations());
            self::assertLessThanOrEqual($helpers, array_sum(array_map(static fn($turns): int => $turns[0]->drill->helpers, $stations)));
            foreach ($stations as $index => $turns) {
                $drill = $turns[0]->drill;
                self::assertGreaterThanOrEqual($drill->min, \count($turns));
                self::assertLessThanOrEqual($drill->max, \count($turns));
                foreach ($turns as $turn) {
                    self::assertTrue($turn->player->plays($turn->position));
                    self::assertArrayHasKey($turn->position->value, $drill->serves);
                    self::assertFalse($drill->throwsPerRep > 0 && $turn->player->limit->forbidsThrowing());
                }
                foreach (\array_slice($stations, $index + 1) as $other) {
                    self::assertFalse($drill->place->on($diamond)->ground()->conflictsWith($other[0]->drill->place->on($diamond)->ground()), "$drill->key beside {$other[0]->drill->key}");
                }
            }
        }
    }

    /** @return iterable<string, array{list<RosterPlayer>, int, int, float}> */
    public static function requests(): iterable
    {
        $sore = array_map(static fn(RosterPlayer $player): RosterPlayer => Teams::with($player, limit: Limit::NoThrowing), Teams::fifteen());
        yield 'fifteen, three helpers' => [Teams::fifteen(), 3, 70, 60];
        yield 'nine, one helper' => [Teams::nine(), 1, 60, 80];
        yield 'all with sore arms' => [$sore, 3, 70, 60];
        yield 'two come' => [\array_slice(Teams::nine(), 3, 2), 2, 45, 90];
        yield 'a long evening with everybody' => [Teams::fifteen(), 6, 120, 60];
        $random = new \Random\Randomizer(new \Random\Engine\Mt19937(7));
        for ($case = 1; $case <= 40; ++$case) {
            $players = [];
            for ($number = 1; $number <= $random->getInt(1, 14); ++$number) {
                $players[] = Teams::with(Teams::player($number, ...array_unique([$random->getInt(1, 9), $random->getInt(1, 9)])), limit: 0 === $random->getInt(0, 4) ? Limit::NoThrowing : Limit::None);
            }
            yield "random $case" => [$players, $random->getInt(1, 5), $random->getInt(40, 90), $random->getInt(60, 90)];
        }
    }

    public function testTheSameRequestGivesTheSameSchedule(): void
    {
        self::assertEquals(self::solve(Teams::fifteen(), 3, 70), self::solve(Teams::fifteen(), 3, 70));
    }

    public function testMoreHelpersAndMinutesAreNeverWorse(): void
    {
        $met = static fn(int $helpers, int $minutes): float => self::solve(Teams::fifteen(), $helpers, $minutes)->metCount();

        self::assertGreaterThan($met(1, 60), $met(3, 60));
        self::assertGreaterThanOrEqual($met(3, 45), $met(3, 90));
    }

    public function testRepetitionsAreTheEquationOfGroupSizeAndTime(): void
    {
        $drill = ShippedDrills::get('charge-and-throw');

        self::assertSame(20, $drill->repetitions(2, 8), '480 s / 24 s, two at once');
        self::assertSame(10, $drill->repetitions(3, 8));
        self::assertSame(0, $drill->repetitions(0, 8));
    }

    public function testWhatWasTaughtLatelyIsWantedLess(): void
    {
        $wanted = static function (Taught ...$taught): int {
            foreach (Needs::of(Teams::plan()->report(), Teams::nine(), ShippedDrills::all(), array_values($taught)) as $need) {
                if ('turn-back-to-third/5' === $need->key()) {
                    return $need->reps;
                }
            }
            self::fail('The plan asks the third baseman to turn back.');
        };

        self::assertSame(20, $wanted());
        self::assertSame(12, $wanted(new Taught('turn-back-to-third', Position::ThirdBase, 8, 0.0)));
        self::assertSame(16, $wanted(new Taught('turn-back-to-third', Position::ThirdBase, 8, 14.0)), 'half of it after 14 days');
        self::assertSame(0, $wanted(new Taught('turn-back-to-third', Position::ThirdBase, 50, 1.0)));
        self::assertSame(20, $wanted(new Taught('turn-back-to-third', Position::Shortstop, 50, 1.0)));
    }

    public function testNobodyComes(): void
    {
        $this->expectExceptionObject(InvalidValue::because('who comes', 'nobody is ticked', 'at least one player'));
        self::solve([], 3, 70);
    }

    public function testNobodyHelps(): void
    {
        $this->expectExceptionMessage('helpers: 0 is too small; allowed: 1 to 12');
        self::solve(Teams::nine(), 0, 70);
    }

    /** @param list<RosterPlayer> $players */
    private static function solve(array $players, int $helpers, int $minutes, ?Diamond $diamond = null): Schedule
    {
        $needs = Needs::of(Teams::plan()->report(), $players, ShippedDrills::all(), []);

        return Scheduler::solve(PracticeRequest::of($players, $helpers, $minutes, $diamond ?? Diamond::of(60, 43), ShippedDrills::all(), $needs));
    }
}
