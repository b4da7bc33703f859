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

        self::assertMatchesRegularExpression(
            '/^2 things to mend before (\w+day|today’s practice)$/',
            $page->filter('h1')->text(),
        );
        self::assertSame(
            ['Oyelaran may not throw', '1 and 5 may collide'],
            $page->filter('.finding p:first-child')->each(static fn($title): string => $title->text()),
        );
        self::assertSelectorTextContains('main', 'Quay field');
        self::assertSelectorTextContains('main', 'Taught last');
        $this->browser->click($page->selectLink('Choose who plays')->link());
        self::assertSelectorTextContains('h1', 'before the game', 'what mends it is a button');
        $page = $this->browser->click($page->filter('.finding p a[href*="/situations/"]')->first()->link());
        self::assertSelectorTextContains('.call', 'In', 'a finding leads to where it shows');
    }

    public function testMendingTheRosterMendsTheFinding(): void
    {
        $this->signIn();
        $this->entities()
            ->getConnection()
            ->executeStatement("UPDATE player SET today_limit = 'none' WHERE name = 'Oyelaran'");
        $page = $this->open($this->team());

        self::assertStringContainsString('1 thing to mend', $page->filter('h1')->text());
        self::assertStringNotContainsString('Oyelaran', $page->filter('.finding')->text());
    }

    public function testWhoIsLateIsDrawnWithTheSecondsAndTheFeet(): void
    {
        $this->signIn();
        $this->entities()
            ->getConnection()
            ->executeStatement("UPDATE player SET home_to_first = 4.9 WHERE name = 'Szabo'");
        $page = $this->open($this->team(), '?finding=2');

        self::assertSame('Szabo is 1.3 s late at first', $page->filter('.finding p')->first()->text());
        self::assertSame('1.3 s late', $page->filter('.fault-words')->text());
        self::assertSame('16 ft short', $page->filter('.fault-more')->text());
        self::assertSame(
            ['throw 2.6 s', 'runner 3.4 s', 'Szabo 3.9 s'],
            $page->filter('.race-words')->each(static fn($words): string => $words->text()),
        );
        self::assertGreaterThan(2, $page->filter('.worked')->count(), 'stations of the next practice work on it');
        self::assertSelectorTextContains('main', 'works on Szabo’s part');
        $page = $this->browser->click($page->selectLink('Draw it')->first()->link());
        self::assertSame('may not throw', $page->filter('.fault-words')->text());
        $this->open($this->team(), '?finding=99');
        self::assertSelectorTextContains('.fault-words', 'may not throw', 'the worst, where none has that number');
    }

    public function testWhatToDrillIsABarOfWhatIsFreshAndWhatComes(): void
    {
        $this->signIn();
        $page = $this->open($this->team());

        self::assertCount(4, $page->filter('.need-row'));
        foreach ($page->filter('.need-row') as $index => $row) {
            $bar = (string) $page->filter('.need-bar')->eq($index)->attr('aria-label');
            self::assertSame(1, preg_match('/^(\d+) fresh, (\d+) to come, (\d+) wanted$/', $bar, $told), $bar);
            [$has, $wanted] = [(int) $told[1] + (int) $told[2], (int) $told[3]];
            self::assertStringContainsString(min($has, $wanted) . " of $wanted", $row->textContent ?? '');
        }
        self::assertCount(7, $page->filter('.day'));
        self::assertCount(1, $page->filter('.day-practice'));
    }

    public function testAPlayerSeesNobodysArmDrawn(): void
    {
        $this->signIn('player');
        $this->open($this->team());

        self::assertSelectorTextNotContains('main', 'may not throw');
        self::assertSelectorNotExists('.fault-words');
        self::assertSelectorExists('svg[aria-label="Where Marsh stands"]');
    }

    public function testANewTeamIsToldWhatToDoNext(): void
    {
        $team = $this->newTeam($this->signIn(), Teams::fifteen());
        $this->open($team);

        self::assertSelectorTextContains('main', 'No practice planned');
        self::assertSelectorTextContains('main', 'Make a practice');
        self::assertSelectorExists('.need-bar[aria-label^="0 fresh, 0 to come"]');
        $this->open($team, '/practice');
        self::assertSelectorTextContains('.note', 'Say who comes, who helps and how long you have');
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
