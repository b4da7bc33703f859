<?php

declare(strict_types=1);

namespace FoxCorner\Tests\App;

use FoxCorner\App\Practice\Book\Practice;
use FoxCorner\App\Sharing\QrCode;
use FoxCorner\App\Sharing\SharedLink;
use PHPUnit\Framework\Attributes\TestWith;
use Symfony\Component\DomCrawler\Crawler;

/** Links that are read without an account. */
final class SharingTest extends AppTestCase
{
    public function testASituationIsReadWithoutAnAccountByNumbersAlone(): void
    {
        $address = $this->share(['kind' => 'situation', 'of' => 'R1-0', 'days' => '7']);
        $page = $this->read($address);
        self::assertResponseIsSuccessful();
        self::assertSelectorTextContains('h1', 'Double play, corners in');
        self::assertCount(9, $page->filter('.shared-mark'));
        self::assertStringNotContainsString('Marsh', $page->text());
        self::assertStringContainsString('6 no. ', $page->filter('tbody')->text());
        self::assertSame('noindex, nofollow', $this->browser->getResponse()->headers->get('X-Robots-Tag'));
        self::assertCount(0, $page->filter('form'), 'nothing can be changed');
    }

    public function testAThingIsSharedWhereItIsWithTheSquareAtOnce(): void
    {
        $this->signIn();
        $this->open($this->team(), '/situations');
        $this->browser->submitForm('Make a link for 7 days');
        self::assertResponseRedirects();
        $page = $this->follow();
        $square = $page->filter('details.share[open] img');
        self::assertCount(1, $square);
        $address = (string) $page->filter('details.share input[aria-label="The link"]')->attr('value');
        $page = $this->open($this->team(), '/situations');
        self::assertCount(0, $page->filter('details.share[open]'), 'it opens once, and is there from then on');
        self::assertCount(1, $page->filter('details.share img'));

        $page = $this->read($address);
        self::assertSelectorTextContains('h1', 'The call in every situation');
        self::assertCount(8, $page->filter('tbody tr'));
        self::assertStringContainsString('Double play', $page->filter('tbody')->text());
    }

    public function testNamesAreShownWhereTheCoachAllowsThem(): void
    {
        $page = $this->read($this->share(['kind' => 'situation', 'of' => 'R1-0', 'days' => '7', 'names' => '1']));
        self::assertStringContainsString('6 Marsh', $page->filter('tbody')->text());
    }

    public function testASheetAndAPlayersJobs(): void
    {
        $this->signIn();
        $practice = $this->entities()
            ->getRepository(Practice::class)
            ->findOneBy(['team' => $this->team()]);
        $page = $this->read($this->share(['kind' => 'sheet', 'of' => (string) $practice?->id(), 'days' => '1']));
        self::assertSelectorTextContains('h1', 'minutes');
        self::assertGreaterThan(8, $page->filter('tr')->count());
        self::assertStringNotContainsString('Marsh', $page->text());

        $this->signIn();
        $marsh = $this->entities()->getConnection()->fetchOne("SELECT LOWER(HEX(id)) FROM player WHERE name = 'Marsh'");
        self::assertIsString($marsh);
        $id = (string) preg_replace('/^(.{8})(.{4})(.{4})(.{4})(.{12})$/', '$1-$2-$3-$4-$5', $marsh);
        $page = $this->read($this->share(['kind' => 'player', 'of' => $id, 'days' => '30', 'names' => '1']));
        self::assertSelectorTextContains('h1', '6 Marsh: where, and what');
        self::assertCount(24, $page->filter('main li'));
        self::assertStringContainsString('On a bunt: ', $page->filter('main li')->eq(1)->text());
        self::assertStringNotContainsString(' s ', $page->filter('main ul')->text(), 'nothing measured');
    }

