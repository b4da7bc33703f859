<?php

declare(strict_types=1);

namespace FoxCorner\Tests\Core\Practice;

use FoxCorner\Core\Practice\Live\PauseReason;
use FoxCorner\Core\Practice\Live\RunClock;
use FoxCorner\Core\Problem\Problem;
use PHPUnit\Framework\TestCase;

final class RunClockTest extends TestCase
{
    private const MINUTE = 60000;
    private const START = 1_700_000_000_000;

    public function testBlocksFollowEachOtherByThemselves(): void
    {
        $clock = RunClock::ready([12, 1, 8])->start(self::START);
        self::assertSame([0, 12 * self::MINUTE], self::at($clock, 0));
        self::assertSame([0, 1], self::at($clock, 12 * self::MINUTE - 1));
        self::assertSame([1, self::MINUTE], self::at($clock, 12 * self::MINUTE));
        self::assertSame([2, 3 * self::MINUTE], self::at($clock, 18 * self::MINUTE));
        self::assertFalse($clock->isOver(self::START + 21 * self::MINUTE - 1));
        self::assertTrue($clock->isOver(self::START + 21 * self::MINUTE));
        self::assertSame(self::START + 21 * self::MINUTE, $clock->endsAt(self::START));
    }

    public function testBeforeTheStartNothingRuns(): void
    {
        $clock = RunClock::ready([12, 8]);
        self::assertSame([0, 12 * self::MINUTE], self::at($clock, 99 * self::MINUTE));
        self::assertTrue($clock->isAhead(0, self::START));
        self::assertFalse($clock->isDone(0, self::START));
    }

    public function testAPauseTakesNothingAway(): void
    {
        $clock = RunClock::ready([12, 8])
            ->start(self::START)
            ->pause(self::START + 5 * self::MINUTE, PauseReason::Rain);
        self::assertSame([0, 7 * self::MINUTE], self::at($clock, 55 * self::MINUTE));
        self::assertSame(
            self::START + 70 * self::MINUTE,
            $clock->endsAt(self::START + 55 * self::MINUTE),
            'it gets later and later',
        );

        $on = $clock->goOn(self::START + 55 * self::MINUTE);
        self::assertSame([0, 6 * self::MINUTE], self::at($on, 56 * self::MINUTE));
        self::assertNull($on->reason);
    }

    public function testRainBecomesLightningWithoutMovingTheBreaksBeginning(): void
    {
        $clock = RunClock::ready([12])
            ->start(self::START)
            ->pause(self::START + 60, PauseReason::Rain)
            ->pause(self::START + 90, PauseReason::Lightning);

        self::assertSame(self::START + 60, $clock->pausedAt);
        self::assertSame(PauseReason::Lightning, $clock->reason);
    }

    public function testNextCountsAndSkipDoesNot(): void
    {
        $now = self::START + 3 * self::MINUTE;
        $started = RunClock::ready([12, 8, 5])->start(self::START);
        $next = $started->next($now);
        $skip = $started->skip($now);

        self::assertSame([1, 8 * self::MINUTE], self::at($next, 3 * self::MINUTE));
        self::assertSame([1, 8 * self::MINUTE], self::at($skip, 3 * self::MINUTE));
        self::assertTrue($next->isDone(0, $now));
        self::assertFalse($skip->isDone(0, $now));
        self::assertSame(self::START + 16 * self::MINUTE, $next->endsAt($now));
    }

    public function testNextInAPauseStaysPaused(): void
    {
        $clock = RunClock::ready([12, 8])
            ->start(self::START)
            ->pause(self::START + self::MINUTE, PauseReason::Talk)
            ->next(self::START + 9 * self::MINUTE);

        self::assertTrue($clock->isPaused());
        self::assertSame([1, 8 * self::MINUTE], self::at($clock, 30 * self::MINUTE));
    }

    public function testBackGivesTheBlockBeforeWhatWasLeftOfIt(): void
    {
        $started = RunClock::ready([12, 8, 5])->start(self::START);
        $wrong = $started->next(self::START + 3 * self::MINUTE);
        $back = $wrong->back(self::START + 4 * self::MINUTE);

        self::assertSame([0, 9 * self::MINUTE], self::at($back, 4 * self::MINUTE), 'the minute since does not count');
        self::assertSame(
            [1, 8 * self::MINUTE],
            self::at($back, 13 * self::MINUTE),
            'and the next one has all of its time',
        );
        self::assertSame(self::START + 26 * self::MINUTE, $back->endsAt(self::START + 4 * self::MINUTE));
    }

    public function testBackToABlockThatWasAtItsEndGivesAMinute(): void
    {
        $clock = RunClock::ready([12, 8])
            ->start(self::START)
            ->back(self::START + 15 * self::MINUTE);

        self::assertSame([0, self::MINUTE], self::at($clock, 15 * self::MINUTE));
        self::assertSame([1, 8 * self::MINUTE], self::at($clock, 16 * self::MINUTE));
    }

