<?php

declare(strict_types=1);

namespace FoxCorner\Tests\App;

use FoxCorner\App\Practice\Book\PracticeRepository;
use FoxCorner\App\Practice\Live\RunRepository;
use PHPUnit\Framework\Attributes\TestWith;

/** Where things are: one home for each, old addresses lead there, and the rail leads back and to what is next. */
final class AddressesTest extends AppTestCase
{
    #[TestWith(['bunts/R1-0?batter=left', 'situations/R1-0/bunt/all?batter=left'])]
    #[TestWith(['field/R1-0', 'situations/R1-0'])]
    #[TestWith(['field/R1-0?view=bunt&bunt=-20,30', 'situations/R1-0?bunt=-20,30&view=bunt'])]
    #[TestWith(['field/R3-1/compare?against=in', 'situations/R3-1/compare?against=in'])]
    #[TestWith(['plays/outfield', 'situations/outfield-jobs'])]
    #[TestWith(['plays/steal/R1-0', 'situations/R1-0/steal/all'])]
    #[TestWith(['plays/outfield/R1-1/sheet', 'situations/R1-1/outfield/sheet'])]
    #[TestWith(['plays/bunt/R1-0/coverage/new?from=wheel', 'situations/R1-0/bunt/coverage/new?from=wheel'])]
    #[TestWith(['runners', 'team/counts'])]
    #[TestWith(['runners/R2-1', 'situations/R2-1/runners'])]
    #[TestWith(['runners/looks/7', 'situations/looks/7'])]
    #[TestWith(['team/field', 'team/ballpark'])]
    #[TestWith(['team/runs', 'team/scoring'])]
    public function testWhatWasPrintedLeadsToWhereItIsNow(string $old, string $now): void
    {
        $this->signIn();
        $this->browser->request('GET', "/kites/$old");

        self::assertResponseStatusCodeSame(301);
        self::assertSame("/kites/$now", urldecode((string) $this->browser->getResponse()->headers->get('Location')));
    }

    public function testNothingElseIsLedAnywhere(): void
    {
        $this->signIn();
        foreach (['plays', 'plays/a/b/c/d', 'field', 'runners/a/b'] as $never) {
            $this->browser->request('GET', "/kites/$never");
            self::assertResponseStatusCodeSame(404, $never);
        }
    }

    public function testAViewOfTheQueryIsInThePathFromThenOn(): void
    {
        $this->signIn();
        $this->browser->request('GET', '/kites/situations/R1-0?view=bunt&bunt=-30,20');

        $to = urldecode((string) $this->browser->getResponse()->headers->get('Location'));
        self::assertStringStartsWith('/kites/situations/R1-0/bunt?', $to);
        self::assertStringContainsString('bunt=-30,20', $to);
        self::assertStringNotContainsString('view', $to);
    }

    public function testASituationHasItsPlaysAndAPlayItsTabs(): void
    {
        $this->signIn();
        $page = $this->open($this->team(), '/situations/R1R2-0/bunt?coverage=wheel');
        $tabs = $page->filter('.ways .segment');

        self::assertSame(
            [
                'Before the pitch',
                'Bunts',
                'Ground balls',
                'Outfield',
                'Runners',
                'In the air',
                'This ball',
                'All balls',
                'Coverages',
            ],
            $tabs->each(static fn($tab): string => $tab->text()),
        );
        self::assertSame(
            ['Bunts', 'This ball'],
            $page->filter('.ways [aria-current=true]')->each(static fn($tab): string => $tab->text()),
        );
        self::assertStringContainsString(
            'coverage=wheel',
            (string) $page->filter('#tab-plays')->attr('href'),
            'it stays',
        );
        self::assertStringNotContainsString('coverage', (string) $page->filter('#view-outfield')->attr('href'));
        $page = $this->open($this->team(), '/situations/R1-0/runners');
        self::assertSelectorTextSame('[aria-label=Runners] [aria-current=true]', 'Leads');
        self::assertSelectorTextSame('#place-carried[aria-current=page]', 'First, 0 out');
        self::assertSelectorNotExists('#place-situations[aria-current]');
    }

    public function testAPracticeIsNearFromThreeHoursBeforeItToItsEnd(): void
    {
        $practices = self::getContainer()->get(PracticeRepository::class);
        $next = $practices->coming($this->team(), self::now())[0];
        $runs = self::getContainer()->get(RunRepository::class);
        $near = fn(string $later, \DateTimeImmutable $from): ?string => $runs
            ->near($this->team(), $from->modify($later))
            ?->address();

        self::assertNull($near('-181 minutes', $next->startsAt()));
        self::assertSame($next->address(), $near('-180 minutes', $next->startsAt()->modify('+1 second')));
        self::assertSame($next->address(), $near('+0 minutes', $next->endsAt()));
        self::assertNotSame($next->address(), $near('+1 second', $next->endsAt()));
    }

    public function testThePageThatIsLeftLeadsNobodyBackByAPartThatComesLate(): void
    {
        $this->signIn();
        $team = $this->team();
        $this->open($team, '/situations/loaded-2?inning=7');
        $late = ['HTTP_HX_REQUEST' => 'true'];
        $this->browser->request('GET', "/{$team->id()}/situations/none-0/improve?inning=1", server: $late);
        self::assertResponseIsSuccessful();
        $rail = $this->open($team, '/team')->filter('#place-carried')->attr('href');
        self::assertStringContainsString('/situations/loaded-2?inning=7', (string) $rail);

        $this->browser->request(
            'GET',
            "/{$team->id()}/situations/R1-1?inning=2",
            server: $late + ['HTTP_HX_BOOSTED' => 'true'],
        );
        $rail = $this->open($team, '/team')->filter('#place-carried')->attr('href');
        self::assertStringContainsString(
            '/situations/R1-1?inning=2',
            (string) $rail,
            'a page that scripts bring is a page',
        );

        $this->browser->request(
            'GET',
            "/{$team->id()}/situations/R2-1?inning=2",
            server: $late + ['HTTP_HX_HISTORY_RESTORE_REQUEST' => 'true'],
        );
        $rail = $this->open($team, '/team')->filter('#place-carried')->attr('href');
        self::assertStringContainsString(
            '/situations/R2-1?inning=2',
            (string) $rail,
            'and so is one that is gone back to',
        );
    }
}
