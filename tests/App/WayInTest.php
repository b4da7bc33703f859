<?php

declare(strict_types=1);

namespace FoxCorner\Tests\App;

use FoxCorner\App\Club\Account;
use FoxCorner\App\Club\Door\House;
use FoxCorner\App\Club\Membership;
use FoxCorner\App\Club\Role;
use FoxCorner\App\Demo\Demo;
use FoxCorner\Core\Level\Level;
use PHPUnit\Framework\Attributes\TestWith;

/** The first page of an empty house, passwords, and the end of an account. */
final class WayInTest extends AppTestCase
{
    use AtTheDoor;

    private const NEW = [
        'start_form[code]' => 'MOLE tide-reed',
        'start_form[club]' => 'Fen End',
        'start_form[team]' => 'Bitterns',
        'start_form[level]' => 'fastpitch-12u',
        'start_form[name]' => 'Ada Brink',
        'start_form[email]' => 'ada@fen-end.example',
        'start_form[password]' => 'a heron on one leg',
    ];

    public function testAnEmptyHouseAsksForClubTeamAndCoach(): void
    {
        self::getContainer()->get(Demo::class)->remove();
        $this->browser->request('GET', '/sign-in');
        self::assertResponseRedirects('/setup');
        $page = $this->browser->followRedirect();
        self::assertSelectorTextContains('h1', 'Begin with your team');
        self::assertCount(\count(Level::cases()), $page->filter('.level-card svg'), 'a picture of each');
        $this->browser->submit($page->selectButton('Begin')->form(self::NEW));
        self::assertResponseRedirects('/bitterns');
        $this->browser->followRedirect();
        self::assertSelectorTextContains('#first-steps', 'First steps: 0 of 5 done');
        $team = $this->team('Bitterns');
        self::assertSame('Fen End', $team->club->name);
        self::assertSame(Level::Fastpitch12, $team->level());
        self::assertSame(35.0, $team->rules()->pitchingDistance, 'as this level usually plays');

        $this->browser->request('GET', '/setup');
        self::assertResponseRedirects('/sign-in', message: 'nobody else begins by himself');
    }

    public function testBesideTheDemoTooAndThenItsPasswordIsNotShown(): void
    {
        $page = $this->browser->request('GET', '/sign-in');
        self::assertSelectorTextContains('.note', 'lantern-on-the-quay');
        $page = $this->browser->click($page->selectLink('Begin with a team of your own')->link());
        $this->browser->submit($page->selectButton('Begin')->form(self::NEW));
        $this->browser->getCookieJar()->clear();
        $this->browser->request('GET', '/sign-in');
        self::assertSelectorTextNotContains('main', 'lantern-on-the-quay');
        $this->signIn();
        $this->browser->request('GET', '/bitterns');
        self::assertResponseStatusCodeSame(404, 'the demo’s coach sees nothing of it');
    }

    #[TestWith(['club', '', 'It is empty. Allowed: 1 to 80 letters.'])]
    #[TestWith(['email', 'ada', 'It is no e-mail.'])]
    #[TestWith(['email', 'coach@saltmarsh.example', 'It has an account'])]
    #[TestWith(['password', 'heron', 'It has 5 letters. Allowed: 10 to 72 letters'])]
    #[TestWith(['password', 'ada@fen-end.example', 'Anybody would guess it.'])]
    #[TestWith(['level', null, 'Nothing is chosen.'])]
    public function testWhatDoesNotFitIsSaidBesideTheFieldAndTheRestIsKept(
        string $field,
        ?string $typed,
        string $words,
    ): void {
        $form = $this->browser->request('GET', '/setup')->selectButton('Begin')->form();
        $values = array_filter(
            ["start_form[$field]" => $typed] + self::NEW,
            static fn(?string $value): bool => null !== $value,
        );
        $page = $this->browser->submit($form, $values);
        self::assertStringContainsString($words, $page->filter('.field-problem')->text());
        self::assertSame('club' === $field ? '' : 'Fen End', $page->filter('#start_form_club')->attr('value') ?? '');
        self::assertNull($this->account('ada@fen-end.example'));
    }

