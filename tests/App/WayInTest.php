<?php

declare(strict_types=1);

namespace FoxCorner\Tests\App;

use FoxCorner\App\Access\NewPassword;
use FoxCorner\App\Access\ResetToken;
use FoxCorner\App\Access\ResetTokens;
use FoxCorner\App\Club\Account;
use FoxCorner\App\Club\Door\House;
use FoxCorner\App\Club\Membership;
use FoxCorner\App\Club\Role;
use FoxCorner\App\Club\Team;
use FoxCorner\App\Demo\Demo;
use FoxCorner\App\Post\PostBox;
use FoxCorner\Core\Level\Level;
use PHPUnit\Framework\Attributes\TestWith;
use Symfony\Bundle\FrameworkBundle\Console\Application;
use Symfony\Component\Console\Tester\CommandTester;

/** The first page of an empty house, passwords, and the end of an account. */
final class WayInTest extends AppTestCase
{
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
        $this->browser->submit($this->open($team, '/team/field')->selectButton('Save the field')->form());
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

    public function testAForgottenPasswordIsChosenAnewByMailOnce(): void
    {
        $this->newTeam($coach = $this->coach());
        $this->ask($coach->getUserIdentifier());
        self::assertResponseRedirects('/sign-in');
        $link = $this->sentLink($coach);
        $page = $this->browser->request('GET', $link);
        $this->browser->submit($page->selectButton('Take it')->form(['password' => 'short']));
        self::assertResponseStatusCodeSame(422);
        self::assertSelectorTextContains('.finding', 'It has 5 letters');
        $this->browser->submit($page->selectButton('Take it')->form(['password' => 'two bitterns boom']));
        self::assertResponseRedirects('/');
        $this->browser->followRedirect();
        self::assertResponseRedirects('/gulls');
        $this->browser->getCookieJar()->clear();
        $this->browser->request('GET', $link);
        self::assertResponseStatusCodeSame(410);
        self::assertSelectorTextContains('h1', 'This link is over');
        self::assertTrue($this->canSignIn($coach, 'two bitterns boom'));
        self::assertFalse($this->canSignIn($coach, 'a heron on one leg'));
    }

    public function testWhoHasNoAccountGetsTheSameAnswerAndNoMail(): void
    {
        $before = \count(self::getContainer()->get(PostBox::class)->letters());
        $this->ask('eve@elsewhere.example');
        self::assertResponseRedirects('/sign-in');
        self::assertCount($before, self::getContainer()->get(PostBox::class)->letters());
    }

    public function testTheNewestLinkReplacesTheOldestAndEachEndsInAnHour(): void
    {
        $coach = $this->coach();
        $tokens = self::getContainer()->get(ResetTokens::class);
        $links = array_map(static fn(): string => $tokens->link($coach), range(1, 21));
        $repository = $this->entities()->getRepository(ResetToken::class);
        self::assertSame(20, $repository->count(['account' => $coach]));
        $opens = fn(string $link): int => $this->browser->request('GET', $link)->selectButton('Take it')->count();
        self::assertSame([0, 1, 1], [$opens($links[0]), $opens($links[1]), $opens($links[20])]);
        $token = $repository->findOneBy(['account' => $coach]);
        self::assertNotNull($token);
        self::assertTrue($token->isOpen($token->until->modify('-1 second')));
        self::assertFalse($token->isOpen($token->until));
        self::assertSame(3600, $token->until->getTimestamp() - self::now()->getTimestamp());
    }

    public function testWhoAsksTooOftenIsToldSoAndNobodyElseIsKeptFromALink(): void
    {
        $coach = $this->coach();
        foreach ([303, 303, 303, 422] as $status) {
            $this->ask($coach->getUserIdentifier());
            self::assertResponseStatusCodeSame($status);
        }
        self::assertSelectorTextContains('.finding', 'Too many letters were asked for. Try again in 10 minutes.');
        self::assertInputValueSame('email', $coach->getUserIdentifier());
        $this->ask('nobody@elsewhere.example');
        self::assertResponseRedirects('/sign-in');
        $this->browser->setServerParameter('REMOTE_ADDR', '203.0.113.9');
        $this->ask($coach->getUserIdentifier());
        self::assertResponseRedirects('/sign-in', message: 'from elsewhere he still gets one');
        self::assertSame(0, $this->command('fox:account')->execute(['email' => $coach->getUserIdentifier()]));
        self::assertTrue($this->canSignIn($coach, 'a heron on one leg'), 'passwords are counted apart');
    }

