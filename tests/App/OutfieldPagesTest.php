<?php

declare(strict_types=1);

namespace FoxCorner\Tests\App;

use FoxCorner\Core\Family\Outfield\OutfieldFamily;
use FoxCorner\Core\Game\Situation;
use FoxCorner\Core\Play\Choice\OutPolicy;
use FoxCorner\Core\Play\Clock\VoiceWord;
use PHPUnit\Framework\Attributes\TestWith;
use Symfony\Component\DomCrawler\Crawler;

/** Balls to the outfield on the pages: one on the clock, the list, the sheet, the words. */
final class OutfieldPagesTest extends AppTestCase
{
    private const BALL = '/situations/R1-1/outfield?hit=-75,140&flight=fly';

    public function testOneBallIsDrawnWithItsCutoffItsVoicesAndEverybodysJob(): void
    {
        $this->signIn();
        $page = $this->open($this->team(), '/situations/R2-1/outfield?hit=-60,150');

        self::assertResponseIsSuccessful();
        self::assertSelectorExists('.cut-zone');
        self::assertSelectorExists('#ball-mark[data-ball-mark][tabindex="0"]');
        self::assertSelectorTextContains('#work', 'One stride to the arm side costs');
        self::assertCount(9, $page->filter('.jobs-below tbody tr'));
        self::assertStringContainsString('ft deep', $page->filter('.jobs-below')->text());
        self::assertGreaterThan(1, $page->filter('.voices text')->count());
        self::assertAnySelectorTextContains('#work', 'Drills for it');
        /** @var array{tracks: array<string, mixed>, held: list<array{float, float}>} $picture */
        $picture = json_decode((string) $page->filter('[data-play]')->attr('data-play'), true);
        self::assertSame(
            ['ball', '1', '2', '3', '4', '5', '6', '7', '8', '9', 'R2', 'batter'],
            array_map(strval(...), array_keys($picture['tracks'])),
        );
    }

    /** The line is for whom the kind of ball gives; the throw may go elsewhere, and then both are said. */
    #[TestWith(['-70,205&flight=line', 'lined up on home, the throw goes to third.'])]
    #[TestWith(['0,150&flight=line', 'the throw is for second.'])]
    public function testWhereTheyLineUpAndWhereTheThrowGoes(string $hit, string $says): void
    {
        $this->signIn();
        $this->open($this->team(), '/situations/R1-1/outfield?hit=' . $hit);
        self::assertSelectorTextContains('#work', $says);
    }

    public function testATouchIsTheBallOfThisPlayAndKeepsHowItFlies(): void
    {
        $this->signIn();
        $this->open($this->team(), '/situations/R1-1/outfield?flight=fly&reached=across&at=-60.4,150.2');
        self::assertResponseRedirects();
        $to = (string) $this->browser->getResponse()->headers->get('Location');

        self::assertStringContainsString('hit=-60,150', urldecode($to));
        self::assertStringContainsString('flight=fly', $to);
        self::assertStringNotContainsString('bunt=', $to, 'it is no bunt');
        self::assertStringNotContainsString('ball=', $to);
    }

    #[TestWith(['hit=far', 'hit'])]
    #[TestWith(['flight=kick', 'flight'])]
    #[TestWith(['reached=late', 'reached'])]
    #[TestWith(['bold=mad', 'bold'])]
    #[TestWith(['see=0', 'see'])]
    public function testAnAddressThatCannotBeSaysWhatIsAllowed(string $query, string $named): void
    {
        $this->signIn();
        $this->open($this->team(), "/situations/R1-1/outfield?$query");

        self::assertResponseStatusCodeSame(404);
        self::assertStringContainsString($named, strtolower($this->browser->getCrawler()->text()));
    }

    public function testATouchBeyondTheFenceOrInTheInfieldIsABallInTheOutfield(): void
    {
        $this->signIn();
        foreach (['0,900', '3,4', '-500,20'] as $hit) {
            $this->open($this->team(), "/situations/none-0/outfield?hit=$hit&flight=line");
            self::assertResponseIsSuccessful();
        }
    }

    public function testOnePositionsView(): void
    {
        $this->signIn();
        $this->open($this->team(), '/situations/R2-1/outfield?hit=-60,150&see=3');

        self::assertSelectorExists('.path-mine');
        self::assertSelectorTextContains('#see-3[aria-current=true]', '3');
        self::assertSelectorTextContains('#work', 'paces from');
        self::assertSelectorTextContains('#work', 'First step');
    }