    public function testFirstStepsTickThemselvesOff(): void
    {
        $team = $this->newTeam($this->signIn());
        self::assertStringContainsString('0 of 5', $this->open($team)->filter('#first-steps')->text());
        $page = $this->open($team, '/team');
        $this->browser->submit($page->selectButton('Take an invented one to play with')->form());
        $this->browser->followRedirect();
        self::assertSelectorTextContains('.good', 'An invented roster is there');
        $steps = $this->open($team)->filter('[aria-labelledby=first-steps] li');
        self::assertStringContainsString('done', $steps->eq(0)->text(), 'nine and more');
        self::assertStringContainsString('done', $steps->eq(1)->text(), 'they come with times');
        self::assertStringContainsString('Do this next', $steps->eq(2)->text());
        $this->browser->submit($this->open($team, '/team/ballpark')->selectButton('Save the field')->form());
        self::assertStringContainsString('3 of 5', $this->open($team)->filter('#first-steps')->text());
    }

    public function testAnExampleIsForAnEmptyRosterAlone(): void
    {
        $this->signIn();
        $team = $this->team();
        $page = $this->open($team, '/team');
        self::assertCount(0, $page->selectButton('Take an invented one to play with'));
        $token = $this->open($team, '/people')->filter('[name=_token]')->first()->attr('value');
        $before = $this->number('SELECT COUNT(*) FROM player');
        $this->browser->request('POST', '/kites/team/example', ['_token' => $token]);
        self::assertSame($before, $this->number('SELECT COUNT(*) FROM player'));
    }

    #[TestWith(['', 'It is empty. Allowed: the code that bin/start has printed.'])]
    #[TestWith(['mole-tide-rock', 'It is another one.'])]
    public function testOnlyWhoStartedTheHouseBeginsInIt(string $code, string $words): void
    {
        $page = $this->browser->request('GET', '/setup');
        $page = $this->browser->submit($page->selectButton('Begin')->form(['start_form[code]' => $code] + self::NEW));
        self::assertResponseStatusCodeSame(422);
        self::assertStringContainsString($words, $page->filter('.field-problem')->text());
        self::assertNull($this->account('ada@fen-end.example'));
    }

    public function testALinkLeadsToTheHouseWhateverTheVisitorCallsIt(): void
    {
        $coach = $this->coach();
        $token = $this->browser->request('GET', '/forgotten')->filter('[name=_token]')->attr('value');
        $this->browser->request(
            'POST',
            '/forgotten',
            ['email' => $coach->getUserIdentifier(), '_token' => $token],
            server: ['HTTP_HOST' => 'evil.example'],
        );
        self::assertStringStartsWith('http://127.0.0.1:', $this->sentLink($coach));
    }

    public function testTheCommandLineMakesAClubAndAccounts(): void
    {
        $club = $this->command('fox:club');
        $club->execute([
            'club' => 'Fen End',
            'team' => 'Bitterns',
            'level' => 'baseball-13-14',
            'email' => 'ada@fen-end.example',
            'name' => 'Ada Brink',
        ]);
        $club->assertCommandIsSuccessful();
        self::assertMatchesRegularExpression(
            '~chosen at http://127\.0\.0\.1:\d+/reset/[0-9a-f]{32}~',
            $club->getDisplay(),
        );
        $team = $this->team('Bitterns');
        $ada = $this->account('ada@fen-end.example') ?? self::fail();
        $memberships = $this->entities()->getRepository(Membership::class);
        self::assertSame(Role::HeadCoach, $memberships->findOneBy(['account' => $ada, 'team' => $team])?->role);

        self::assertSame(
            2,
            $club->execute(['club' => 'A', 'team' => 'B', 'level' => 'moon', 'email' => 'a@b.example', 'name' => 'C']),
        );
        self::assertStringContainsString('baseball-13-14', $club->getDisplay());
        $account = $this->command('fox:account');
        self::assertSame(2, $account->execute(['email' => 'bo@fen-end.example']), 'a new one needs a name');
        self::assertSame(0, $account->execute(['email' => 'bo@fen-end.example', 'name' => 'Bo']));
        self::assertNotNull($this->account('bo@fen-end.example'));
    }

    public function testAHouseIsOpenWhileNobodyButTheDemoLivesInIt(): void
    {
        $house = self::getContainer()->get(House::class);
        self::assertTrue($house->isOpen());
        self::assertFalse($house->isEmpty());
        $this->coach();
        self::assertFalse($house->isOpen());
        $this->account('ada@fen-end.example')?->end();
        $this->entities()->flush();
        self::assertTrue($house->isOpen(), 'who is gone does not live here');
    }
}
