<?php

declare(strict_types=1);

namespace FoxCorner\Tests\Core\Practice;

use FoxCorner\Core\Field\Diamond;
use FoxCorner\Core\People\Limit;
use FoxCorner\Core\People\RosterPlayer;
use FoxCorner\Core\Practice\Build\FieldPart;
use FoxCorner\Core\Practice\Drill\Receiver;
use FoxCorner\Core\Practice\Drill\Shipped\ShippedDrills;
use FoxCorner\Core\Practice\Need\MetNeed;
use FoxCorner\Core\Practice\Schedule\Schedule;
use FoxCorner\Core\Practice\Schedule\Scheduler;
use FoxCorner\Core\Problem\Refused;
use FoxCorner\Tests\Core\Teams;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class SchedulerTest extends TestCase
{
    use SchedulesSolved;

    /** @param list<RosterPlayer> $players */
    #[DataProvider('requests')]
    public function testNoConstraintIsBroken(array $players, int $helpers, int $minutes, float $basePath): void
    {
        $diamond = Diamond::of($basePath, 0.7 * $basePath);
        $schedule = self::solve($players, $helpers, $minutes, $diamond);
        foreach ($schedule->rounds as $round) {
            $seen = array_map(static fn($turn): string => $turn->player->id, [...$round->turns, ...$round->helping]);
            self::assertSame(
                \count($players),
                \count(array_unique([...$seen, ...array_map(static fn($player): string => $player->id, $round->idle)])),
                'everybody is in one place',
            );
            self::assertCount(\count($players), [...$seen, ...$round->idle]);
            $stations = array_values($round->stations());
            self::assertLessThanOrEqual(
                $helpers,
                array_sum(
                    array_map(
                        static fn($turns): int => $turns[0]->drill->helpers +
                            (Receiver::Helper === $turns[0]->receiver ? 1 : 0),
                        $stations,
                    ),
                ),
            );
            self::assertLessThanOrEqual(
                Practices::SHED['net'],
                \count(array_filter($stations, static fn($turns): bool => Receiver::Net === $turns[0]->receiver)),
            );
            foreach ($stations as $index => $turns) {
                $drill = $turns[0]->drill;
                $receiver = $turns[0]->receiver;
                self::assertSame($drill->isReceived, null !== $receiver, "$drill->key is received");
                self::assertGreaterThanOrEqual($drill->min + (Receiver::Player === $receiver ? 1 : 0), \count($turns));
                self::assertLessThanOrEqual($drill->max, \count($turns));
                foreach ($turns as $turn) {
                    self::assertSame($receiver, $turn->receiver);
                    self::assertTrue($turn->player->plays($turn->position));
                    self::assertArrayHasKey($turn->position->value, $drill->serves);
                    self::assertFalse($drill->throwsPerRep > 0 && $turn->player->limit->forbidsThrowing());
                }
                foreach (\array_slice($stations, $index + 1) as $other) {
                    self::assertFalse(
                        $schedule->placement->places[$drill->key]
                            ->ground()
                            ->conflictsWith($schedule->placement->places[$other[0]->drill->key]->ground()),
                        "$drill->key beside {$other[0]->drill->key}",
                    );
                }
            }
        }
    }

    /** @return iterable<string, array{list<RosterPlayer>, int, int, float}> */
    public static function requests(): iterable
    {
        $sore = array_map(
            static fn(RosterPlayer $player): RosterPlayer => Teams::with($player, limit: Limit::NoThrowing),
            Teams::fifteen(),
        );
        yield 'fifteen, three helpers' => [Teams::fifteen(), 3, 70, 60];
        yield 'nine, one helper' => [Teams::nine(), 1, 60, 80];
        yield 'all with sore arms' => [$sore, 3, 70, 60];
        yield 'four come' => [\array_slice(Teams::nine(), 3, 4), 2, 45, 90];
        yield 'a long evening with everybody' => [Teams::fifteen(), 6, 120, 60];
        $random = new \Random\Randomizer(new \Random\Engine\Mt19937(7));
        for ($case = 1; $case <= 15; ++$case) {
            $players = [];
            for ($number = 1; $number <= $random->getInt(6, 14); ++$number) {
                $players[] = Teams::with(
                    Teams::player($number, ...array_unique([$random->getInt(1, 9), $random->getInt(1, 9)])),
                    limit: 0 === $random->getInt(0, 4) ? Limit::NoThrowing : Limit::None,
                );
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
        $gained = static fn(int $helpers, int $minutes): float => array_sum(
            array_map(
                static fn(MetNeed $met): float => $met->need->weight * $met->gained,
                self::solve(Teams::fifteen(), $helpers, $minutes)->needs,
            ),
        );

        self::assertGreaterThan($gained(1, 60), $gained(3, 60));
        self::assertGreaterThan($gained(3, 45), $gained(3, 90));
    }

    public function testRepetitionsAreTheEquationOfGroupSizeAndTime(): void
    {
        $drill = ShippedDrills::get('charge-and-throw');

        self::assertSame(20, $drill->repetitions(2, 8), '480 s / 24 s, two at once');
        self::assertSame(10, $drill->repetitions(3, 8));
        self::assertSame(0, $drill->repetitions(0, 8));
    }

    public function testWithoutANetAHelperReceivesAndWithoutOneThePlayersTakeTurns(): void
    {
        $run = static fn(int $nets, int $helpers, int $players): array => array_values(
            array_unique(
                array_map(
                    static fn($round): ?Receiver => $round->stations()['pivots-second'][0]->receiver ?? null,
                    self::pivots($nets, $helpers, $players)->rounds,
                ),
                \SORT_REGULAR,
            ),
        );
        $drill = ShippedDrills::get('pivots-second');

        self::assertSame([Receiver::Net], $run(1, 1, 2));
        self::assertSame([Receiver::Helper], $run(0, 2, 2));
        self::assertSame([Receiver::Player], $run(0, 1, 2));
        self::assertSame([null], $run(0, 1, 1), 'nobody to throw to');
        self::assertSame(21, $drill->repetitions(2, 8, Receiver::Net), 'two in turn');
        self::assertSame(21, $drill->repetitions(2, 8, Receiver::Player), 'half the time each');
    }

    public function testWaysOutAreTriedAndSorted(): void
    {
        $ways = Scheduler::waysOut(Practices::request(Teams::fifteen(), 1, 40));

        self::assertNotSame([], $ways);
        self::assertSame(array_values($ways), array_values(self::sorted($ways)));
        foreach ($ways as $gain) {
            self::assertGreaterThan(0.0, $gain);
        }
    }

    public function testWhatStaysShortSaysWhy(): void
    {
        $unmet = Scheduler::solve(Practices::request(Teams::fifteen(), 1, 40))->unmet();

        self::assertNotSame([], $unmet);
        foreach ($unmet as $met) {
            self::assertStringEndsWith('.', $met->binds);
        }
    }

    public function testNobodyComes(): void
    {
        $this->expectExceptionObject(Refused::because('who comes', 'nobody is ticked', 'at least one player'));
        self::solve([], 3, 70);
    }

    public function testNobodyHelps(): void
    {
        $this->expectExceptionMessage('helpers: 0 is too small; allowed: 1 to 12');
        self::solve(Teams::nine(), 0, 70);
    }

    /** @param list<RosterPlayer> $players */
    private static function solve(
        array $players,
        int $helpers,
        int $minutes,
        ?Diamond $diamond = null,
        FieldPart $part = FieldPart::Whole,
    ): Schedule {
        return Scheduler::solve(Practices::request($players, $helpers, $minutes, $diamond, $part));
    }

    /**
     * @param array<string, float> $ways
     *
     * @return array<string, float>
     */
    private static function sorted(array $ways): array
    {
        arsort($ways);

        return $ways;
    }
}
