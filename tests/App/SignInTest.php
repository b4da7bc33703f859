<?php

declare(strict_types=1);

namespace FoxCorner\Tests\App;

use FoxCorner\App\Club\Door\DemoSignIn;

final class SignInTest extends AppTestCase
{
    use SigningIn;

    /** What the session's cookie is called where a test plays the browser. */
    private const SESSION = 'MOCKSESSID';

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
        $this->entities()->getConnection()->executeStatement('UPDATE account SET demo = 0');
        $this->browser->request('GET', '/sign-in');

        self::assertSelectorNotExists('.note');
        self::assertStringNotContainsString(DemoSignIn::PASSWORD, (string) $this->browser->getResponse()->getContent());
    }

    public function testAPartOfAPageIsNoDoorOfItsOwn(): void
    {
        $asked = ['HTTP_HX_REQUEST' => 'true'];
        $this->browser->request('GET', '/kites/situations/R1-0/improve', server: $asked);
        self::assertResponseStatusCodeSame(401);
        self::assertResponseHeaderSame('HX-Reswap', 'none');
        self::assertSame('', $this->browser->getResponse()->getContent());

        $goes = $asked + ['HTTP_HX_BOOSTED' => 'true'];
        $this->browser->request('GET', '/kites/situations/R1-0?moved=4', server: $goes + ['HTTP_HX_TARGET' => 'work']);
        self::assertResponseStatusCodeSame(401);
        self::assertStringEndsWith(
            '/sign-in?to=/kites/situations/R1-0?moved%3D4',
            (string) $this->browser->getResponse()->headers->get('HX-Redirect'),
        );
        $this->browser->request('GET', '/kites/situations/R1-0', server: $goes);
        self::assertResponseRedirects();
    }

    public function testWrongPasswordKeepsTheEmailAndTellsNothing(): void
    {
        $this->browser->followRedirects();
        $this->attempt(DemoSignIn::EMAIL, 'wrong');
        $known = $this->browser->getCrawler()->filter('[role=alert]')->text();
        self::assertResponseStatusCodeSame(422);
        self::assertInputValueSame('email', DemoSignIn::EMAIL);
        $this->attempt('nobody@saltmarsh.example', 'wrong');

        self::assertSame(
            $known,
            $this->browser->getCrawler()->filter('[role=alert]')->text(),
            'an unknown e-mail reads the same',
        );
    }

    public function testASignInWithoutItsTokenIsRefused(): void
    {
        $this->browser->request('POST', '/sign-in', ['email' => DemoSignIn::EMAIL, 'password' => DemoSignIn::PASSWORD]);
        $this->browser->request('GET', '/');

        self::assertResponseRedirects('http://localhost/sign-in');
    }

    public function testEveryPageIsClosedToStrangers(): void
    {
        foreach (['', '/team', '/situations/R1-0', '/situations', '/practice', '/you'] as $path) {
            $this->open($this->team(), $path);
            self::assertResponseRedirects("http://localhost/sign-in?to=/{$this->team()->id()}$path");
        }
    }

    public function testPasswordsAreKeptAsBcrypt(): void
    {
        self::assertStringStartsWith('$2y$', $this->signIn()->getPassword());
    }

    public function testAnAccentMakesAnotherEmailAndCapitalsDoNot(): void
    {
        $this->browser->followRedirects();
        $this->attempt('cöach@saltmarsh.example', DemoSignIn::PASSWORD);
        self::assertSelectorTextContains('[role=alert]', 'do not belong together');
        $this->attempt('  Coach@Saltmarsh.EXAMPLE ', DemoSignIn::PASSWORD);
        self::assertSelectorTextContains('.strip', 'Kites');
    }

    public function testLookingAtTheSignInPageMakesNoSession(): void
    {
        $this->browser->request('GET', '/sign-in');
        self::assertResponseNotHasCookie(self::SESSION);
        self::assertResponseHasCookie('door');
        $this->open($this->team(), '/team');
        self::assertResponseNotHasCookie(self::SESSION);
    }

    public function testASessionInUseIsRenewedOnceADay(): void
    {
        $this->browser->followRedirects();
        $this->attempt(DemoSignIn::EMAIL, DemoSignIn::PASSWORD);
        $this->open($this->team(), '/you');
        self::assertNull($this->renewal(), 'it was given today');
        $session = self::getContainer()->get('session.factory')->createSession();
        $session->setId((string) $this->browser->getCookieJar()->get(self::SESSION)?->getValue());
        $session->start();
        $session->set('_renewed', '2026-01-01');
        $session->save();
        $this->open($this->team(), '/you');

        self::assertEqualsWithDelta(time() + 14 * 86400, $this->renewal(), 60);
    }

    public function testExpiredSessionsAreSweptOut(): void
    {
        $options = self::getContainer()->getParameter('session.storage.options');
        self::assertSame([1, 100], [$options['gc_probability'], $options['gc_divisor']]);
        $connection = $this->entities()->getConnection();
        $connection->executeStatement(
            "INSERT INTO session (sess_id, sess_data, sess_lifetime, sess_time) VALUES ('old', '', ?, 0), " .
                "('used', '', ?, 0)",
            [time() - 5, time() + 500],
        );
        $handler = self::getContainer()->get('test.session_handler');
        $handler->open('', 'fox');
        $handler->read('mine');
        $handler->gc(1);
        $handler->close();

        self::assertSame(['used'], $connection->fetchFirstColumn('SELECT sess_id FROM session'));
    }

    private function renewal(): ?int
    {
        foreach ($this->browser->getResponse()->headers->getCookies() as $cookie) {
            if (self::SESSION === $cookie->getName()) {
                return $cookie->getExpiresTime();
            }
        }

        return null;
    }
}
