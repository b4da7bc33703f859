<?php

declare(strict_types=1);

namespace FoxCorner\Tests\App;

use FoxCorner\App\Club\Account;
use FoxCorner\App\Club\Door\Accounts;
use FoxCorner\App\Club\Door\DemoDoor;
use FoxCorner\App\Club\Door\DemoSignIn;
use FoxCorner\App\Shared\Time\Instant;
use Symfony\Component\PasswordHasher\Hasher\PasswordHasherFactory;
use Symfony\Component\Security\Core\Exception\UserNotFoundException;

/** Wrong passwords: whom they shut out, and whom they do not. */
final class LockedDoorTest extends AppTestCase
{
    use SigningIn;

    public function testFiveWrongPasswordsShutTheDoorEvenToTheRightOne(): void
    {
        $this->browser->followRedirects();
        for ($try = 1; $try <= 5; ++$try) {
            $this->attempt(DemoSignIn::EMAIL, "wrong $try");
        }
        $this->attempt(DemoSignIn::EMAIL, DemoSignIn::PASSWORD);
        self::assertSelectorTextContains('[role=alert]', 'Too many wrong passwords. Try again in 10 minutes.');

        $this->entities()
            ->getConnection()
            ->executeStatement('UPDATE sign_in_failure SET at = DATE_SUB(at, INTERVAL 11 MINUTE)');
        $this->attempt(DemoSignIn::EMAIL, DemoSignIn::PASSWORD);
        self::assertSelectorTextContains('.strip', 'Kites');
    }

    public function testAnotherSpellingIsNoWayAroundALockedDoor(): void
    {
        $this->browser->followRedirects();
        foreach (
            [
                'coach@saltmarsh.example',
                'COACH@saltmarsh.example',
                'Coach@Saltmarsh.Example',
                'coach@SALTMARSH.example',
                'coacH@saltmarsh.example',
            ] as $spelling
        ) {
            $this->attempt($spelling, 'wrong');
        }
        $this->attempt('coAch@saltmarsh.example', DemoSignIn::PASSWORD);

        self::assertSelectorTextContains('[role=alert]', 'Too many wrong passwords.');
    }

    public function testNobodyLocksACoachOutFromElsewhere(): void
    {
        $this->browser->followRedirects();
        for ($try = 1; $try <= 5; ++$try) {
            $this->attempt(DemoSignIn::EMAIL, "wrong $try");
        }
        $this->browser->setServerParameter('REMOTE_ADDR', '127.0.0.9');
        $this->attempt(DemoSignIn::EMAIL, DemoSignIn::PASSWORD);

        self::assertSelectorTextContains('.strip', 'Kites');
    }

    public function testAHundredWrongPasswordsFromEverywhereShutTheAccount(): void
    {
        $this->browser->followRedirects();
        for ($try = 1; $try <= 99; ++$try) {
            $this->wasWrong(DemoSignIn::EMAIL, "10.0.0.$try");
        }
        $this->attempt(DemoSignIn::EMAIL, DemoSignIn::PASSWORD);
        self::assertSelectorTextContains('.strip', 'Kites', 'ninety-nine do not');
        $this->browser->getCookieJar()->clear();
        $this->wasWrong(DemoSignIn::EMAIL, '10.0.0.100');
        $this->attempt(DemoSignIn::EMAIL, DemoSignIn::PASSWORD);

        self::assertSelectorTextContains('[role=alert]', 'Too many wrong passwords.');
    }

    public function testTwentyFiveWrongPasswordsShutAnAddress(): void
    {
        $this->browser->followRedirects();
        for ($try = 1; $try <= 25; ++$try) {
            $this->wasWrong("$try@elsewhere.example", '127.0.0.1');
        }
        $this->attempt(DemoSignIn::EMAIL, DemoSignIn::PASSWORD);

        self::assertSelectorTextContains('[role=alert]', 'Too many wrong passwords.');
    }

    private function wasWrong(string $email, string $address): void
    {
        $this->entities()
            ->getConnection()
            ->insert('sign_in_failure', [
                'email' => hash('sha256', $email),
                'address' => $address,
                'at' => Instant::written(self::now()),
            ]);
    }

    public function testARefusedTokenIsNoWrongPassword(): void
    {
        for ($try = 1; $try <= 6; ++$try) {
            $this->browser->request('POST', '/sign-in', [
                'email' => DemoSignIn::EMAIL,
                'password' => 'wrong',
                '_csrf_token' => 'old',
            ]);
            self::assertSelectorTextContains('[role=alert]', 'This page was open for long');
        }
        $this->browser->followRedirects();
        $this->attempt(DemoSignIn::EMAIL, DemoSignIn::PASSWORD);

        self::assertSelectorTextContains('.strip', 'Kites');
    }

    /** As hard for an e-mail that nobody has: a password is reckoned in either case. */
    public function testAnUnknownEmailTakesAsLong(): void
    {
        $hasher = new class implements \Symfony\Component\PasswordHasher\PasswordHasherInterface {
            public int $reckoned = 0;

            public function hash(#[\SensitiveParameter] string $plainPassword): string
            {
                ++$this->reckoned;

                return 'x';
            }

            public function verify(string $hashedPassword, #[\SensitiveParameter] string $plainPassword): bool
            {
                ++$this->reckoned;

                return false;
            }

            public function needsRehash(string $hashedPassword): bool
            {
                return false;
            }
        };
        $accounts = new Accounts(
            $this->entities(),
            new PasswordHasherFactory([Account::class => $hasher]),
            self::getContainer()->get(DemoDoor::class),
        );
        try {
            $accounts->loadUserByIdentifier('nobody@saltmarsh.example');
            self::fail('There is nobody of that name.');
        } catch (UserNotFoundException) {
            self::assertSame(1, $hasher->reckoned);
        }
        $accounts->loadUserByIdentifier(DemoSignIn::EMAIL);
        self::assertSame(1, $hasher->reckoned, 'a known one is reckoned when the password is looked at');
    }
}
