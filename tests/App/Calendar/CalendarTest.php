<?php

declare(strict_types=1);

namespace FoxCorner\Tests\App\Calendar;

use FoxCorner\App\Calendar\Booking;
use FoxCorner\App\Calendar\CalendarReader;
use FoxCorner\App\Calendar\CalendarReading;
use FoxCorner\App\Calendar\FoundEvent;
use FoxCorner\Tests\App\AppTestCase;
use PHPUnit\Framework\Attributes\TestWith;
use Symfony\Component\HttpFoundation\File\UploadedFile;

/** Calendars in: games and bookings, with everything that calendars have in them. */
final class CalendarTest extends AppTestCase
{
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

    public function testNothingIsWrittenUntilItIsConfirmedAndReadingAgainReplaces(): void
    {
        $this->signIn();
        $before = $this->bookings();
        $this->open($this->team(), '/practice/calendar');
        $day = self::now('+3 days')->format('Ymd');
        $text = self::calendar(
            "BEGIN:VEVENT\r\nUID:game\r\nSUMMARY:Game " .
                "away\r\nDTSTART:{$day}T100000\r\nDTEND:{$day}T120000\r\nEND:VEVENT",
        );
        $this->browser->submitForm('Look at it', ['text' => $text, 'zone' => 'UTC']);
        self::assertSelectorTextContains('h1', '1 entries found; nothing is written yet');
        self::assertSame($before, $this->bookings());
        $this->browser->submitForm('Put them into the calendar');
        $this->browser->followRedirect();
        self::assertSelectorTextContains('.week', 'Game away');
        self::assertSame($before + 1, $this->bookings());

        $this->open($this->team(), '/practice/calendar');
        $this->browser->submitForm('Look at it', ['text' => str_replace('T100000', 'T110000', $text), 'zone' => 'UTC']);
        $this->browser->submitForm('Put them into the calendar');
        $this->browser->followRedirect();
        self::assertSame($before + 1, $this->bookings(), 'replaced, not added');
        self::assertSelectorTextContains('.week', '11:00–12:00');
        $this->browser->submit($this->browser->getCrawler()->filter('.week-entry:contains("Game away") form')->form());
        $this->browser->followRedirect();
        self::assertSelectorTextContains('.good', '“Game away” is out of the calendar');
        self::assertSame($before, $this->bookings());
    }

    public function testAFileIsReadAndWhatIsWrongIsSaid(): void
    {
        $this->signIn();
        $this->open($this->team(), '/practice/calendar');
        $file = tempnam(sys_get_temp_dir(), 'ics');
        self::assertIsString($file);
        file_put_contents($file, 'not a calendar');
        $form = $this->browser
            ->getCrawler()
            ->selectButton('Look at it')
            ->form(['zone' => 'UTC']);
        $this->browser->request('POST', $form->getUri(), $form->getPhpValues(), [
            'file' => new UploadedFile($file, 'season.ics', 'text/calendar', test: true),
        ]);

        self::assertResponseStatusCodeSame(422);
        self::assertSelectorTextContains('.finding', 'This is no calendar file');
        unlink($file);
    }

