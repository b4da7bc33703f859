<?php

declare(strict_types=1);

namespace FoxCorner\Tests\App;

use FoxCorner\App\Practice\Practice;
use FoxCorner\App\Practice\PracticeRepository;
use FoxCorner\App\Practice\SheetCodec;
use FoxCorner\Tests\Core\Teams;
use PHPUnit\Framework\Attributes\TestWith;
use Sabre\VObject\Component\VCalendar;
use Sabre\VObject\Component\VEvent;
use Sabre\VObject\Property;
use Sabre\VObject\Reader;

final class PracticeTest extends AppTestCase
{
    public function testFromThePlanToASheet(): void
    {
        $team = $this->newTeam($this->signIn(), Teams::fifteen());
        $this->open($team, '/practice/new');
        $this->browser->submitForm('Make the practice', ['practice_form[startsAt]' => '2027-05-14T17:30', 'practice_form[minutes]' => '70', 'practice_form[helpers]' => '3', 'practice_form[place]' => 'Top field']);
        $page = $this->browser->followRedirect();

        self::assertMatchesRegularExpression('/^\d+ of \d+ needs met/', $page->filter('h1')->text());
        self::assertSelectorTextContains('.sheet', 'Warm-up');
        self::assertSelectorTextContains('.sheet', 'Charge and throw');
        self::assertSelectorTextContains('.sheet', '17:30');
        $sheet = self::getContainer()->get(SheetCodec::class)->read($this->practiceOf($team));
        self::assertSame(70, array_sum(array_map(static fn($block): int => $block->minutes, $sheet->blocks)));
        foreach ($sheet->rounds() as $round) {
            $everybody = [...$round->waiting, ...array_merge(...array_map(static fn($station): array => $station->players, $round->stations))];
            self::assertCount(15, $everybody);
        }
    }

    #[TestWith(['minutes', '10', '10 is too small. Allowed: 40 to 180 minutes'])]
    #[TestWith(['minutes', '', 'Allowed: 40 to 180 minutes'])]
    #[TestWith(['helpers', '0', '0 is too small. Allowed: 1 to 12'])]
    #[TestWith(['startsAt', '', 'It is empty. Allowed: a day and a time.'])]
    #[TestWith(['startsAt', 'soon', 'This is no day and time.'])]
    public function testWhatCannotBeIsSaidAtItsField(string $field, string $typed, string $words): void
    {
        $this->signIn();
        $this->open($this->team(), '/practice/new');
        $this->browser->submitForm('Make the practice', ["practice_form[$field]" => $typed, 'practice_form[place]' => 'Top field']);

        self::assertResponseStatusCodeSame(422);
        self::assertSelectorTextContains("#practice_form_{$field}_more", $words);
        self::assertInputValueSame('practice_form[place]', 'Top field');
    }

    public function testNobodyComes(): void
    {
        $this->signIn();
        $page = $this->open($this->team(), '/practice/new');
        $form = $page->selectButton('Make the practice')->form();
        $values = $form->getPhpValues();
        self::assertIsArray($values['practice_form']);
        unset($values['practice_form']['comes']);
        $this->browser->request('POST', $form->getUri(), $values);

        self::assertSelectorTextContains('#practice_form_comes_more', 'Nobody is ticked. Allowed: at least one player.');
    }

    public function testSolvedAgainWithFewer(): void
    {
        $this->signIn();
        $practice = $this->practiceOf($this->team());
        $this->open($this->team(), "/practice/{$practice->id()}/change");
        $this->browser->submitForm('Solve again', ['practice_form[helpers]' => '1']);
        $page = $this->browser->followRedirect();

        self::assertSelectorTextContains('.strip', '1');
        self::assertSelectorTextContains('body', 'Still short');
        self::assertGreaterThan(0, $page->filter('.sheet tr:contains("Collect balls")')->count(), 'who waits has something to do');
    }

    public function testTheSheetStaysWhenTheRosterChanges(): void
    {
        $this->signIn();
        $practice = $this->practiceOf($this->team());
        $this->entities()->getConnection()->executeStatement("UPDATE player SET name = 'Changed' WHERE name = 'Ibarra'");
        $this->open($this->team(), "/practice/{$practice->id()}");

        self::assertSelectorTextContains('.sheet', 'Ibarra');
    }

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
        self::assertSame('Kites: practice, corners crash', $said('SUMMARY'));
        self::assertSame('Quay field', $said('LOCATION'));
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

    public function testTakenOff(): void
    {
        $this->signIn();
        $practice = $this->practiceOf($this->team());
        $this->open($this->team(), "/practice/{$practice->id()}");
        $this->browser->submitForm('Take this practice off');
        $this->browser->followRedirect();
        self::assertSelectorTextContains('.good', 'The practice is taken off');
        $this->open($this->team(), "/practice/{$practice->id()}");
        self::assertResponseStatusCodeSame(404);
    }

    private function practiceOf(\FoxCorner\App\Team\Team $team): Practice
    {
        return self::getContainer()->get(PracticeRepository::class)->of($team)[0];
    }
}
