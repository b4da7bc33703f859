<?php

declare(strict_types=1);

namespace FoxCorner\Tests\App;

use Doctrine\DBAL\Driver\AbstractException;
use Doctrine\DBAL\Exception\DeadlockException;
use Doctrine\DBAL\Exception\LockWaitTimeoutException;
use Doctrine\Persistence\ManagerRegistry;
use FoxCorner\App\Shared\Database\Writes;
use FoxCorner\App\Shared\Kept\KeptPage;
use FoxCorner\App\Shared\Unavailable;
use PHPUnit\Framework\Attributes\TestWith;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Event\ControllerEvent;
use Symfony\Component\HttpKernel\Event\ExceptionEvent;
use Symfony\Component\HttpKernel\HttpKernelInterface;

/** A database that is locked, in deadlock, or takes nothing. What kills or stops it is tried in the browser's tests. */
final class DatabaseAwayTest extends AppTestCase
{
    public function testARowThatIsLockedElsewhereIsNotWaitedForLongAndWhatWasTypedIsKept(): void
    {
        $this->signIn();
        $this->open($this->team(), '/team/player/new');
        $other = $this->anotherConnection();
        $other->exec('START TRANSACTION');
        $row = $other->query('SELECT name FROM player WHERE number = 7 FOR UPDATE');
        self::assertInstanceOf(\PDOStatement::class, $row);
        self::assertSame('Quist', $row->fetchColumn());
        $row->closeCursor();
        try {
            $quist = $this->entities()
                ->getConnection()
                ->fetchOne(
                    "SELECT LOWER(CONCAT_WS('-', SUBSTR(HEX(id), 1, 8), SUBSTR(HEX(id), 9, 4), SUBSTR(HEX(id), " .
                        "13, 4), SUBSTR(HEX(id), 17, 4), SUBSTR(HEX(id), 21))) FROM player WHERE name = 'Quist'",
                );
            self::assertIsString($quist);
            $this->open($this->team(), "/team/player/$quist");
            $this->browser->submitForm('Save Quist', ['player_form[name]' => 'Quistgaard']);
        } finally {
            $other->exec('ROLLBACK');
        }

        self::assertResponseStatusCodeSame(503);
        self::assertSelectorTextContains('h1', 'The database does not take it right now');
        self::assertSelectorTextContains('table', 'Quistgaard');
        $this->browser->submitForm('Send it again');
        self::assertResponseRedirects();
    }

    #[TestWith(['GET', false, true])]
    #[TestWith(['POST', false, true])]
    #[TestWith(['POST', true, false])]
    public function testWhatWasRolledBackIsTriedOnceMore(string $method, bool $somethingStands, bool $again): void
    {
        $writes = new Writes();
        $somethingStands ? $writes->note() : null;
        $handled = 0;
        $kernel = $this->kernelThat(static function () use (&$handled): Response {
            ++$handled;

            return new Response('second time');
        });
        $response = $this->answer($method, self::deadlock(), $writes, $kernel);

        self::assertSame($again ? 'second time' : 503, $again ? $response->getContent() : $response->getStatusCode());
        self::assertSame($again ? 1 : 0, $handled);
    }

    public function testNothingIsTriedForEver(): void
    {
        $writes = new Writes();
        $kernel = $this->kernelThat(function (Request $request) use ($writes): Response {
            self::assertTrue($request->attributes->has('_tried_again'));
            $event = new ExceptionEvent(
                $this->kernelThat(static fn(): Response => self::fail('A third time.')),
                $request,
                HttpKernelInterface::SUB_REQUEST,
                self::deadlock(),
            );
            $this->listener($writes)->onException($event);

            return $event->getResponse() ?? self::fail('It is answered.');
        });

        self::assertSame(503, $this->answer('GET', self::deadlock(), $writes, $kernel)->getStatusCode());
    }

    #[TestWith([1290])]
    #[TestWith([1969])]
    #[TestWith([2006])]
    public function testWhatTheDatabaseRefusesIsThePlainPage(int $code): void
    {
        $error = new \PDOException('no');
        $error->errorInfo = ['HY000', $code, 'no'];
        $response = $this->answer(
            'GET',
            new \RuntimeException('wrapped', 0, $error),
            new Writes(),
            $this->kernelThat(static fn(): Response => self::fail('It is not tried again.')),
        );

        self::assertSame(503, $response->getStatusCode());
        self::assertSame('5', $response->headers->get('Retry-After'));
        self::assertStringContainsString('waiting for its database', (string) $response->getContent());
    }

