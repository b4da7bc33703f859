<?php

declare(strict_types=1);

namespace FoxCorner\Tests\App;

use FoxCorner\App\Calendar\Booking;
use FoxCorner\App\Calendar\CalendarReader;
use FoxCorner\App\Calendar\FoundEvent;
use FoxCorner\App\Practice\Book\Practice;
use FoxCorner\App\Practice\Book\PracticeRepository;
use FoxCorner\App\Practice\Book\PracticeWish;
use FoxCorner\App\Practice\Sheet\Sheet;
use FoxCorner\App\Practice\Sheet\SheetCodec;
use FoxCorner\App\Practice\Solving\SolveJob;
use FoxCorner\App\Practice\Solving\SolveKind;
use FoxCorner\Core\People\Limit;
use FoxCorner\Core\Practice\Drill\Shipped\ShippedDrills;
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
        $this->browser->submitForm('Make the practice', [
            'practice_form[startsAt]' => '2027-05-14T17:30',
            'practice_form[minutes]' => '70',
            'practice_form[whoHelps]' => "Ana, hits\nBo\nCy, hits",
            'practice_form[place]' => 'Top field',
        ]);
        $page = $this->follow();

        self::assertMatchesRegularExpression('/^\d+ of \d+ needs met/', $page->filter('h1')->text());
        self::assertSelectorTextContains('.sheet', 'Warm-up');
        self::assertSelectorTextContains('.sheet', 'Ana');
        self::assertSelectorTextContains('.sheet', '17:30');
        $sheet = self::getContainer()->get(SheetCodec::class)->read($this->practiceOf($team));
        self::assertSame(70, array_sum(array_map(static fn($block): int => $block->minutes, $sheet->blocks)));
        foreach ($sheet->rounds() as $round) {
            $everybody = [
                ...$round->waiting,
                ...array_merge(...array_map(static fn($station): array => $station->players, $round->stations)),
            ];
            self::assertCount(15, $everybody);
        }
    }

    #[TestWith(['minutes', '10', '10 is too small. Allowed: 40 to 180 minutes'])]
    #[TestWith(['minutes', '', 'Allowed: 40 to 180 minutes'])]
    #[TestWith(['whoHelps', '', '0 is too small. Allowed: 1 to 12'])]
    #[TestWith(['whoHelps', "Ana\nAna, hits", '“Ana” is there twice. Allowed: each name once'])]
    #[TestWith(['round', '3', '3 is too small. Allowed: 4 to 18'])]
    #[TestWith(['warmUp', '', 'It is empty. Allowed: a number of minutes.'])]
    #[TestWith(['startsAt', '', 'It is empty. Allowed: a day and a time.'])]
    #[TestWith(['startsAt', 'soon', 'This is no day and time.'])]
    public function testWhatCannotBeIsSaidAtItsField(string $field, string $typed, string $words): void
    {
        $this->signIn();
        $this->open($this->team(), '/practice/new');
        $this->browser->submitForm('Make the practice', [
            "practice_form[$field]" => $typed,
            'practice_form[place]' => 'Top field',
        ]);

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

        self::assertSelectorTextContains(
            '#practice_form_comes_more',
            'Nobody is ticked. Allowed: at least one player.',
        );
    }

    public function testSolvedAgainWithFewer(): void
    {
        $this->signIn();
        $practice = $this->practiceOf($this->team());
        $this->open($this->team(), "/practice/{$practice->id()}/change");
        $this->browser->submitForm('Solve again', [
            'practice_form[whoHelps]' => 'Ana, hits',
            'practice_form[minutes]' => '70',
        ]);
        $page = $this->follow();

        self::assertSelectorTextContains('.strip', '70');
        self::assertSelectorTextContains('body', 'Still short');
        self::assertGreaterThan(
            0,
            $page->filter('.sheet tr:contains("Collect balls")')->count(),
            'who waits has something to do',
        );
    }

    public function testTheShedIsCounted(): void
    {
        $this->signIn();
        $this->open($this->team(), '/practice/new');
        $this->browser->submitForm('Make the practice', ['practice_form[equipment][bucket_of_balls]' => '-1']);
        self::assertSelectorTextContains('#practice_form_equipment_bucket_of_balls_more', 'Allowed: 0 to 99');

        $this->browser->submitForm(
            'Make the practice',
            array_map(
                static fn(): string => '0',
                array_fill_keys(
                    [
                        'practice_form[equipment][bucket_of_balls]',
                        'practice_form[equipment][bag]',
                        'practice_form[equipment][helmet]',
                        'practice_form[equipment][cone]',
                    ],
                    0,
                ),
            ),
        );
        // What needs nothing may be left; nothing else is.
        $shown = $this->browser->getResponse()->isRedirect() ? $this->follow() : $this->browser->getCrawler();
        $words = $shown->filter('#work')->text();
        self::assertMatchesRegularExpression(
            '/No drill can be run with these|Works on looks that nobody can time\./',
            $words,
        );
    }

    public function testAllWithSoreArmsStillPractise(): void
    {
        $sore = array_map(static fn($player) => Teams::with($player, limit: Limit::NoThrowing), Teams::fifteen());
        $team = $this->newTeam($this->signIn(), $sore);
        $this->open($team, '/practice/new');
        $this->browser->submitForm('Make the practice');
        $this->follow();

        $sheet = $this->sheetOf($team);
        self::assertNotSame([], $sheet->drills());
        foreach ($sheet->drills() as $drill) {
            self::assertSame(0, ShippedDrills::get($drill)->throwsPerRep, "$drill throws");
        }
    }

    public function testTheSheetStaysWhenTheRosterChanges(): void
    {
        $this->signIn();
        $practice = $this->practiceOf($this->team());
        $this->entities()
            ->getConnection()
            ->executeStatement("UPDATE player SET name = 'Changed' WHERE name = 'Ibarra'");
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

    public function testAStationIsTakenOutAndAnotherAdded(): void
    {
        $this->signIn();
        $first = $this->sheetOf($this->team())->choices[0]->drill;
        $this->arrange(['drop' => $first]);
        self::assertNotContains($first, $this->chosen());
        $this->arrange(['add' => 'one-hand-at-the-corner']);
        self::assertContains('one-hand-at-the-corner', $this->chosen());
        $this->arrange(['choose' => '1']);
        self::assertContains($first, $this->chosen(), 'left to the program, it is needed again');
    }

    public function testALockedGroupStaysWhenSolvedAnotherWay(): void
    {
        $this->signIn();
        $station = $this->sheetOf($this->team())->rounds()[0]->stations[0];
        $this->arrange(['lock' => "0/$station->drill"]);
        self::assertSelectorExists("[data-lock=\"0/$station->drill\"][aria-pressed=true]");
        $this->arrange(['another' => '1']);
        $this->browser->submitForm('Take the other');
        $this->follow();

        self::assertEquals(
            $station->players,
            $this->sheetOf($this->team())->rounds()[0]->station($station->drill)?->players,
        );
        $this->arrange(['lock' => "0/$station->drill"]);
        self::assertSelectorNotExists('[data-lock][aria-pressed=true]');
    }

    public function testAMovedStationStaysWhereItWasPut(): void
    {
        $this->signIn();
        $drill = $this->sheetOf($this->team())->choices[0]->drill;
        $this->arrange(['move' => $drill, 'x' => '40', 'y' => '-30.5']);
        self::assertSame(
            [40.0, -30.5],
            array_map(floatval(...), $this->sheetOf($this->team())->choices[0]->shift ?? []),
        );
        $this->arrange(['another' => '1']);
        $this->browser->submitForm('Take the other');
        $this->follow();
        self::assertSame(
            [40.0, -30.5],
            array_map(floatval(...), $this->sheetOf($this->team())->choices[0]->shift ?? []),
        );

        $this->arrange(['move' => $drill, 'x' => 'far', 'y' => '0']);
        self::assertSelectorTextContains('.finding', '“far” is no number. Allowed: feet.');
        self::assertSame(
            [40.0, -30.5],
            array_map(floatval(...), $this->sheetOf($this->team())->choices[0]->shift ?? []),
        );
    }

    public function testAnotherWayIsLaidBesideAndTakenOnlyWhenSomebodySaysSo(): void
    {
        $this->signIn();
        $before = $this->sheetOf($this->team());
        $this->arrange(['another' => '1']);

        self::assertSelectorTextContains('h1', 'Another way');
        self::assertSelectorCount(2, 'table.sheet');
        self::assertSelectorTextContains('main', round($before->objective) . ' points', 'worth what it was solved for');
        self::assertEquals($before, $this->sheetOf($this->team()), 'yours stays');
        $address = $this->browser->getRequest()->getPathInfo();
        $this->browser->submitForm('Take the other');
        $this->follow();
        self::assertSelectorTextContains('.good', 'The other sheet is the practice now.');
        self::assertNotEquals($before, $this->sheetOf($this->team()));
        $this->browser->submitForm('Undo');
        self::assertEquals($before, $this->sheetOf($this->team()));
        $this->browser->request('GET', str_replace('/kites/', '/terns/', $address));
        self::assertResponseStatusCodeSame(404);
    }

    public function testALimitOfTheEveningBinds(): void
    {
        $team = $this->newTeam($this->signIn(), Teams::fifteen());
        $page = $this->open($team, '/practice/new');
        $form = $page->selectButton('Make the practice')->form();
        $arm = (string) $page->filter('input[name="practice_form[noThrows][]"]')->eq(4)->attr('value');
        $values = $form->getPhpValues();
        self::assertIsArray($values['practice_form']);
        $values['practice_form']['noThrows'] = [$arm];
        $values['practice_form']['isWatched'] = '1';
        $this->browser->request('POST', $form->getUri(), $values);
        $this->follow();
        $sheet = $this->sheetOf($team);
        $drills = ShippedDrills::all();
        $tried = 0;

        foreach ($sheet->rounds() as $block) {
            self::assertLessThanOrEqual(3, \count($block->stations), 'three help, and nobody is left alone');
            foreach ($block->stations as $station) {
                ++$tried;
                self::assertNotSame([], $station->helpers);
                if (\in_array($arm, array_map(static fn($player): string => $player->id, $station->players), true)) {
                    self::assertSame(0, $drills[$station->drill]->throwsPerRep, $station->drill);
                    self::assertFalse($drills[$station->drill]->tosses, $station->drill);
                }
            }
        }
        self::assertGreaterThan(6, $tried);
    }

    public function testTwoCoachesAtOnePractice(): void
    {
        $this->signIn();
        $before = $this->chosen();
        $this->arrange(['drop' => $before[0]], version: 99);

        self::assertSelectorTextContains('.finding', 'Somebody else has changed it since this page was opened');
        self::assertSame($before, $this->chosen());
    }

    public function testTheLastStationCannotBeTakenOut(): void
    {
        $this->signIn();
        foreach ($this->chosen() as $drill) {
            $this->arrange(['drop' => $drill]);
        }

        self::assertCount(1, $this->chosen());
        self::assertSelectorTextContains('.finding', 'No drill can be run');
    }

    public function testSearchingLongerNeverMakesItWorse(): void
    {
        $this->signIn();
        $practice = $this->practiceOf($this->team());
        $before = $this->sheetOf($this->team())->objective;
        $page = $this->open($this->team(), "/practice/{$practice->id()}");
        $token = json_decode((string) $page->filter('#search [data-hx-vals]')->attr('data-hx-vals'), true);
        self::assertIsArray($token);
        foreach ([1, 2] as $try) {
            $this->browser->request(
                'POST',
                "/{$this->team()->id()}/practice/{$practice->id()}/search",
                ['try' => $try, 'began' => $before] + $token,
            );
            self::assertResponseIsSuccessful();
            self::assertSelectorExists("progress[value=\"$try\"]");
        }

        self::assertGreaterThanOrEqual($before, $this->sheetOf($this->team())->objective);
    }

    public function testWhatWouldHelpIsTried(): void
    {
        $this->signIn();
        $address = "/{$this->team()->id()}/practice/{$this->practiceOf($this->team())->id()}";
        $token = $this->browser->request('GET', $address)->filter('[name=_token]')->first()->attr('value');
        for ($look = 1; $look <= 2; ++$look) {
            $page = $this->browser->request('POST', "$address/ways", ['_token' => $token]);
            self::assertResponseIsSuccessful();
            self::assertMatchesRegularExpression('/\+\d+ points/', $page->text());
        }

        self::assertSame(
            1,
            $this->entities()
                ->getRepository(SolveJob::class)
                ->count(['kind' => SolveKind::Ways]),
            'the same practice is tried once',
        );
        $this->browser->request('POST', "/{$this->team()->id()}/practice/{$this->team()->id()}/ways", [
            '_token' => $token,
        ]);
        self::assertResponseStatusCodeSame(204, 'a page may still ask when the practice is taken off');
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

    public function testTakenOff(): void
    {
        $this->signIn();
        $practice = $this->practiceOf($this->team());
        $this->open($this->team(), "/practice/{$practice->id()}");
        $this->browser->submitForm('Take this practice off');
        $this->follow();
        self::assertSelectorTextContains('.good', 'The practice is taken off');
        $this->open($this->team(), "/practice/{$practice->id()}");
        self::assertResponseStatusCodeSame(404);
    }

    /** @param array<string, string> $what */
    private function arrange(array $what, ?int $version = null): void
    {
        $practice = $this->practiceOf($this->team());
        $this->entities()->refresh($practice);
        $page = $this->open($this->team(), "/practice/{$practice->id()}");
        $this->browser->request(
            'POST',
            "/{$this->team()->id()}/practice/{$practice->id()}/arrange",
            [
                '_token' => $page->filter('[data-arrange]')->attr('data-token'),
                'version' => $version ?? $practice->version(),
            ] + $what,
        );
        self::assertResponseStatusCodeSame(303);
        $this->follow();
    }

    /** @return list<string> */
    private function chosen(): array
    {
        return array_map(static fn($choice): string => $choice->drill, $this->sheetOf($this->team())->choices);
    }

    private function sheetOf(\FoxCorner\App\Club\Team $team): Sheet
    {
        $practice = $this->practiceOf($team);
        $this->entities()->refresh($practice);

        return self::getContainer()->get(SheetCodec::class)->read($practice);
    }

    private function practiceOf(\FoxCorner\App\Club\Team $team): Practice
    {
        return self::getContainer()->get(PracticeRepository::class)->of($team)[0];
    }
}
