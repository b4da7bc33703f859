<?php

declare(strict_types=1);

namespace FoxCorner\Tests\App;

use FoxCorner\App\Club\ShortName;
use FoxCorner\App\Practice\Book\Practice;
use FoxCorner\App\Practice\Book\PracticeAddress;
use PHPUnit\Framework\Attributes\TestWith;
use Symfony\Component\Uid\Uuid;

/** Addresses that people can read; those of before lead to the same. */
final class AddressesTest extends AppTestCase
{
    #[TestWith(['Kites', 'kites'])]
    #[TestWith(['Under 12 Bücklinge', 'under-12-bucklinge'])]
    #[TestWith(['  Ødegård’s nine!  ', 'odegards-nine'])]
    #[TestWith(['Καπετάνιος', 'kapetanios'])]
    #[TestWith(['!!!', 'team'])]
    #[TestWith(['Sign in', 'sign-in-team'])]
    public function testANameBecomesAnAddress(string $name, string $short): void
    {
        self::assertSame($short, ShortName::of($name));
    }

    public function testALongNameIsCutWithinItsColumn(): void
    {
        $short = ShortName::free(str_repeat('long name ', 30), static fn(string $tried): bool => \strlen($tried) < 58);

        self::assertLessThanOrEqual(ShortName::LONGEST, \strlen($short));
        self::assertStringEndsNotWith('-', ShortName::of(str_repeat('long name ', 30)));
    }

    public function testTeamsOfTheSameNameHaveAddressesOfTheirOwn(): void
    {
        $coach = $this->signIn();
        $addresses = [];
        for ($number = 0; $number < 3; ++$number) {
            $addresses[] = $this->newTeam($coach)->address();
        }
        self::assertSame(['gulls', 'gulls-2', 'gulls-3'], $addresses);

        $this->browser->request('GET', '/gulls-2');
        self::assertSelectorTextContains('body', 'Gulls');
    }

    public function testATeamIsReachedByItsShortNameAndByItsId(): void
    {
        $this->signIn();
        $kites = $this->team();
        foreach (['/kites/team', "/{$kites->id()}/team"] as $address) {
            $page = $this->browser->request('GET', $address);
            self::assertResponseIsSuccessful();
            self::assertStringStartsWith(
                '/kites',
                (string) $page->filter('.rail a')->eq(1)->attr('href'),
                'and leads on',
            );
        }
        foreach (['/kite/team', '/KITES/team', '/kites-2/team', '/' . Uuid::v7() . '/team'] as $nobodys) {
            $this->browser->request('GET', $nobodys);
            self::assertResponseStatusCodeSame(404);
        }
    }

    public function testSomebodyElsesTeamIsNotThereByItsName(): void
    {
        $this->signIn('player');
        $this->browser->request('GET', '/terns/team');

        self::assertResponseStatusCodeSame(404);
    }

    public function testAPracticeIsReachedByDayAndLettersByIdAndAfterItsDayIsChanged(): void
    {
        $this->signIn();
        $practice = $this->practice();
        $letters = substr($practice->address(), 11);
        self::assertMatchesRegularExpression('/^[bcdfghjklmnpqrstvwxz]{4}$/', $letters);
        self::assertSame($practice->startsAt()->format('Y-m-d') . "-$letters", $practice->address());
        $title = $this->titleAt("/kites/practice/{$practice->address()}");
        self::assertSame($title, $this->titleAt("/{$this->team()->id()}/practice/{$practice->id()}"), 'as before');
        self::assertSame($title, $this->titleAt("/kites/practice/2020-01-01-$letters"), 'of another day, once');
        self::assertSame(200, $this->statusAt("/kites/practice/{$practice->address()}/run/state"));

        foreach (['/kites/practice/2020-01-01-bbbb', "/terns/practice/{$practice->address()}"] as $nobodys) {
            self::assertSame(404, $this->statusAt($nobodys));
            self::assertSame(404, $this->statusAt("$nobodys/run/state"));
        }
    }

    public function testLettersComeFromTheIdAndOfTwoWithTheSameTheDayDecides(): void
    {
        self::assertSame('bcdx', PracticeAddress::lettersOf(Uuid::fromString('0190163d-8694-739b-aea5-966c28010212')));
        self::assertNull(PracticeAddress::read('2026-11-28-abcd'), 'a is none of them');
        self::assertNull(PracticeAddress::read('nothing'));

        $this->signIn();
        $first = $this->practice();
        $second = $this->entities()
            ->getRepository(Practice::class)
            ->findBy(['team' => $this->team()])[0];
        self::assertNotSame($first->address(), $second->address());
        $this->entities()->getConnection()->executeStatement("UPDATE practice SET letters = 'zzzz'");
        $this->entities()->clear();
        foreach ([$first, $second] as $practice) {
            $day = $practice->startsAt();
            $this->browser->request('GET', "/kites/practice/{$day->format('Y-m-d')}-zzzz");
            self::assertSelectorTextContains('.strip', $day->format('D j M'));
        }
    }

    private function practice(): Practice
    {
        $practices = $this->entities()->getRepository(Practice::class);

        return $practices->findBy(['team' => $this->team()], ['startsAt' => 'DESC'])[0];
    }

    private function titleAt(string $address): string
    {
        return $this->browser->request('GET', $address)->filter('title')->text();
    }

    private function statusAt(string $address): int
    {
        $this->browser->request('GET', $address);

        return $this->browser->getResponse()->getStatusCode();
    }
}