    public function testThePageSaysWhereNoMailGoesOutAndLettersAreReadByNobodyElse(): void
    {
        $coach = $this->coach();
        $this->ask($coach->getUserIdentifier());
        $this->browser->followRedirect();
        self::assertSelectorTextContains('.good', 'No mail goes out from here');
        $folder = self::getContainer()->getParameter('kernel.project_dir');
        $run = $_SERVER['FOX_RUN_DIR'] ?? "$folder/var/unit";
        self::assertIsString($run);
        $letters = (array) glob("$run/post/*");
        self::assertNotSame([], $letters);
        foreach (\array_slice($letters, -2) as $letter) {
            self::assertSame('0600', substr(\sprintf('%o', fileperms((string) $letter)), -4));
        }
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

    public function testGuessingThePasswordOfNowIsSlowedDownAsAtTheDoor(): void
    {
        $this->signIn('assistant');
        foreach (range(1, 5) as $guess) {
            $this->browser->request('GET', '/account');
            $this->browser->submitForm('Change the password', [
                'password_now' => "guess $guess",
                'password' => 'two bitterns boom',
            ]);
            self::assertSelectorTextContains('main', 'it is another one');
        }
        $this->browser->request('GET', '/account');
        $this->browser->submitForm('Change the password', [
            'password_now' => 'lantern-on-the-quay',
            'password' => 'two bitterns boom',
        ]);
        self::assertSelectorTextContains('main', 'too many wrong passwords');
    }

    public function testANewPasswordSignsOutElsewhereAndAsksForTheOldOne(): void
    {
        $this->newTeam($coach = $this->coach());
        $this->browser->loginUser($coach);
        $page = $this->browser->request('GET', '/account');
        $this->browser->submit(
            $page
                ->selectButton('Change the password')
                ->form(['password_now' => 'wrong', 'password' => 'two bitterns boom']),
        );
        self::assertSelectorTextContains('.finding', 'it is another one');
        self::assertTrue($this->canSignIn($coach, 'a heron on one leg'));
        $page = $this->browser->request('GET', '/account');
        $this->browser->submit(
            $page
                ->selectButton('Change the password')
                ->form(['password_now' => 'a heron on one leg', 'password' => 'two bitterns boom']),
        );
        self::assertResponseRedirects('/account');
        $this->browser->followRedirect();
        self::assertSelectorTextContains('.good', 'The new password holds', 'still in here');
        self::assertTrue($this->canSignIn($coach, 'two bitterns boom'));
    }

    public function testSigningOutEverywhereEndsOtherSessions(): void
    {
        $this->newTeam($coach = $this->coach());
        $this->browser->loginUser($coach);
        $this->browser->request('GET', '/account');
        self::assertResponseIsSuccessful();
        $this->entities()
            ->getConnection()
            ->executeStatement('UPDATE account SET signed_out_times = signed_out_times + 1 WHERE email = ?', [
                $coach->getUserIdentifier(),
            ]);
        $this->entities()->clear();
        $this->browser->request('GET', '/account');
        self::assertResponseRedirects();
        self::assertStringContainsString('/sign-in', (string) $this->browser->getResponse()->headers->get('Location'));
    }

    public function testAnAccountEndsButNotTheLastHeadCoachs(): void
    {
        $team = $this->newTeam($coach = $this->coach());
        $this->browser->loginUser($coach);
        $page = $this->browser->request('GET', '/account');
        $end = $page->selectButton('Delete the account')->form(['password_now' => 'a heron on one leg']);
        $this->browser->submit($end);
        self::assertSelectorTextContains('.finding', 'you are the only head coach of Gulls');

        $this->entities()->persist(
            new Membership(
                $this->account('assistant@saltmarsh.example') ?? self::fail(),
                $this->entities()->find(Team::class, $team->id()) ?? self::fail(),
                Role::HeadCoach,
            ),
        );
        $this->entities()->flush();
        $this->browser->submit($end);
        self::assertResponseRedirects('/sign-in');
        self::assertNull($this->account('ada@fen-end.example'));
        self::assertSame(1, $this->number("SELECT COUNT(*) FROM account WHERE name = 'Somebody who left'"));
        self::assertFalse($this->canSignIn($coach, 'a heron on one leg'));
    }

    public function testTheDemosAccountIsNotDeletedByWhoeverKnowsItsPassword(): void
    {
        $this->signIn();
        $page = $this->browser->request('GET', '/account');
        $this->browser->submit(
            $page->selectButton('Delete the account')->form(['password_now' => 'lantern-on-the-quay']),
        );
        self::assertSelectorTextContains('.finding', 'it is the demo’s');
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

    private function command(string $name): CommandTester
    {
        return new CommandTester((new Application(self::$kernel ?? self::fail()))->find($name));
    }

    private function coach(): Account
    {
        $this->command('fox:account')->execute(['email' => 'ada@fen-end.example', 'name' => 'Ada Brink']);
        $account = $this->account('ada@fen-end.example') ?? self::fail();
        $passwords = self::getContainer()->get(NewPassword::class);
        $passwords->give($account, 'a heron on one leg');
        foreach (
            $this->entities()
                ->getRepository(ResetToken::class)
                ->findBy(['account' => $account]) as $token
        ) {
            $this->entities()->remove($token);
        }
        $this->entities()->flush();

        return $account;
    }

    private function ask(string $email): void
    {
        $page = $this->browser->request('GET', '/forgotten');
        $this->browser->submit($page->selectButton('Send the link')->form(['email' => $email]));
    }

    private function sentLink(Account $account): string
    {
        foreach (self::getContainer()->get(PostBox::class)->letters() as $letter) {
            if ($letter->to === $account->getUserIdentifier() && 1 === preg_match('~http\S+~', $letter->text, $found)) {
                return $found[0];
            }
        }
        self::fail('No letter came.');
    }

    private function canSignIn(Account $account, string $password): bool
    {
        $this->browser->getCookieJar()->clear();
        $page = $this->browser->request('GET', '/sign-in');
        $this->browser->submit(
            $page->selectButton('Sign in')->form(['email' => 'ada@fen-end.example', 'password' => $password]),
        );

        return $this->browser->getResponse()->isRedirect();
    }

    private function account(string $email): ?Account
    {
        return $this->entities()
            ->getRepository(Account::class)
            ->findOneBy(['email' => $email]);
    }
}
