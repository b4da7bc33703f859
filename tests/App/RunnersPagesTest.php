<?php

declare(strict_types=1);

namespace FoxCorner\Tests\App;

use PHPUnit\Framework\Attributes\TestWith;
use Symfony\Component\DomCrawler\Crawler;

/** Runners: the lines, the table, holds, looks, what is counted, and the plays that begin with them. */
final class RunnersPagesTest extends AppTestCase
{
    use RunnersAsked;

    public function testTheTitleSaysWhatToDoAndMovesWithTheLead(): void
    {
        $this->open($this->terns(), '/situations/R2-1/runners?lead=10');
        self::assertSelectorTextContains('h1', 'Let R2 be');
        self::assertSelectorTextContains('#work', 'inside the alarm line');
        $this->open($this->terns(), '/situations/R2-1/runners?lead=19');
        self::assertSelectorTextContains('h1', 'past the alarm line');
        $this->open($this->terns(), '/situations/R2-1/runners?lead=30');
        self::assertSelectorTextContains('h1', 'it pays R2 to go');
    }

    public function testTheAlarmLineMovesWithThrowFielderRunnerAndWish(): void
    {
        $line = function (string $query): float {
            $text = $this->open($this->terns(), '/situations/R2-1/runners?' . $query)
                ->filter('.line-name')
                ->first()
                ->text();
            self::assertMatchesRegularExpression('/^Alarm line, [\d.]+ ft$/', $text);

            return (float) substr($text, 12);
        };
        $usual = $line('');

        self::assertGreaterThan($usual + 1.0, $line('want=0.6'));
        self::assertGreaterThan($usual + 0.5, $line('stands=35'), 'who stands too far is late');
        self::assertLessThan($usual - 0.5, $line('pick=wheel-feint'));
        self::assertNotEqualsWithDelta($usual, $line('runners=quick'), 0.2);
    }

    public function testTheTableIsSortedByWhichBatteryIsTouched(): void
    {
        $page = $this->open($this->terns(), '/situations/R1-0/runners');
        $chances = $page
            ->filter('.steal-table tbody tr')
            ->each(static fn(Crawler $row): int => (int) $row->filter('td')->eq(1)->text());
        $sorted = $chances;
        rsort($sorted);

        self::assertSame($sorted, $chances);
        self::assertGreaterThan(5, \count($chances), 'their batters are there');
        self::assertSelectorTextContains('.steals', 'Petrik');
    }

    public function testPlayersSeeTheLinesButNobodysTimes(): void
    {
        $this->signIn('player');
        $page = $this->open($this->team(), '/situations/R1-0/runners');

        self::assertResponseIsSuccessful();
        self::assertCount(0, $page->filter('.steals, .steal-table'));
        $this->open($this->team(), '/team/counts');
        self::assertResponseStatusCodeSame(403);
    }

    public function testInFastpitchOnlyTheCatcherThrowsAndTheBookIsNamed(): void
    {
        $page = $this->open($this->team(), '/situations/R1-0/runners');
        $kinds = $page
            ->filter('#pick option')
            ->each(static fn(Crawler $option): string => (string) $option->attr('value'));

        self::assertSame(['catcher-behind', 'catcher-after-bunt'], $kinds);
        self::assertSelectorTextContains('#work', 'umpire decide');
        self::assertSelectorTextContains('#work', 'Early-leaving watch');
        $this->open($this->team(), '/situations/R1-0/pick');
        self::assertSelectorTextContains('#work', 'Why 3 others are not here');
    }

    #[TestWith(['base=fourth', 'base'])]
    #[TestWith(['pick=hidden', 'pick'])]
    #[TestWith(['lead=far', 'lead'])]
    #[TestWith(['lead=99', 'lead'])]
    #[TestWith(['want=2', 'want'])]
    #[TestWith(['seed=-1', 'seed'])]
    #[TestWith(['runner=nobody', 'runner'])]
    #[TestWith(['goes=backwards', 'goes'])]
    public function testABadAddressNamesItsPart(string $query, string $part): void
    {
        $this->open($this->terns(), '/situations/R2-1/runners?' . $query);

        self::assertResponseStatusCodeSame(404);
        self::assertStringContainsString($part, strtolower($this->browser->getCrawler()->text()));
    }

    public function testTheSameNumberDrawsTheSameLooks(): void
    {
        $card = fn(int $seed): string => $this->open($this->terns(), "/situations/looks/$seed")
            ->filter('.looks-card')
            ->text();

        self::assertSame($card(5), $card(5));
        self::assertNotSame($card(5), $card(6));
        self::assertSame(30, $this->open($this->terns(), '/situations/looks/5')->filter('.looks-card li')->count());
    }

    public function testEveryPlayAboutRunnersIsDrawnAndAPickEndsInARundown(): void
    {
        foreach (['pick', 'steal', 'rundown'] as $family) {
            $this->open($this->terns(), "/situations/R1R2-1/$family");
            self::assertResponseIsSuccessful();
            self::assertSelectorExists('[data-play]');
        }
        $page = $this->open($this->terns(), '/situations/R1R3-1/first-third?third=goes');
        self::assertSelectorTextContains('.first-third', 'Through to second');
        self::assertSelectorTextContains('#work', 'Drills');
        $this->browser->click($page->selectLink('Watch the rundown')->link());
        self::assertSelectorTextContains('h1', 'R3 is out');
        self::assertStringContainsString('/rundown?', $this->browser->getRequest()->getUri());
        self::assertStringContainsString('from=third', $this->browser->getRequest()->getUri());
    }

    public function testTheirPagesListTheSchools(): void
    {
        foreach (
            [
                'R2-1/pick' => 'Shortstop holds',
                'R1-0/steal' => 'Second baseman always',
                'R1R3-0/first-third' => 'Back to the pitcher',
                'R1-1/rundown' => 'Pitcher stays out',
            ] as $path => $school
        ) {
            $this->open($this->terns(), "/situations/$path/all");
            self::assertResponseIsSuccessful($path);
            self::assertSelectorTextContains('#coverage', $school);
            self::assertSelectorTextContains('nav.ways', 'Runners');
            self::assertSelectorNotExists('#surface', 'no ball is on the ground');
        }
        $this->open($this->terns(), '/situations/R1-0/first-third/all');
        self::assertSelectorTextContains('#work', 'It needs runners on first and third');
    }

    /** Every pick that is thrown here, the surest first, each with the way to watch that one. */
    public function testWhatACoverageIsTriedAgainstCanBeWatched(): void
    {
        $rows = $this->open($this->terns(), '/situations/R1-0/pick/all')
            ->filter('#work table')
            ->first()
            ->filter('tbody tr');
        $outs = $rows->each(static fn(Crawler $row): int => (int) $row->filter('td')->eq(1)->text());
        $sorted = $outs;
        rsort($sorted);
        self::assertSame($sorted, $outs);
        self::assertGreaterThan(3, \count($outs));

        $page = $this->browser->click($rows->last()->selectLink('Watch')->link());
        self::assertResponseIsSuccessful();
        $throw = strtok($rows->last()->filter('th')->text(), '.');
        self::assertStringContainsString(
            mb_substr((string) $throw, 0, (int) mb_strpos((string) $throw, ' to ')),
            $page->filter('.call')->text(),
        );
    }
}
