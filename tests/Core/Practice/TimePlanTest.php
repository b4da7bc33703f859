<?php

declare(strict_types=1);

namespace FoxCorner\Tests\Core\Practice;

use FoxCorner\Core\Practice\Time\BlockKind;
use FoxCorner\Core\Practice\Time\TimePlan;
use FoxCorner\Core\Practice\Time\TimeShape;
use FoxCorner\Core\Problem\Problem;
use PHPUnit\Framework\Attributes\DataProvider;
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
                    BlockKind::WarmUp === $block->kind && !$shape->isHot => 0,
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
        yield 'usual' => [TimeShape::usual()];
        yield 'in heat' => [TimeShape::of(10, 7, 10, 5, true)];
        yield 'no team defence, no finish' => [TimeShape::of(8, 10, 0, 0, false)];
        yield 'long rounds' => [TimeShape::of(15, 18, 30, 10, false)];
    }

    public function testTooShort(): void
    {
        $this->expectExceptionMessage('minutes: 25 is too small; allowed: 38 to 180 minutes');
        TimePlan::within(25);
    }

    /** @param array{int, int, int, int, bool} $shape */
    #[DataProvider('impossible')]
    public function testWhatNobodyCouldBear(array $shape, string $field): void
    {
        try {
            TimeShape::of(...$shape);
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
