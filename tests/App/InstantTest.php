<?php

declare(strict_types=1);

namespace FoxCorner\Tests\App;

use FoxCorner\App\Shared\Time\HouseClock;
use FoxCorner\App\Shared\Time\Instant;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Symfony\Component\Clock\MockClock;

/** What lasts an hour lasts one, on the nights too on which clocks are turned. */
final class InstantTest extends TestCase
{
    private string $zone = '';

    protected function setUp(): void
    {
        $this->zone = date_default_timezone_get();
        date_default_timezone_set('Europe/Berlin');
    }

    protected function tearDown(): void
    {
        date_default_timezone_set($this->zone);
    }

    #[TestWith(['2027-03-28 03:05:00', -600, '2027-03-28T01:55:00+01:00'])]
    #[TestWith(['2027-03-28 03:00:20', -60, '2027-03-28T01:59:20+01:00'])]
    #[TestWith(['2027-03-27 12:00:00', 86400, '2027-03-28T13:00:00+02:00'])]
    #[TestWith(['2027-10-31 01:30:00', 7200, '2027-10-31T02:30:00+01:00'])]
    #[TestWith(['2026-11-30 23:56:00', 16846080, '2027-06-14T00:24:00+02:00'])]
    #[TestWith(['2027-06-14 00:24:00', -16846080, '2026-11-30T23:56:00+01:00'])]
    public function testLater(string $from, int $seconds, string $to): void
    {
        $moment = new \DateTimeImmutable($from);

        self::assertSame($to, Instant::later($moment, $seconds)->format('c'));
        self::assertSame($to, (new HouseClock(new MockClock($moment), $seconds))->now()->format('c'));
    }

    public function testWhatIsWrittenIsReadAgainInBothHoursOfTheNight(): void
    {
        foreach (['2027-10-31T02:30:00+02:00', '2027-10-31T02:30:00+01:00'] as $said) {
            $read = Instant::read(Instant::written(new \DateTimeImmutable($said)));
            self::assertSame($said, $read->format('c'));
            self::assertSame('Europe/Berlin', $read->getTimezone()->getName());
        }
    }
}
