<?php

declare(strict_types=1);

namespace FoxCorner\Tests\Core\Practice;

use FoxCorner\Core\Practice\Time\BlockKind;
use FoxCorner\Core\Practice\Time\TimePlan;
use FoxCorner\Core\Practice\Time\TimeShape;
use FoxCorner\Core\Problem\Problem;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class TimePlanTest extends TestCase
{
    #[DataProvider('shapes')]
    public function testEveryMinuteFromTheLeastToTheMostIsSpentAndNobodyGoesDry(TimeShape $shape): void
    {
        for ($minutes = TimePlan::least($shape); $minutes <= 180; ++$minutes) {
            $plan = TimePlan::within($minutes, $shape);
            $clock = $dry = 0;
            foreach ($plan->blocks as $block) {
                self::assertSame($clock, $block->start, "no gap at $clock of $minutes");
                $clock = $block->end();
                $dry = match (true) {
                    BlockKind::Water === $block->kind => 0,
                    !$shape->isHot && \in_array($block->kind, [BlockKind::WarmUp, BlockKind::Finish], true) => 0,
                    default => $dry + $block->minutes,
                };
                self::assertLessThanOrEqual($shape->waterEvery(), $dry, "water in $minutes minutes");
            }
            self::assertSame($minutes, $clock);
            self::assertNotSame([], $plan->rounds());
        }
    }

    /** @return iterable<string, array{TimeShape}> */
    public static function shapes(): iterable
    {
        yield 'usual' => [TimeShape::usual(70)];
        yield 'in heat' => [TimeShape::of(70, 10, 7, 10, 5, true)];
        yield 'no team defence, no finish' => [TimeShape::of(70, 8, 10, 0, 0)];
        yield 'long rounds' => [TimeShape::of(70, 15, 18, 30, 10)];
    }

    /** @param list<int> $wanted min of warm-up, core, one round, team defence, finish */
    #[TestWith([45, 3, [9, 6, 5, 7, 3]])]
    #[TestWith([60, 3, [12, 8, 6, 11, 4]])]
    #[TestWith([70, 4, [12, 9, 6, 12, 5]])]
    #[TestWith([75, 4, [12, 10, 7, 12, 5]])]
    #[TestWith([90, 5, [15, 12, 6, 17, 5]])]
    #[TestWith([110, 6, [15, 15, 7, 18, 6]])]
    public function testALengthIsSharedOutAsGoodCoachesDo(int $minutes, int $rounds, array $wanted): void
    {
        $plan = TimePlan::within($minutes);

        self::assertCount($rounds, $plan->rounds());
        self::assertSame($wanted, [
            $plan->minutesOf(BlockKind::WarmUp),
            $plan->minutesOf(BlockKind::DailyCore),
            $plan->rounds()[0]->minutes,
            $plan->minutesOf(BlockKind::TeamDefence),
            $plan->minutesOf(BlockKind::Finish),
        ]);
    }

    public function testWhatTheCoachSaysStands(): void
    {
        $plan = TimePlan::within(75, TimeShape::of(75, 8, 9, 0, 2));

        self::assertSame(9, $plan->rounds()[0]->minutes);
        self::assertSame(0, $plan->minutesOf(BlockKind::DailyCore));
        self::assertGreaterThanOrEqual(5, \count($plan->rounds()));
    }

    public function testTooShort(): void
    {
        $this->expectExceptionMessage('minutes: 10 is too small; allowed: 14 to 180 minutes');
        TimePlan::within(10);
    }

    /** @param array{int, int, int, int, bool} $shape */
    #[DataProvider('impossible')]
    public function testWhatNobodyCouldBear(array $shape, string $field): void
    {
        try {
            TimeShape::of(70, ...$shape);
            self::fail('It was taken.');
        } catch (Problem $problem) {
            self::assertSame($field, $problem->field());
        }
    }

    /** @return iterable<string, array{array{int, int, int, int, bool}, string}> */
    public static function impossible(): iterable
    {
        yield 'no warm-up' => [[2, 8, 10, 5, false], 'warm-up'];
        yield 'a round of three minutes' => [[12, 3, 10, 5, false], 'round'];
        yield 'a long round in heat' => [[12, 15, 10, 5, true], 'round'];
        yield 'two hours of team defence' => [[12, 8, 120, 5, false], 'team defence'];
        yield 'an endless finish' => [[12, 8, 10, 40, false], 'finish'];
    }
}
