<?php

declare(strict_types=1);

namespace FoxCorner\Tests\App\Calendar;

use FoxCorner\App\Calendar\CalendarReader;
use FoxCorner\App\Calendar\CalendarReading;
use FoxCorner\App\Calendar\FoundEvent;
use FoxCorner\Tests\App\AppTestCase;
use PHPUnit\Framework\Attributes\TestWith;

/** Calendar files as they are read: repetition, zones, broken lines, what is no calendar. */
final class CalendarReaderTest extends AppTestCase
{
    use CalendarsRead;

    public function testARepeatingEventIsLaidOutWithItsExceptions(): void
    {
        $reading = self::read(
            "BEGIN:VEVENT\r\nUID:a\r\nSUMMARY:Evening " .
                "school\r\nDTSTART:20270504T160000\r\nDTEND:20270504T190000\r\nRRULE:FREQ=WEEKLY;COUNT=4\r\n" .
                "EXDATE:20270511T160000\r\nEND:VEVENT\r\nBEGIN:VEVENT\r\nUID:a\r\n" .
                "RECURRENCE-ID:20270518T160000\r\nSUMMARY:Evening school, late\r\nDTSTART:20270518T170000\r\n" .
                "DTEND:20270518T190000\r\nEND:VEVENT",
        );

        self::assertSame([], $reading->problems);
        self::assertSame(
            ['05-04 16:00 Evening school', '05-18 17:00 Evening school, late', '05-25 16:00 Evening school'],
            self::lines($reading),
        );
    }

    #[TestWith(['DTSTART;TZID=Europe/Berlin:20270710T180000', '07-10 17:00', 'Europe/London'])]
    #[TestWith(['DTSTART:20270710T160000Z', '07-10 17:00', 'Europe/London'])]
    #[TestWith(['DTSTART:20270710T180000', '07-10 18:00', 'Europe/London'])]
    #[TestWith(['DTSTART:20270110T160000Z', '01-10 16:00', 'Europe/London'])]
    public function testEveryTimeIsTurnedIntoTheFieldsOwn(string $start, string $wall, string $zone): void
    {
        $reading = self::read(
            "BEGIN:VEVENT\r\nUID:a\r\nSUMMARY:Game\r\n$start\r\nDURATION:PT2H\r\nEND:VEVENT",
            $zone,
            '2027-01-01',
        );

        self::assertSame([], $reading->problems);
        self::assertSame($wall, $reading->events[0]->startsAt->format('m-d H:i'));
        self::assertSame(
            7200,
            $reading->events[0]->endsAt->getTimestamp() - $reading->events[0]->startsAt->getTimestamp(),
        );
    }

    public function testAWeeklyHourStaysTheSameHourOverTheChangeOfClocks(): void
    {
        $reading = self::read(
            "BEGIN:VEVENT\r\nUID:a\r\nSUMMARY:Hall\r\nDTSTART;TZID=Europe/London:20270321T180000\r\n" .
                "DURATION:PT1H\r\nRRULE:FREQ=WEEKLY;COUNT=3\r\nEND:VEVENT",
            'Europe/London',
            '2027-03-01',
        );

        self::assertSame(['03-21 18:00 Hall', '03-28 18:00 Hall', '04-04 18:00 Hall'], self::lines($reading));
    }

    public function testABrokenLineIsNamedAndTheRestIsRead(): void
    {
        $reading = self::read(
            "BEGIN:VEVENT\r\nUID:a\r\nthis is no " .
                "line\r\nSUMMARY:Game\r\nDTSTART:20270504T160000\r\nEND:VEVENT\r\nBEGIN:VEVENT\r\nUID:b\r\n" .
                'SUMMARY:No ' .
                "start\r\nEND:VEVENT\r\nBEGIN:VEVENT\r\nUID:c\r\nSUMMARY:Odd\r\nDTSTART:the day after\r\nEND:VEVENT",
        );

        self::assertSame(['05-04 16:00 Game'], self::lines($reading));
        self::assertStringContainsString(
            'Line 5 was left out: “this is no line” has no name and colon',
            $reading->problems[0],
        );
        self::assertCount(3, $reading->problems);
        self::assertStringContainsString('“No start” was left out', $reading->problems[1]);
        self::assertStringContainsString('“Odd” was left out', $reading->problems[2]);
    }

    public function testAWholeDayIsTakenFromMidnightToMidnight(): void
    {
        $reading = self::read("BEGIN:VEVENT\r\nUID:a\r\nSUMMARY:Regatta\r\nDTSTART;VALUE=DATE:20270508\r\nEND:VEVENT");

        self::assertSame('05-08 00:00', $reading->events[0]->startsAt->format('m-d H:i'));
        self::assertSame('05-09 00:00', $reading->events[0]->endsAt->format('m-d H:i'));
    }

    public function testWhatIsNoCalendar(): void
    {
        foreach (
            [
                '',
                'hello',
                "BEGIN:VCARD\r\nVERSION:4.0\r\nFN:A\r\nEND:VCARD\r\n" . '',
                "BEGIN:VCALENDAR\r\nBEGIN:VEVENT\r\n",
            ] as $text
        ) {
            $reading = CalendarReader::read(
                $text,
                new \DateTimeImmutable('2027-05-01'),
                new \DateTimeImmutable('2027-10-01'),
                new \DateTimeZone('UTC'),
            );
            self::assertSame([], $reading->events);
            self::assertNotSame([], $reading->problems, "“{$text}”");
        }
    }

