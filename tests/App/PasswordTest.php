<?php

declare(strict_types=1);

namespace FoxCorner\Tests\App;

use FoxCorner\App\Access\ResetToken;
use FoxCorner\App\Access\ResetTokens;
use FoxCorner\App\Club\Account;
use FoxCorner\App\Club\Membership;
use FoxCorner\App\Club\Role;
use FoxCorner\App\Club\Team;
use FoxCorner\App\Post\PostBox;

/** Passwords that are forgotten, changed and guessed, and accounts that end. */
final class PasswordTest extends AppTestCase
{
    use AtTheDoor;

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

    private function ask(string $email): void
    {
        $page = $this->browser->request('GET', '/forgotten');
        $this->browser->submit($page->selectButton('Send the link')->form(['email' => $email]));
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
}
