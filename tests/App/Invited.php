<?php

declare(strict_types=1);

namespace FoxCorner\Tests\App;

use FoxCorner\App\Club\Account;
use FoxCorner\App\Club\Membership;
use FoxCorner\App\Club\Team;
use FoxCorner\App\Post\PostBox;
use FoxCorner\App\Post\PostedLetter;
use Symfony\Component\DomCrawler\Crawler;

/** People who are invited, come in and go out. */
trait Invited
{
    /** @param string $link of a letter or a coach */
    private function comeIn(string $link): void
    {
        $page = $this->browser->request('GET', $link);
        $this->browser->submit($page->selectButton('Take it')->form(['password' => 'a heron on one leg']));
        self::assertResponseRedirects('/');
    }

    private function token(Team $team): string
    {
        return (string) $this->open($team, '/people')->filter('[name=_token]')->first()->attr('value');
    }

    private function invitingTeam(): Team
    {
        return $this->newTeam($this->signIn());
    }

    /** @param array<string, string> $sent */
    private function invite(Team $team, array $sent): string
    {
        return (string) $this->sendInvitation($team, $sent)->filter('[data-select-all]')->attr('value');
    }

    /** @param array<string, string> $sent */
    private function sendInvitation(Team $team, array $sent): Crawler
    {
        $token = $this->open($team, '/people')->filter('[name=_token]')->first()->attr('value');

        return $this->browser->request('POST', "/{$team->id()}/people/invite", ['_token' => $token] + $sent);
    }

    private function letter(string $to): PostedLetter
    {
        foreach (self::getContainer()->get(PostBox::class)->letters() as $letter) {
            if ($letter->to === $to) {
                return $letter;
            }
        }
        self::fail("Nothing was sent to $to.");
    }

    private function member(Team $team, string $email): ?Membership
    {
        $this->entities()->clear();
        $account = $this->entities()
            ->getRepository(Account::class)
            ->findOneBy(['email' => $email]);

        return null === $account
            ? null
            : $this->entities()
                ->getRepository(Membership::class)
                ->findOneBy(['team' => $team->id(), 'account' => $account]);
    }

    private function signOut(): void
    {
        $this->browser->getCookieJar()->clear();
    }
}
