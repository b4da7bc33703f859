<?php

declare(strict_types=1);

namespace FoxCorner\Tests\App;

use FoxCorner\App\Help\Word;
use Symfony\Component\DomCrawler\Crawler;

/** One box for players, situations, drills, practices and words. */
final class FindTest extends AppTestCase
{
    public function testEveryKindIsFoundByAllOfItsWords(): void
    {
        $this->signIn();
        self::assertSame(['6 Marsh'], $this->find('marsh', 'Players'));
        self::assertSame(['First, second, one out'], $this->find('SECOND one first out', 'Situations'));
        self::assertContains('Charge and throw', $this->find('charge throw', 'Drills'));
        self::assertNotEmpty($this->find(self::now('+1 day')->format('Y'), 'Practices'));
        self::assertSame(['Halfway'], $this->find('halfway run home', 'Words'));
        self::assertSame([], $this->find('zeppelin', 'Players'));
        self::assertSelectorTextContains('h1', 'Nothing has “zeppelin”');
    }

    public function testWhatIsFoundIsOneStepAway(): void
    {
        $this->signIn();
        $page = $this->open($this->team(), '/find?q=marsh');
        self::assertSelectorTextContains('h1', 'One thing has “marsh”');
        $this->browser->click($page->selectLink('6 Marsh')->link());
        self::assertResponseIsSuccessful();
        self::assertSelectorTextContains('h1', 'Marsh');
        $page = $this->open($this->team(), '/find?q=loaded%20two');
        $this->browser->click($page->selectLink('Loaded, two out')->link());
        self::assertResponseIsSuccessful();
    }

    public function testAPlayerFindsPeopleButNotTheirPages(): void
    {
        $this->signIn('player');
        $page = $this->open($this->team(), '/find?q=szabo');
        self::assertSame('/kites/team', $page->selectLink('4 Szabo')->attr('href'));
    }

    public function testWithNothingTypedTheWordsStandThere(): void
    {
        $this->signIn();
        $page = $this->open($this->team(), '/find');
        self::assertCount(\count(Word::cases()), $page->filter('dt'));
        foreach (Word::cases() as $word) {
            self::assertStringEndsWith('.', $word->meaning());
        }
    }

    public function testOddWordsAreLookedForAndShownAsTheyAre(): void
    {
        $this->signIn();
        $this->open($this->team(), '/find?q=' . rawurlencode('<b>%_\\'));
        self::assertResponseIsSuccessful();
        self::assertSelectorNotExists('h1 b');
        $this->open($this->team(), '/find?q[]=x');
        self::assertLessThan(500, $this->browser->getResponse()->getStatusCode());
    }

    /** @return list<string> names of what is found of a kind */
    private function find(string $typed, string $kind): array
    {
        $page = $this->open($this->team(), '/find?q=' . rawurlencode($typed));
        $section = $page
            ->filter('section')
            ->reduce(static fn(Crawler $one): bool => $kind === $one->filter('h2')->text());

        return $section
            ->filter('li')
            ->each(static fn(Crawler $one): string => $one->filter('a, strong')->first()->text());
    }
}