    public function testPrintsCarryTheSquareOfWhatIsShared(): void
    {
        $this->signIn();
        $this->open($this->team(), '/situations/R1-0');
        self::assertSelectorNotExists('.printed-square', 'nothing is shared');
        $this->share(['kind' => 'situation', 'of' => 'R1-0', 'days' => '7']);
        $this->signIn();
        $page = $this->open($this->team(), '/situations/R1-0');
        self::assertStringStartsWith(
            'data:image/svg+xml;base64,',
            (string) $page->filter('.printed-square img')->attr('src'),
        );
        self::assertSelectorTextContains('.printed-square', 'On your phone until');
        $this->open($this->team(), '/situations/R2-0');
        self::assertSelectorNotExists('.printed-square', 'another situation');

        $practice = (string) $this->entities()
            ->getRepository(Practice::class)
            ->findOneBy(['team' => $this->team()])
            ?->id();
        $before = \strlen($this->pdf($practice));
        $this->share(['kind' => 'sheet', 'of' => $practice, 'days' => '7']);
        $this->signIn();
        self::assertGreaterThan($before + 1000, \strlen($this->pdf($practice)), 'the square is drawn on the PDF too');
    }

    private function pdf(string $practice): string
    {
        $this->open($this->team(), "/practice/$practice/sheet.pdf");

        return (string) $this->browser->getResponse()->getContent();
    }

    public function testALinkEndsAndIsTakenBack(): void
    {
        $address = $this->share(['kind' => 'situation', 'of' => 'R1-0', 'days' => '1']);
        $this->signIn();
        $link = $this->entities()->getRepository(SharedLink::class)->findOneBy([]);
        self::assertNotNull($link);
        self::assertTrue($link->isOpen($link->until->modify('-1 second')));
        self::assertFalse($link->isOpen($link->until));
        self::assertEqualsWithDelta(86400, $link->until->getTimestamp() - self::now()->getTimestamp(), 60);
        $page = $this->open($this->team(), '/shared');
        self::assertCount(1, $page->filter('img[src^="data:image/svg+xml"]'), 'a square for a phone');
        $this->browser->submit($page->selectButton('Take the link back')->form());
        $this->read($address);
        self::assertResponseStatusCodeSame(410);
        self::assertSelectorTextContains('h1', 'This link is over');
        $this->read('/share/' . str_repeat('0', 32));
        self::assertResponseStatusCodeSame(410);
    }

    /** @param array<string, string> $sent */
    #[TestWith([['kind' => 'house', 'of' => 'R1-0', 'days' => '7'], 'Kind: '])]
    #[TestWith([['kind' => 'situation', 'of' => 'R9-9', 'days' => '7'], 'What: nothing of the team is meant'])]
    #[TestWith([['kind' => 'player', 'of' => 'x', 'days' => '7'], 'What: nothing of the team is meant'])]
    #[TestWith([['kind' => 'situation', 'of' => 'R1-0', 'days' => '9999'], 'Days: '])]
    public function testWhatIsNotTheTeamsIsNotShared(array $sent, string $words): void
    {
        $this->signIn();
        $this->send($sent);
        self::assertResponseStatusCodeSame(422);
        self::assertSelectorTextContains('.finding', $words);
        self::assertSame(0, $this->entities()->getRepository(SharedLink::class)->count());
    }

    public function testPlayersShareNothing(): void
    {
        $this->signIn('player');
        $this->open($this->team(), '/shared');
        self::assertResponseStatusCodeSame(403);
    }

    public function testASquareIsAPictureThatHoldsNoScript(): void
    {
        $squares = self::getContainer()->get(QrCode::class);
        $svg = (string) base64_decode(substr((string) $squares->of('http://127.0.0.1/share/0'), 26), true);
        self::assertStringContainsString('<svg', $svg);
        self::assertStringNotContainsString('<script', $svg);
        self::assertNotSame($squares->of('http://127.0.0.1/share/0'), $squares->of('http://127.0.0.1/share/1'));
    }

    /** @param array<string, string> $sent */
    private function share(array $sent): string
    {
        $this->signIn();
        $this->send($sent);
        self::assertResponseRedirects('/kites/shared');
        $address = (string) $this->browser->followRedirect()->filter('[data-select-all]')->first()->attr('value');

        return (string) parse_url($address, \PHP_URL_PATH);
    }

    /** @param array<string, string> $sent */
    private function send(array $sent): void
    {
        $token = $this->open($this->team(), '/shared')->filter('[name=_token]')->first()->attr('value');
        $this->browser->request('POST', '/kites/shared', ['_token' => $token] + $sent);
    }

    private function read(string $address): Crawler
    {
        $this->browser->getCookieJar()->clear();

        return $this->browser->request('GET', $address);
    }
}
