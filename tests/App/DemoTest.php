<?php

declare(strict_types=1);

namespace FoxCorner\Tests\App;

use FoxCorner\App\Club\Account;
use FoxCorner\App\Club\Club;
use FoxCorner\App\Club\Door\DemoDoor;
use FoxCorner\App\Club\Door\DemoSignIn;
use FoxCorner\App\Club\Door\House;
use FoxCorner\App\Club\Membership;
use FoxCorner\App\Club\Role;
use FoxCorner\App\Demo\Demo;
use FoxCorner\App\Demo\DemoDays;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use Symfony\Bundle\FrameworkBundle\Console\Application;
use Symfony\Component\Console\Tester\CommandTester;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\RequestStack;

/** The invented club: what it takes with it when it goes, who may use it, and that it is right on every day. */
final class DemoTest extends AppTestCase
{
    public function testTakenOffItLeavesAClubOfTheSameNameAlone(): void
    {
        $ada = $this->person('ada@saltmarsh.example');
        $club = new Club('Saltmarsh');
        $this->newTeam($ada);
        $this->entities()->persist($club);
        $this->entities()->flush();
        $said = $this->console(['--remove' => true]);

        self::assertStringContainsString('Sign in with your account', $said);
        self::assertCount(
            1,
            $this->entities()
                ->getRepository(Club::class)
                ->findBy(['name' => 'Saltmarsh']),
        );
        self::assertNotNull($this->entities()->find(Account::class, $ada->id()));
        self::assertSame('Gulls', $this->team('Gulls')->name);
        self::assertNull($this->account(DemoSignIn::EMAIL));
    }

    public function testWhatIsTakenOffIsCopiedFirst(): void
    {
        $said = $this->console(['--remove' => true]);
        self::assertSame(1, preg_match('/What was there before is in (\S+before-demo-\S+\.sql\.gz)/', $said, $found));
        $copy = gzdecode((string) file_get_contents($found[1]));

        self::assertStringContainsString('Saltmarsh', (string) $copy);
        self::assertStringNotContainsString('What was there before', $this->console(['--remove' => true]));
    }

    public function testAnAccountOnWhichSomebodysThingsHangStaysWithoutThePasswordThatEverybodyKnows(): void
    {
        $this->newTeam($this->signIn());
        self::getContainer()->get(Demo::class)->remove();
        $stays = $this->account(DemoSignIn::EMAIL) ?? self::fail();

        self::assertFalse($stays->isDemo());
        self::assertSame('', $stays->getPassword());
        self::assertSame('Gulls', $this->team('Gulls')->name);
        self::assertFalse(self::getContainer()->get(House::class)->hasDemo());
        self::assertStringContainsString('somebody’s own', $this->console(['--if-missing' => true]));
        self::assertNull(
            $this->entities()
                ->getRepository(Club::class)
                ->findOneBy(['demo' => true]),
            'nothing of it',
        );
    }

    public function testSomebodyWhoJoinedWithAnEmailOfTheDemosStopsNothing(): void
    {
        $this->entities()->persist(
            new Membership($this->person('wren@saltmarsh.example'), $this->team(), Role::Assistant),
        );
        $this->entities()->flush();

        self::assertStringContainsString('Sign in with your account', $this->console(['--remove' => true]));
        self::assertNotNull($this->account('wren@saltmarsh.example'));
        self::assertStringContainsString('Demo sign-in', $this->console(['--if-missing' => true]));
    }

