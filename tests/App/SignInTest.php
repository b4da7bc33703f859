<?php

declare(strict_types=1);

namespace FoxCorner\Tests\App;

use FoxCorner\App\Demo\DemoSignIn;

final class SignInTest extends AppTestCase
{
    public function testTheDemoSignsIn(): void
    {
        $this->browser->request('GET', '/sign-in');
        self::assertSelectorTextContains('.note', DemoSignIn::EMAIL);
        $this->attempt(DemoSignIn::EMAIL, DemoSignIn::PASSWORD);
        $this->browser->followRedirects();
        $this->browser->request('GET', '/');

        self::assertSelectorTextContains('.strip', 'Kites');
    }

    public function testNoDemoNoHint(): void
    {
        $this->entities()->getConnection()->executeStatement("UPDATE account SET email = 'somebody@else.example' WHERE email = ?", [DemoSignIn::EMAIL]);
        $this->browser->request('GET', '/sign-in');

        self::assertSelectorNotExists('.note');
        self::assertStringNotContainsString(DemoSignIn::PASSWORD, (string) $this->browser->getResponse()->getContent());
    }

    public function testWrongPasswordKeepsTheEmailAndTellsNothing(): void
    {
        $this->browser->followRedirects();
        $this->attempt(DemoSignIn::EMAIL, 'wrong');
        $known = $this->browser->getCrawler()->filter('[role=alert]')->text();
        self::assertResponseStatusCodeSame(422);
        self::assertInputValueSame('email', DemoSignIn::EMAIL);
        $this->attempt('nobody@saltmarsh.example', 'wrong');

        self::assertSame($known, $this->browser->getCrawler()->filter('[role=alert]')->text(), 'an unknown e-mail reads the same');
    }

    public function testFiveWrongPasswordsShutTheDoorEvenToTheRightOne(): void
    {
        $this->browser->followRedirects();
        for ($try = 1; $try <= 5; ++$try) {
            $this->attempt(DemoSignIn::EMAIL, "wrong $try");
        }
        $this->attempt(DemoSignIn::EMAIL, DemoSignIn::PASSWORD);
        self::assertSelectorTextContains('[role=alert]', 'Too many wrong passwords. Try again in 10 minutes.');

        $this->entities()->getConnection()->executeStatement('UPDATE sign_in_failure SET at = DATE_SUB(at, INTERVAL 11 MINUTE)');
        $this->attempt(DemoSignIn::EMAIL, DemoSignIn::PASSWORD);
        self::assertSelectorTextContains('.strip', 'Kites');
    }

    public function testASignInWithoutItsTokenIsRefused(): void
    {
        $this->browser->request('POST', '/sign-in', ['email' => DemoSignIn::EMAIL, 'password' => DemoSignIn::PASSWORD]);
        $this->browser->request('GET', '/');

        self::assertResponseRedirects('http://localhost/sign-in');
    }

    public function testEveryPageIsClosedToStrangers(): void
    {
        foreach (['', '/team', '/field/R1-0', '/situations', '/practice', '/you'] as $path) {
            $this->open($this->team(), $path);
            self::assertResponseRedirects('http://localhost/sign-in');
        }
    }

    public function testPasswordsAreKeptAsBcrypt(): void
    {
        self::assertStringStartsWith('$2y$', $this->signIn()->getPassword());
    }

    private function attempt(string $email, string $password): void
    {
        $this->browser->request('GET', '/sign-in');
        $this->browser->submitForm('Sign in', ['email' => $email, 'password' => $password]);
    }
}