    public function testASkippedBlockThatOneGoesBackToCountsAgain(): void
    {
        $now = self::START + 6 * self::MINUTE;
        $clock = RunClock::ready([12, 8])
            ->start(self::START)
            ->skip($now)
            ->back($now);

        self::assertSame([], $clock->skipped);
        self::assertTrue($clock->isDone(0, self::START + 12 * self::MINUTE));
    }

    public function testAFinishedPracticeIsTakenUpAgainDaysLater(): void
    {
        $days = 3 * 24 * 60 * self::MINUTE;
        $clock = RunClock::ready([12, 8])
            ->start(self::START)
            ->skip(self::START + self::MINUTE)
            ->next(self::START + 3 * self::MINUTE);
        self::assertTrue($clock->isOver(self::START + $days));
        $again = $clock->back(self::START + $days);

        self::assertSame([1, 6 * self::MINUTE], self::at($again, $days));
        self::assertSame([0], $again->skipped, 'what was skipped before stays so');
    }

    public function testBackInAPauseStaysPaused(): void
    {
        $clock = RunClock::ready([12, 8])
            ->start(self::START)
            ->next(self::START + 2 * self::MINUTE)
            ->pause(self::START + 3 * self::MINUTE, PauseReason::Talk)
            ->back(self::START + 30 * self::MINUTE);

        self::assertTrue($clock->isPaused());
        self::assertSame([0, 10 * self::MINUTE], self::at($clock, 50 * self::MINUTE));
    }

    public function testNotYetTakesTheStartBack(): void
    {
        $clock = RunClock::ready([12, 8])
            ->start(self::START)
            ->extend(self::START, 3)
            ->skip(self::START + 5)
            ->notYet();

        self::assertFalse($clock->isStarted());
        self::assertSame([[15 * self::MINUTE, 8 * self::MINUTE], []], [$clock->lengths, $clock->skipped]);
        self::assertTrue($clock->start(self::START)->isStarted());
    }

    /** A quarter of what it was to last: three minutes of twelve. */
    public function testABlockThatWasPassedAtOnceDoesNotCount(): void
    {
        $after = static fn(int $ms): bool => RunClock::ready([12, 8])
            ->start(self::START)
            ->next(self::START + $ms)
            ->isDone(0, self::START + $ms);

        self::assertSame([false, false, true], [$after(1000), $after(3 * self::MINUTE - 1), $after(3 * self::MINUTE)]);
    }

    public function testMoreTimeMovesEverythingAfter(): void
    {
        $clock = RunClock::ready([12, 8])
            ->start(self::START)
            ->extend(self::START + 11 * self::MINUTE, 2);

        self::assertSame([0, 3 * self::MINUTE], self::at($clock, 11 * self::MINUTE));
        self::assertSame(self::START + 22 * self::MINUTE, $clock->endsAt(self::START));
    }

    public function testWhatRunsIsNeitherDoneNorAhead(): void
    {
        $clock = RunClock::ready([12, 8, 5])->start(self::START);
        $now = self::START + 13 * self::MINUTE;

        self::assertSame(
            [true, false, false],
            array_map(static fn(int $index): bool => $clock->isDone($index, $now), [0, 1, 2]),
        );
        self::assertSame(
            [false, false, true],
            array_map(static fn(int $index): bool => $clock->isAhead($index, $now), [0, 1, 2]),
        );
    }

    public function testWhatMakesNoSenseIsRefused(): void
    {
        $ready = RunClock::ready([1]);
        $started = $ready->start(self::START);
        foreach (
            [
                'it has not begun' => static fn() => $ready->next(self::START),
                'it is running already' => static fn() => $started->start(self::START),
                'it does not stand still' => static fn() => $started->goOn(self::START),
                'it is over' => static fn() => $started->skip(self::START + self::MINUTE),
                'this is the first block' => static fn() => $started->back(self::START),
                '0 is too small' => static fn() => $started->extend(self::START, 0),
                '31 is too large' => static fn() => $started->extend(self::START, 31),
            ] as $words => $try
        ) {
            try {
                $try();
                self::fail("$words: it was done");
            } catch (Problem $problem) {
                self::assertSame($words, $problem->wrong());
            }
        }
    }

    public function testKeptAndReadAgainItIsTheSame(): void
    {
        $clock = RunClock::ready([12, 8])
            ->start(self::START)
            ->skip(self::START + 9)
            ->pause(self::START + 99, PauseReason::Water);

        self::assertEquals(
            $clock,
            RunClock::kept(
                $clock->lengths,
                $clock->skipped,
                $clock->startedAt,
                $clock->pausedAt,
                $clock->reason,
                $clock->planned,
            ),
        );
    }

    /** @return array{int, int} block and ms left, so many ms after the start */
    private static function at(RunClock $clock, int $after): array
    {
        $moment = $clock->at(self::START + $after);

        return [$moment->index, $moment->left];
    }
}