    /** Each of these held a page's process for half a minute, or took all of its memory. */
    #[
        TestWith([
            "BEGIN:VEVENT\r\nUID:a\r\nSUMMARY:Bomb\r\nDTSTART:20270504T160000\r\nRRULE:FREQ=DAILY;BYHOUR=25\r\n" .
            'END:VEVENT',
            1,
            '“Bomb” was left out',
        ]),
    ]
    #[
        TestWith([
            "BEGIN:VEVENT\r\nUID:a%d\r\nSUMMARY:Bomb\r\nDTSTART:20270504T160000\r\n" .
            "RRULE:FREQ=HOURLY;COUNT=3400\r\nEND:VEVENT",
            60,
            '“Bomb” was left out',
        ]),
    ]
    #[
        TestWith([
            "BEGIN:VEVENT\r\nUID:a%d\r\nSUMMARY:Bomb\r\nDTSTART:20270504T160000\r\nRRULE:FREQ=DAILY\r\nEND:VEVENT",
            60,
            'More than 2000 entries would come of it',
        ]),
    ]
    #[
        TestWith([
            "BEGIN:VEVENT\r\nUID:a%d\r\nSUMMARY:Bomb\r\nDTSTART:19500504T160000\r\n" .
            "RRULE:FREQ=YEARLY;BYMONTH=2;BYMONTHDAY=30;COUNT=1000\r\nEND:VEVENT",
            60,
            'would take too long',
        ]),
    ]
    #[
        TestWith([
            "BEGIN:VEVENT\r\nUID:a%d\r\nSUMMARY:Bomb\r\nDTSTART:20270504T160000\r\nEND:VEVENT",
            1500,
            'There are 1500 parts in it. Allowed: at most 1000',
        ]),
    ]
    #[TestWith(["BEGIN:X\r\n", 30000, 'deeper than any calendar'])]
    #[TestWith(["X-NOTE:padding padding padding padding padding padding padding\r\n", 20000, 'larger than 1000 kB'])]
    public function testACalendarThatNobodyCouldUseIsRefusedAtOnce(string $event, int $times, string $words): void
    {
        $text = implode(
            "\r\n",
            array_map(static fn(int $number): string => str_replace('%d', (string) $number, $event), range(1, $times)),
        );
        $reading = self::read($text);

        self::assertStringContainsString($words, implode(' ', $reading->problems));
        self::assertLessThan(2, \count($reading->events));
    }

    public function testUidsAreKeptApartWhateverTheyLookLike(): void
    {
        $event = static fn(
            string $uid,
            string $hour,
        ): string => "BEGIN:VEVENT\r\nUID:$uid\r\nSUMMARY:Game\r\nDTSTART:20270504T{$hour}0000\r\nEND:VEVENT";
        $long = str_repeat('x', 300);
        $reading = self::read(
            implode("\r\n", [
                $event('123', '10'),
                $event('0123', '11'),
                $event("{$long}1", '12'),
                $event("{$long}2", '13'),
                $event('Ä', '14'),
                $event('A', '15'),
                $event('a', '16'),
                $event('a', '16'),
            ]),
        );

        self::assertSame([], $reading->problems);
        self::assertCount(7, $reading->events, 'the same at the same moment twice is once');
        self::assertCount(
            7,
            array_unique(array_map(static fn(FoundEvent $found): string => $found->uid, $reading->events)),
        );
        self::assertLessThanOrEqual(
            190,
            max(array_map(static fn(FoundEvent $found): int => \strlen($found->uid), $reading->events)),
        );
    }

    public function testWhatCannotBeReadTakesNothingAway(): void
    {
        $reading = self::read(
            "BEGIN:VEVENT\r\nUID:a\r\nSUMMARY:Odd\r\nDTSTART:20270504T160000\r\nRRULE:FREQ=HOURLY\r\n" .
                "END:VEVENT\r\nBEGIN:VEVENT\r\nUID:b\r\nSUMMARY:Game\r\nDTSTART:20270504T160000\r\nEND:VEVENT",
        );

        self::assertSame(['b'], $reading->uids);
        self::assertSame(0, $reading->calledOff());
    }

    public function testAWholeDayIsThatDayInEveryZoneAndMayLeaveTheFieldFree(): void
    {
        $events =
            "BEGIN:VEVENT\r\nUID:a\r\nSUMMARY:Holiday\r\nDTSTART;VALUE=DATE:20270508\r\n" .
            "DTEND;VALUE=DATE:20270510\r\nTRANSP:TRANSPARENT\r\nEND:VEVENT";
        foreach (['Pacific/Auckland', 'America/Los_Angeles'] as $zone) {
            $found = self::read($events, $zone)->events[0];
            self::assertSame(
                ['05-08 00:00', '05-10 00:00'],
                [$found->startsAt->format('m-d H:i'), $found->endsAt->format('m-d H:i')],
            );
            self::assertTrue($found->allDay);
            self::assertFalse($found->takesField);
        }
    }

    private static function read(string $events, string $zone = 'UTC', string $from = '2027-05-01'): CalendarReading
    {
        return CalendarReader::read(
            self::calendar($events),
            new \DateTimeImmutable($from),
            new \DateTimeImmutable('2027-10-01'),
            new \DateTimeZone($zone),
        );
    }

    /** @return list<string> */
    private static function lines(CalendarReading $reading): array
    {
        return array_map(
            static fn(FoundEvent $event): string => $event->startsAt->format('m-d H:i ') . $event->summary,
            $reading->events,
        );
    }
}
