<?php

declare(strict_types=1);

namespace FoxCorner\Tests\App;

use Doctrine\ORM\EntityManagerInterface;
use FoxCorner\App\Club\Account;
use FoxCorner\App\Club\Club;
use FoxCorner\App\Club\Membership;
use FoxCorner\App\Club\Player;
use FoxCorner\App\Club\Role;
use FoxCorner\App\Club\Team;
use FoxCorner\App\Plan\PlanDrafts;
use FoxCorner\Core\Field\ShippedRuleSets;
use FoxCorner\Core\Level\Level;
use FoxCorner\Core\People\RosterPlayer;
use Symfony\Bundle\FrameworkBundle\KernelBrowser;
use Symfony\Bundle\FrameworkBundle\Test\WebTestCase;
use Symfony\Component\Clock\Clock;
use Symfony\Component\DomCrawler\Crawler;
use Symfony\Component\Uid\Uuid;

/** A browser without a browser, signed in to the demo; the database is put back after each test. */
abstract class AppTestCase extends WebTestCase
{
    protected KernelBrowser $browser;

    protected function setUp(): void
    {
        $this->browser = self::createClient();
    }

    protected function signIn(string $who = 'coach'): Account
    {
        $account = $this->entities()
            ->getRepository(Account::class)
            ->findOneBy(['email' => "$who@saltmarsh.example"]);
        self::assertNotNull($account);
        $this->browser->loginUser($account);

        return $account;
    }

    protected function team(string $name = 'Kites'): Team
    {
        $team = $this->entities()
            ->getRepository(Team::class)
            ->findOneBy(['name' => $name]);
        self::assertNotNull($team);

        return $team;
    }

    /** @param list<RosterPlayer> $roster */
    protected function newTeam(Account $coach, array $roster = [], string $rules = 'fastpitch-43'): Team
    {
        $club = new Club('Elsewhere');
        $team = new Team($club, 'Gulls', Level::Fastpitch16, ShippedRuleSets::get($rules));
        foreach ([$club, $team, new Membership($coach, $team, Role::HeadCoach)] as $entity) {
            $this->entities()->persist($entity);
        }
        foreach ($roster as $player) {
            $this->entities()->persist(
                new Player(
                    $team,
                    new RosterPlayer(
                        Uuid::v7()->toRfc4122(),
                        $player->name,
                        $player->number,
                        $player->positions,
                        $player->traits,
                        $player->limit,
                    ),
                ),
            );
        }
        $this->entities()->flush();

        return $team;
    }

    protected function open(Team $team, string $path = ''): Crawler
    {
        return $this->browser->request('GET', '/' . $team->id()->toRfc4122() . $path);
    }

    /** To where all redirects lead: what is solved is waited for on a page in between. */
    protected function follow(): Crawler
    {
        do {
            $page = $this->browser->followRedirect();
        } while ($this->browser->getResponse()->isRedirect());

        return $page;
    }

    protected function drafts(): PlanDrafts
    {
        $drafts = self::getContainer()->get(PlanDrafts::class);

        return $drafts;
    }

    protected function entities(): EntityManagerInterface
    {
        return self::getContainer()->get(EntityManagerInterface::class);
    }

    /** @param string $later as DateTimeImmutable::modify reads it */
    protected static function now(string $later = '+0 days'): \DateTimeImmutable
    {
        return Clock::get()->now()->modify($later);
    }

    /** The number that a query gives. */
    protected function number(string $query): int
    {
        $number = $this->entities()->getConnection()->fetchOne($query);
        self::assertIsNumeric($number);

        return (int) $number;
    }
}
