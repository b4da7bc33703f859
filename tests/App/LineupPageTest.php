<?php

declare(strict_types=1);

namespace FoxCorner\Tests\App;

use FoxCorner\App\Team\Player;
use FoxCorner\App\Team\TodaysLineup;

final class LineupPageTest extends AppTestCase
{
    public function testWhoIsPickedPlaysAndThePlanFollows(): void
    {
        $this->signIn();
        $this->open($this->team(), '/team/lineup');
        self::assertSelectorTextContains('h1', '1 thing to look at');
        $this->browser->submitForm('Play these nine', ['at_2' => $this->id(21), 'at_5' => $this->id(19)]);
        $this->browser->followRedirect();

        self::assertSelectorTextContains('h1', 'Everybody plays where listed');
        $this->open($this->team(), '/field/R1-0');
        self::assertSelectorTextContains('tbody.tight', 'Hale');
        self::assertSelectorTextContains('tbody.tight', 'Varga');
        self::assertSelectorTextNotContains('tbody.tight', 'Oyelaran');
    }

    public function testNobodyPlaysTwice(): void
    {
        $this->signIn();
        $this->open($this->team(), '/team/lineup');
        $this->browser->submitForm('Play these nine', ['at_4' => $this->id(6), 'at_6' => $this->id(6)]);

        self::assertResponseStatusCodeSame(422);
        self::assertSelectorTextContains('.finding', 'Marsh plays 4 and 6. Allowed: one place for each player');
        self::assertSame($this->id(6), $this->browser->getCrawler()->filter('select[name=at_4] option[selected]')->attr('value'), 'what was picked is kept');
        self::assertNull($this->entities()->getRepository(TodaysLineup::class)->findOneBy([]));
    }

    public function testOutOfPlaceIsAllowedAndSaid(): void
    {
        $this->signIn();
        $this->open($this->team(), '/team/lineup');
        $this->browser->submitForm('Play these nine', ['at_6' => $this->id(8)]);
        $this->browser->followRedirect();

        self::assertSelectorTextContains('table.entry', 'Adeyemi is not listed at 6, shortstop');
    }

    public function testTwoCoachesAtOneLineup(): void
    {
        $this->signIn();
        $page = $this->open($this->team(), '/team/lineup');
        $this->browser->submitForm('Play these nine', ['at_2' => $this->id(21)]);
        $this->browser->submit($page->selectButton('Play these nine')->form(), ['at_2' => $this->id(12)]);

        self::assertResponseStatusCodeSame(422);
        self::assertSelectorTextContains('.finding', 'somebody else has changed it');
    }

    public function testAPitcherOfTheStripStandsOnTheRubberAndSwitchHittersTurn(): void
    {
        $this->signIn();
        $this->open($this->team(), '/field/none-2?pitcher='.$this->id(19));
        self::assertSelectorTextContains('tbody.tight', 'Varga');
        $this->open($this->team(), '/field/none-2?pitcher=nobody');
        self::assertSelectorTextContains('h1', 'Pitcher: nobody on the roster is meant');
    }

    private function id(int $number): string
    {
        $player = $this->entities()->getRepository(Player::class)->findOneBy(['team' => $this->team(), 'number' => $number]);
        self::assertNotNull($player);

        return $player->id()->toRfc4122();
    }
}