    public function testTheListTheTagUpsTheCountsAndTheirPrice(): void
    {
        $this->signIn();
        $page = $this->open($this->team(), '/situations/R3-1/outfield/all?jobs=2');

        self::assertResponseIsSuccessful();
        $words = $page->filter('#work')->text();
        self::assertStringContainsString('12 balls that matter', $words);
        self::assertStringContainsString('Tag-ups to home', $words);
        self::assertStringContainsString('Nobody stands still on 60 balls', $words);
        self::assertStringContainsString('no longer has', $words);
        self::assertStringContainsString('Third strike not caught', $words);
        $this->open($this->team(), '/situations/R1R2-0/outfield/all');
        self::assertSelectorTextContains('#work', 'Infield fly');
        $this->open($this->team(), '/situations/none-0/outfield/all');
        self::assertStringNotContainsString('Tag-ups', $this->browser->getCrawler()->filter('#work')->text());
    }

    public function testEverybodysJobsOverAllSituations(): void
    {
        $this->signIn();
        $page = $this->open($this->team(), '/situations/outfield-jobs');
        self::assertResponseIsSuccessful();
        self::assertSelectorTextContains('details[open] summary', 'Nobody stands still on 1440 balls');
        self::assertCount(9, $page->filter('tbody tr'));
        $this->open($this->team(), '/situations/outfield-jobs?jobs=3');
        self::assertSelectorTextContains('#work', 'no longer has');
        foreach (['9', 'few'] as $odd) {
            $this->open($this->team(), "/situations/outfield-jobs?jobs=$odd");
            self::assertSelectorTextContains('#work', 'Pick one to see what is lost');
        }
    }

    public function testABallIsPutOnTheSheetAndTakenOff(): void
    {
        $this->signIn();
        $this->open($this->team(), self::BALL);
        $this->browser->submitForm('Put this ball on the sheet');
        $this->browser->followRedirect();
        self::assertResponseIsSuccessful();

        $list = fn(): Crawler => $this->open($this->team(), '/situations/R1-1/outfield/all')->filter('th[scope=row] a');
        $balls = static fn(Crawler $links): int => $links
            ->reduce(
                static fn(Crawler $one): bool => str_contains($one->text(), 'down at') ||
                    str_contains($one->text(), 'roll'),
            )
            ->count();
        self::assertSame(13, $balls($list()));
        self::assertStringContainsString(
            'down at 159 ft',
            implode(' ', $list()->each(static fn(Crawler $a) => $a->text())),
        );
        $this->browser->submit($this->browser->getCrawler()->filter('button[aria-label="Take off ball 1"]')->form());
        $this->browser->followRedirect();
        self::assertSame(12, $balls($list()));
        $this->open($this->team(), '/situations/R1-1/outfield/sheet');
        self::assertCount(12, $this->browser->getCrawler()->filter('.ball-sheet-one'));
        self::assertSelectorTextContains('.ball-sheet', 'cover');
        $this->open($this->team(), '/situations/R1-1/outfield/all');
        $this->browser->submitForm('The balls that come with the program');
        $this->browser->followRedirect();
        self::assertSame(12, $balls($list()));
        self::assertSelectorNotExists('form input[name=shipped]');
    }

    public function testWhichOutIsWantedCanBeSaidHereToo(): void
    {
        $this->signIn();
        $this->open($this->team(), '/situations/R2-0/outfield/coverages');
        $this->browser->submitForm('Choose');
        $this->browser->followRedirect();

        self::assertSame(
            OutPolicy::Lead,
            $this->drafts()
                ->of($this->team())
                ->plays('outfield')
                ->policy(Situation::fromKey('R2-0'), new OutfieldFamily()),
        );
    }

    public function testTheTeamsOwnWordsAreSpoken(): void
    {
        $this->signIn();
        $this->open($this->team(), '/situations/R2-0/outfield/all');
        $this->browser->submitForm('Save these words', ['word_cut' => 'Hold', 'word_home' => 'Plate']);
        $this->browser->followRedirect();
        self::assertSame('Hold', $this->drafts()->of($this->team())->words->say(VoiceWord::Cut));
        $this->open($this->team(), '/situations/none-0/outfield?hit=-60,150&bold=cautious');
        self::assertSelectorTextContains('.call', '“Hold.”');

        $this->open($this->team(), '/situations/R2-0/outfield/all');
        $this->browser->submitForm('Save these words', ['word_cut' => 'Plate']);
        $this->browser->followRedirect();
        self::assertSelectorTextContains('body', 'means “Cut” already');
        self::assertSame('Hold', $this->drafts()->of($this->team())->words->say(VoiceWord::Cut), 'nothing was changed');
    }

    public function testWhoMayOnlyReadHasNoButtons(): void
    {
        $this->signIn('player');
        $this->open($this->team(), '/situations/R2-0/outfield/all');
        self::assertStringNotContainsString('Take off', $this->browser->getCrawler()->filter('#work')->text());
    }
}