    public function testAScriptIsToldInItsOwnWay(): void
    {
        $request = Request::create('/x', 'POST', server: ['HTTP_ACCEPT' => 'application/json']);
        $event = new ExceptionEvent(
            $this->kernelThat(static fn(): Response => new Response()),
            $request,
            HttpKernelInterface::MAIN_REQUEST,
            new LockWaitTimeoutException(self::driverError(), null),
        );
        $writes = new Writes();
        $writes->note();
        $this->listener($writes)->onException($event);

        self::assertSame('{"problem":"database"}', $event->getResponse()?->getContent());
    }

    public function testAPageIsTriedAgainAndComesAsIfNothingHadBeen(): void
    {
        $this->signIn();
        $this->browser->disableReboot();
        $times = 0;
        self::getContainer()
            ->get('event_dispatcher')
            ->addListener('kernel.controller', static function () use (&$times): void {
                if (1 === ++$times) {
                    throw self::deadlock();
                }
            });
        $this->open($this->team(), '/team');

        self::assertResponseIsSuccessful();
        self::assertSelectorTextContains('.strip', 'Kites');
        self::assertSame(2, $times);
    }

    public function testWhomTheDatabaseCouldNotNameIsNotSignedOutAndNothingIsTriedForHim(): void
    {
        $request = Request::create('/x');
        $request->attributes->set('_security_firewall_run', '_security_main');
        $kernel = $this->kernelThat(static fn(): Response => self::fail('It is not tried again.'));
        $event = new ExceptionEvent($kernel, $request, HttpKernelInterface::MAIN_REQUEST, self::deadlock());
        $this->listener(new Writes())->onException($event);

        self::assertSame(503, $event->getResponse()?->getStatusCode());
        self::assertFalse($request->attributes->has('_security_firewall_run'), 'what the session says stays');
    }

    public function testHealthSaysThatNothingIsTaken(): void
    {
        $other = $this->anotherConnection();
        $other->exec('LOCK TABLES health_probe READ');
        try {
            $this->browser->request('GET', '/health');
        } finally {
            $other->exec('UNLOCK TABLES');
        }

        self::assertResponseStatusCodeSame(503);
        self::assertSame("not ok\nreading: yes\nwriting: no\n", $this->browser->getResponse()->getContent());
    }

    private function answer(string $method, \Throwable $error, Writes $writes, HttpKernelInterface $kernel): Response
    {
        $request = Request::create(
            '/x',
            $method,
            server: 'POST' === $method ? ['HTTP_ACCEPT' => 'application/json'] : [],
        );
        $event = new ExceptionEvent($kernel, $request, HttpKernelInterface::MAIN_REQUEST, $error);
        $listener = $this->listener($writes);
        $listener->onController(
            new ControllerEvent($kernel, static fn(): Response => new Response(), $request, $event->getRequestType()),
        );
        $listener->onException($event);

        return $event->getResponse() ?? self::fail('It is answered.');
    }

    private function listener(Writes $writes): Unavailable
    {
        return new Unavailable(
            \dirname(__DIR__, 2) . '/public/unavailable.html',
            self::getContainer()->get(KeptPage::class),
            $writes,
            self::createStub(ManagerRegistry::class),
        );
    }

    /** @param \Closure(Request): Response $answer */
    private function kernelThat(\Closure $answer): HttpKernelInterface
    {
        return new class ($answer) implements HttpKernelInterface {
            /** @param \Closure(Request): Response $answer */
            public function __construct(private readonly \Closure $answer) {}

            public function handle(Request $request, int $type = self::MAIN_REQUEST, bool $catch = true): Response
            {
                return ($this->answer)($request);
            }
        };
    }

    private static function deadlock(): DeadlockException
    {
        return new DeadlockException(self::driverError(), null);
    }

    private static function driverError(): AbstractException
    {
        return new class ('Deadlock found', '40001', 1213) extends AbstractException {};
    }

    private function anotherConnection(): \PDO
    {
        $url = parse_url((string) getenv('DATABASE_URL'));
        self::assertIsArray($url);
        $port = $url['port'] ?? 0;

        return new \PDO(
            "mysql:host=127.0.0.1;port=$port;dbname=" . ltrim($url['path'] ?? '', '/'),
            $url['user'] ?? '',
            $url['pass'] ?? '',
            [\PDO::ATTR_ERRMODE => \PDO::ERRMODE_EXCEPTION, \PDO::MYSQL_ATTR_USE_BUFFERED_QUERY => true],
        );
    }
}
