<?php

declare(strict_types=1);

namespace FoxCorner\Tests\App\Calendar;

use FoxCorner\App\Calendar\Booking;
use FoxCorner\Tests\App\AppTestCase;
use Symfony\Component\HttpFoundation\File\UploadedFile;

/** Calendars in: games and bookings, with everything that calendars have in them. */
final class CalendarTest extends AppTestCase
{
    use CalendarsRead;

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
}