    public function testTheWeekKnowsWhatClashesAndWhatIsFree(): void
    {
        $this->signIn();
        $game = $this->entities()
            ->getRepository(Booking::class)
            ->findOneBy(['summary' => 'Game against the Dunlins']);
        self::assertNotNull($game);
        $page = $this->open($this->team(), '/practice/week?from=' . $game->startsAt->format('Y-m-d'));
        self::assertCount(7, $page->filter('.week-day'));
        self::assertSelectorTextContains('.week', 'Game against the Dunlins');
        $tomorrow = self::now('tomorrow 17:00');
        $this->entities()->persist(
            new Booking($this->team(), 'clash', $tomorrow, $tomorrow->modify('+1 hour'), 'Choir', 'Quay field'),
        );
        $this->entities()->flush();
        $this->open($this->team(), '/practice/week?from=' . $tomorrow->format('Y-m-d'));
        self::assertSelectorTextContains('.week-practice', 'Field taken');
        $page = $this->open($this->team(), '/practice/week?from=' . $tomorrow->modify('+21 days')->format('Y-m-d'));
        self::assertSelectorTextContains('main', 'Monday, 16:00');
        $this->browser->clickLink('Monday, 16:00');
        self::assertStringEndsWith(
            'T16:00',
            (string) $this->browser->getCrawler()->filter('#practice_form_startsAt')->attr('value'),
        );
        $this->open($this->team(), '/practice/week?from=whenever');
        self::assertResponseIsSuccessful();
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

    public function testWhatIsCalledOffDoesNotTakePlaceAndGoesWhereItWas(): void
    {
        $this->signIn();
        $day = self::now('+3 days')->format('Ymd');
        $before = $this->bookings();
        $this->take(
            "BEGIN:VEVENT\r\nUID:7\r\nSUMMARY:Game " .
                "away\r\nDTSTART:{$day}T100000\r\nRRULE:FREQ=DAILY;COUNT=2\r\nEND:VEVENT",
        );
        self::assertSame($before + 2, $this->bookings());
        $this->take(
            "BEGIN:VEVENT\r\nUID:7\r\nSUMMARY:Game " .
                "away\r\nDTSTART:{$day}T100000\r\nRRULE:FREQ=DAILY;COUNT=2\r\nEND:VEVENT\r\nBEGIN:VEVENT\r\n" .
                "UID:7\r\nRECURRENCE-ID:{$day}T100000\r\nSTATUS:CANCELLED\r\nDTSTART:{$day}T100000\r\nEND:VEVENT",
        );
        self::assertSame($before + 1, $this->bookings(), 'one of the two');
        $this->take(
            "BEGIN:VEVENT\r\nUID:7\r\nSTATUS:CANCELLED\r\nSUMMARY:Game away\r\nDTSTART:{$day}T100000\r\nEND:VEVENT",
            'Take them out of the calendar',
        );
        self::assertSame($before, $this->bookings());
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

    public function testTheFilesOwnZoneGoesBeforeTheBrowsersWhereNobodyHasChosen(): void
    {
        $this->signIn();
        $day = self::now('+3 days')->format('Ymd');
        $text =
            "BEGIN:VCALENDAR\r\nVERSION:2.0\r\nX-WR-TIMEZONE:Asia/Tokyo\r\nBEGIN:VEVENT\r\nUID:z\r\n" .
            "SUMMARY:Game\r\nDTSTART:{$day}T010000Z\r\nEND:VEVENT\r\nEND:VCALENDAR\r\n";
        $this->browser->getCookieJar()->set(new \Symfony\Component\BrowserKit\Cookie('zone', 'America/Denver'));
        $this->open($this->team(), '/practice/calendar');
        self::assertSelectorTextContains('#zone option[value=""]', 'As the file says, else America/Denver');
        $this->browser->submitForm('Look at it', ['text' => $text]);
        self::assertSelectorTextContains('table', '10:00');
        $this->browser->submitForm('Look at it', [
            'text' => str_replace('X-WR-TIMEZONE:Asia/Tokyo', 'X-A:1', $text),
            'zone' => 'Europe/Lisbon',
        ]);
        $this->browser->submitForm('Put them into the calendar');
        $this->open($this->team(), '/practice/calendar');
        self::assertSame(
            'Europe/Lisbon',
            $this->browser->getCrawler()->filter('#zone option[selected]')->text(),
            'the choice is remembered',
        );
    }

    public function testWhatACalendarBroughtCanBeTakenBack(): void
    {
        $this->signIn();
        $before = $this->bookings();
        $day = self::now('+3 days')->format('Ymd');
        $this->take(
            "BEGIN:VEVENT\r\nUID:demo-0@saltmarsh.example\r\nSUMMARY:Moved\r\nDTSTART:{$day}T100000\r\n" .
                "RRULE:FREQ=DAILY;COUNT=3\r\nEND:VEVENT",
        );
        self::assertSame($before + 2, $this->bookings());
        $this->browser->submitForm('Undo');
        $this->entities()->clear();

        self::assertSame($before, $this->bookings());
        self::assertNotNull(
            $this->entities()
                ->getRepository(Booking::class)
                ->findOneBy(['summary' => 'Game against the Dunlins']),
        );
    }

    private function take(string $events, string $button = 'Put them into the calendar'): void
    {
        $this->open($this->team(), '/practice/calendar');
        $this->browser->submitForm('Look at it', ['text' => self::calendar($events), 'zone' => 'UTC']);
        $this->browser->submitForm($button);
        $this->browser->followRedirect();
    }

    private function bookings(): int
    {
        return $this->entities()
            ->getRepository(Booking::class)
            ->count(['team' => $this->team()]);
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

    private static function calendar(string $events): string
    {
        return "BEGIN:VCALENDAR\r\nVERSION:2.0\r\n$events\r\nEND:VCALENDAR\r\n";
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