    /** Loaded on each of these days, nothing else has the field while a practice is on it, and all of it is to come. */
    #[DataProvider('days')]
    public function testOnEveryDayNothingIsBookedOverAPractice(string $day): void
    {
        $now = new \DateTimeImmutable($day);
        $days = DemoDays::from($now);
        $tomorrow = $now->modify('+1 day')->format('Y-m-d');
        self::assertSame([$tomorrow, $tomorrow], [$days->kites->format('Y-m-d'), $days->terns->format('Y-m-d')]);
        self::assertGreaterThanOrEqual($days->kites->modify('+70 minutes'), $days->terns);
        self::assertSame($now->modify('-7 days')->format('Y-m-d 17:30'), $days->held->format('Y-m-d H:i'));
        self::assertCount(3, $days->booked);
        foreach ($days->booked as [$from, $to]) {
            self::assertGreaterThan($days->terns->modify('+80 minutes'), $from);
            self::assertLessThan($now->modify('+12 days'), $to);
            self::assertGreaterThan($from, $to);
        }
        self::assertGreaterThanOrEqual('6', $days->booked[0][0]->format('N'), 'a game is at a weekend');
    }

    /** @return iterable<string, array{string}> */
    public static function days(): iterable
    {
        foreach (range(1, 7) as $day) {
            yield "weekday $day" => ["2027-02-0$day 10:00"];
        }
        foreach (['2027-02-28 10:00', '2028-02-29 10:00', '2027-12-31 23:59', '2027-03-28 01:30'] as $day) {
            yield $day => [$day];
        }
    }

    public function testBesideARealClubItsPasswordOpensNothingFromOutside(): void
    {
        self::assertTrue($this->door('203.0.113.7', 'fox.example')->isOpen(), 'nobody else lives here');
        $this->person('ada@fen-end.example');

        self::assertTrue($this->door('127.0.0.1', 'localhost')->isOpen(), 'on this machine alone');
        foreach ([['203.0.113.7', 'localhost'], ['127.0.0.1', 'fox.example']] as [$address, $host]) {
            self::assertFalse($this->door($address, $host)->isOpen(), "$address at $host");
        }
        self::assertFalse($this->door('127.0.0.1', 'localhost', 'https://fox.example')->isOpen());
    }

    #[TestWith([false, 302])]
    #[TestWith([true, 422])]
    public function testWhoSignsInFromOutsideBesideARealClubIsNotLetIn(bool $beside, int $status): void
    {
        if ($beside) {
            $this->person('ada@fen-end.example');
        }
        $this->browser->setServerParameters(['REMOTE_ADDR' => '203.0.113.7', 'HTTP_HOST' => 'fox.example']);
        $page = $this->browser->request('GET', '/sign-in');
        $this->browser->submit(
            $page->selectButton('Sign in')->form(['email' => DemoSignIn::EMAIL, 'password' => DemoSignIn::PASSWORD]),
        );

        self::assertResponseStatusCodeSame($status);
    }

    public function testWhoIsInIsOutAsSoonAsARealClubIsThere(): void
    {
        $this->signIn();
        $this->browser->setServerParameters(['REMOTE_ADDR' => '203.0.113.7', 'HTTP_HOST' => 'fox.example']);
        $this->browser->request('GET', '/kites');
        self::assertResponseIsSuccessful();
        $this->person('ada@fen-end.example');
        $this->browser->request('GET', '/kites');

        self::assertResponseRedirects('/sign-in?to=/kites');
    }

    private function door(string $address, string $host, string $publicly = 'http://127.0.0.1:8085'): DemoDoor
    {
        $requests = new RequestStack();
        $requests->push(Request::create("http://$host/sign-in", server: ['REMOTE_ADDR' => $address]));

        return new DemoDoor(self::getContainer()->get(House::class), $requests, $publicly);
    }

    /** @param array<string, bool> $options */
    private function console(array $options): string
    {
        $tester = new CommandTester((new Application(self::$kernel ?? self::fail()))->find('fox:demo'));
        self::assertSame(0, $tester->execute($options));

        return $tester->getDisplay();
    }

    /** @param non-empty-string $email */
    private function person(string $email): Account
    {
        $account = new Account($email, 'Ada Brink');
        $this->entities()->persist($account);
        $this->entities()->flush();

        return $account;
    }

    private function account(string $email): ?Account
    {
        return $this->entities()
            ->getRepository(Account::class)
            ->findOneBy(['email' => $email]);
    }
}
