<?php

declare(strict_types=1);

namespace FoxCorner\Tests\App;

use FoxCorner\App\Calendar\Booking;
use FoxCorner\App\Calendar\CalendarReader;
use FoxCorner\App\Calendar\FoundEvent;
use FoxCorner\App\Practice\Book\Practice;
use FoxCorner\App\Practice\Book\PracticeRepository;
use FoxCorner\App\Practice\Book\PracticeWish;
use Sabre\VObject\Component\VCalendar;
use Sabre\VObject\Component\VEvent;
use Sabre\VObject\Property;
use Sabre\VObject\Reader;

/** What a practice goes out as: calendar, papers, the weeks that follow. */
final class PracticeOutTest extends AppTestCase
{
    use OnePractice;

    public function testCalendar(): void
    {
        $this->signIn();
        $practice = $this->practiceOf($this->team());
        $this->open($this->team(), "/practice/{$practice->id()}/practice.ics");
        $calendar = Reader::read((string) $this->browser->getResponse()->getContent());

        self::assertResponseHeaderSame('Content-Type', 'text/calendar; charset=utf-8');
        self::assertInstanceOf(VCalendar::class, $calendar);
        self::assertSame([], $calendar->validate());
        [$event] = $calendar->getComponents();
        self::assertInstanceOf(VEvent::class, $event);
        $said = static function (string $name) use ($event): string {
            $property = $event->select($name)[0] ?? null;
            self::assertInstanceOf(Property::class, $property);

            return (string) $property;
        };
        self::assertSame($practice->startsAt()->format('Ymd\THis'), $said('DTSTART'));
        self::assertSame($practice->endsAt()->format('Ymd\THis'), $said('DTEND'));
        self::assertStringStartsWith('Kites: practice, ', $said('SUMMARY'));
        self::assertSame('Quay field', $said('LOCATION'));
    }

    public function testWhatGoesOutToACalendarComesBackTheSame(): void
    {
        $this->signIn();
        $this->open($this->team(), '/practice/practices.ics');
        $from = self::now('-30 days');
        $reading = CalendarReader::read(
            (string) $this->browser->getResponse()->getContent(),
            $from,
            $from->modify('+60 days'),
            new \DateTimeZone('UTC'),
        );
        $practices = array_reverse(self::getContainer()->get(PracticeRepository::class)->of($this->team()));

        self::assertSame([], $reading->problems);
        self::assertSame(
            array_map(
                static fn(Practice $practice): array => [
                    $practice->startsAt()->format('c'),
                    $practice->endsAt()->format('c'),
                    $practice->place(),
                ],
                $practices,
            ),
            array_map(
                static fn(FoundEvent $event): array => [
                    $event->startsAt->format('c'),
                    $event->endsAt->format('c'),
                    $event->place,
                ],
                $reading->events,
            ),
        );
    }

    /** A season and a half ago is still there: on a page, by its words, in the calendar, to be shared. */
    public function testOldPracticesAreReachedEverywhere(): void
    {
        $this->signIn();
        $team = $this->team();
        $practice = $this->practiceOf($team);
        for ($week = 1; $week <= 90; ++$week) {
            $wish = new PracticeWish(self::now("-$week weeks 09:00"), 60, "Mole $week", [], $practice->setup());
            $this->entities()->persist(new Practice($team, $wish, $practice->sheet()));
        }
        $this->entities()->flush();
        $page = $this->open($team, '/practice');
        self::assertCount(1 + 40, $page->filter('tbody tr'), 'to come, and a page of those held');
        self::assertSelectorTextContains('nav[aria-label="Pages of those held"]', 'Page 1 of 3');
        $this->browser->clickLink('Earlier');
        $page = $this->browser->clickLink('Earlier');
        self::assertSelectorTextContains('nav[aria-label="Pages of those held"]', 'Page 3 of 3');
        $oldest = $page->filter('tbody tr')->last()->filter('a');
        $day = self::now('-90 weeks');
        self::assertSame($day->format('D j M Y') . ', 09:00', trim($oldest->text()));
        $this->browser->click($oldest->link());
        self::assertResponseIsSuccessful();
        $this->open($team, '/practice?page=99');
        self::assertSelectorTextContains('nav[aria-label="Pages of those held"]', 'Page 3 of 3');

        $this->open($team, '/find?q=mole%2090');
        self::assertSelectorTextContains('main', $day->format('l j F Y'));
        $this->open($team, '/practice/practices.ics');
        $calendar = (string) $this->browser->getResponse()->getContent();
        self::assertSame(92, substr_count($calendar, 'BEGIN:VEVENT'));
        $this->open($team, '/shared?kind=sheet');
        self::assertSelectorTextContains('main', $day->format('l j F Y, 09:00'));
    }

    public function testPdf(): void
    {
        $this->signIn();
        $practice = $this->practiceOf($this->team());
        $this->open($this->team(), "/practice/{$practice->id()}/sheet.pdf");
        $pdf = (string) $this->browser->getResponse()->getContent();

        self::assertResponseHeaderSame('Content-Type', 'application/pdf');
        self::assertStringStartsWith('%PDF-', $pdf);
        self::assertSame(1, preg_match_all('~/Type /Page\b~', $pdf), 'one page');
    }

    public function testStationCardsAreOneForEachStation(): void
    {
        $this->signIn();
        $this->open($this->team(), "/practice/{$this->practiceOf($this->team())->id()}/cards.pdf");

        self::assertSame(
            \count($this->sheetOf($this->team())->drills()),
            preg_match_all('~/Type /Page\b~', (string) $this->browser->getResponse()->getContent()),
        );
    }

    public function testTheSameHourInTheNextWeeksAroundBookings(): void
    {
        $this->signIn();
        $practice = $this->practiceOf($this->team());
        $start = $practice->startsAt()->modify('+1 week');
        $this->entities()->persist(
            new Booking($this->team(), 'taken', $start, $start->modify('+1 hour'), 'Taken', 'Quay field'),
        );
        $this->entities()->flush();
        $this->open($this->team(), "/practice/{$practice->id()}");
        $this->browser->submitForm('Make them', ['weeks' => '2']);
        $this->follow();

        self::assertSelectorTextContains(
            '.finding',
            '1 more practice is made. The field is taken on ' . $start->format('j M'),
        );
        self::assertEquals($practice->startsAt()->modify('+2 weeks'), $this->practiceOf($this->team())->startsAt());
    }
}
