<?php

declare(strict_types=1);

namespace FoxCorner\Tests\Core\Practice;

use FoxCorner\Core\Level\AgeGroup;
use FoxCorner\Core\Practice\Arm\ThrowLoad;
use FoxCorner\Core\Practice\Week\FreeTime;
use PHPUnit\Framework\TestCase;

final class WeekTest extends TestCase
{
    private const EVENING = [16 * 60, 21 * 60];

    public function testTheFirstFitOfEachDay(): void
    {
        $busy = [
            self::span('2027-05-10 15:00', '2027-05-10 17:10'),
            self::span('2027-05-11 16:30', '2027-05-11 20:00'),
            self::span('2027-05-12 00:00', '2027-05-13 00:00'),
        ];
        $starts = FreeTime::of($busy, new \DateTimeImmutable('2027-05-10 00:00'), 4, 70, self::EVENING);

        self::assertSame(
            ['10 17:30', '13 16:00'],
            array_map(static fn(\DateTimeImmutable $start): string => $start->format('d H:i'), $starts),
            'no room on the 11th and the 12th',
        );
    }

    public function testNothingInThePast(): void
    {
        $starts = FreeTime::of([], new \DateTimeImmutable('2027-05-10 18:10'), 1, 70, self::EVENING);

        self::assertSame('18:30', $starts[0]->format('H:i'));
        self::assertSame([], FreeTime::of([], new \DateTimeImmutable('2027-05-10 20:10'), 1, 70, self::EVENING));
    }

    public function testOneEndsWhenTheOtherBegins(): void
    {
        $busy = [self::span('2027-05-10 18:00', '2027-05-10 19:00')];

        self::assertTrue(
            FreeTime::isFree(
                $busy,
                new \DateTimeImmutable('2027-05-10 17:00'),
                new \DateTimeImmutable('2027-05-10 18:00'),
            ),
        );
        self::assertFalse(
            FreeTime::isFree(
                $busy,
                new \DateTimeImmutable('2027-05-10 17:00'),
                new \DateTimeImmutable('2027-05-10 18:01'),
            ),
        );
    }

    public function testAnArmIsMindedByTheDayAndByTheWeek(): void
    {
        $says = static fn(AgeGroup $age, int ...$days): string => (new ThrowLoad(
            array_combine(array_map(static fn(int|string $day): string => "day $day", array_keys($days)), $days),
            $age,
        ))->caution();

        self::assertSame('', $says(AgeGroup::Older, 75, 75));
        self::assertStringContainsString('76 throws in one practice', $says(AgeGroup::Older, 76));
        self::assertStringContainsString('188 throws in a week', $says(AgeGroup::Older, 63, 63, 62));
        self::assertSame('', $says(AgeGroup::Older, 62, 62, 63));
        self::assertSame('', $says(AgeGroup::Child, 45, 45));
        self::assertStringContainsString('46 throws in one practice', $says(AgeGroup::Child, 46));
        self::assertStringContainsString('113 throws in a week', $says(AgeGroup::Child, 38, 38, 37));
        self::assertStringContainsString('61 throws in one practice', $says(AgeGroup::Youth, 61));
        self::assertSame(0, (new ThrowLoad([], AgeGroup::Youth))->worstDay());
    }

    /** @return array{\DateTimeImmutable, \DateTimeImmutable} */
    private static function span(string $from, string $to): array
    {
        return [new \DateTimeImmutable($from), new \DateTimeImmutable($to)];
    }
}
