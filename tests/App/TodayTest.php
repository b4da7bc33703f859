<?php

declare(strict_types=1);

namespace FoxCorner\Tests\App;

use FoxCorner\Tests\Core\Teams;

final class TodayTest extends AppTestCase
{
    public function testTheDemoHasTwoHonestFindingsAndAPracticeTomorrow(): void
    {
        $this->signIn();
        $page = $this->open($this->team());

        self::assertStringContainsString('practice, 2 findings open', $page->filter('h1')->text());
        self::assertSame(
            ['Oyelaran may not throw', '1 and 5 may collide'],
            $page->filter('.finding p:first-child')->each(static fn($title): string => $title->text()),
        );
        self::assertSelectorTextContains('main', 'Quay field');
        self::assertSelectorTextContains('main', 'Taught last');
        $this->browser->click($page->selectLink('Choose who plays')->link());
        self::assertSelectorTextContains('h1', 'before the game', 'what mends it is a button');
        $page = $this->browser->click($page->filter('.finding a[href*="/field/"]')->first()->link());
        self::assertSelectorTextContains('.call', 'In', 'a finding leads to where it shows');
    }

    public function testMendingTheRosterMendsTheFinding(): void
    {
        $this->signIn();
        $this->entities()
            ->getConnection()
            ->executeStatement("UPDATE player SET today_limit = 'none' WHERE name = 'Oyelaran'");
        $page = $this->open($this->team());

        self::assertStringContainsString('1 finding open', $page->filter('h1')->text());
        self::assertStringNotContainsString('Oyelaran', $page->filter('.finding')->text());
    }

    public function testANewTeamIsToldWhatToDoNext(): void
    {
        $team = $this->newTeam($this->signIn(), Teams::fifteen());
        $this->open($team);

        self::assertSelectorTextContains('h1', 'No practice planned');
        self::assertSelectorTextContains('main', 'Make a practice');
        self::assertSelectorTextContains('main', 'never practised');
        $this->open($team, '/practice');
        self::assertSelectorTextContains('.note', 'A practice is made from the plan');
    }

    public function testATeamWithoutBuntsHasNoFindingsOfThem(): void
    {
        $team = $this->newTeam($this->signIn(), Teams::fifteen(), 'slowpitch-65');
        $this->open($team);
        self::assertSelectorTextContains('.good', 'Nothing is late that costs an out');

        $this->open($team, '/practice/new');
        $this->browser->submitForm('Make the practice', ['practice_form[whoHelps]' => "Ana, hits\nBo"]);
        $this->follow();
        self::assertSelectorTextContains('.script', 'Outs at first');
        self::assertSelectorTextNotContains('.script', 'rests');
    }

    public function testSomebodyInNoTeam(): void
    {
        $account = $this->signIn('player');
        $this->entities()
            ->getConnection()
            ->executeStatement('DELETE FROM membership WHERE account_id = ?', [$account->id()->toBinary()]);
        $this->browser->request('GET', '/');

        self::assertSelectorTextContains('h1', 'You are in no team yet');
    }

    public function testTheHealthAddressAsksNobodyWhoTheyAre(): void
    {
        $this->browser->request('GET', '/health');

        self::assertResponseIsSuccessful();
        self::assertSame("ok\nreading: yes\nwriting: yes\n", $this->browser->getResponse()->getContent());
        self::assertResponseNotHasCookie('MOCKSESSID');
    }
}
