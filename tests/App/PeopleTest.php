<?php

declare(strict_types=1);

namespace FoxCorner\Tests\App;

use FoxCorner\App\Club\Account;
use FoxCorner\App\Club\May;
use FoxCorner\App\Club\Membership;
use FoxCorner\App\Club\Player;
use FoxCorner\App\Club\Role;
use FoxCorner\App\Club\Team;
use FoxCorner\App\People\Invitation;
use FoxCorner\App\Post\PostBox;
use FoxCorner\App\Post\PostedLetter;
use FoxCorner\App\Sharing\SharedThings;
use PHPUnit\Framework\Attributes\TestWith;
use Symfony\Component\DomCrawler\Crawler;

/** Invitations, roles, and who may do what. */
final class PeopleTest extends AppTestCase
{
    public function testANewcomerByALinkThatAnybodyMayHaveProvesHisEmail(): void
    {
        $team = $this->invitingTeam();
        $link = $this->invite($team, ['role' => 'assistant']);
        $this->signOut();
        $page = $this->browser->request('GET', $link);
        self::assertSelectorTextContains('h1', 'Join the Gulls');
        self::assertSelectorTextContains('main', 'invites you as assistant');
        self::assertSelectorNotExists('[type=password]');
        $this->browser->submit(
            $page->selectButton('Join')->form(['name' => 'Ada Brink', 'email' => 'Ada@Elsewhere.example']),
        );
        self::assertSelectorTextContains('h1', 'Ask Wren Tolland for your link');
        $member = $this->member($team, 'ada@elsewhere.example');
        self::assertSame(Role::Assistant, $member?->role);
        self::assertFalse($member->account->hasPassword());
        $this->browser->request('GET', '/gulls');
        self::assertResponseRedirects('/sign-in?to=/gulls', message: 'nobody is in yet');
        $letter = $this->letter('ada@elsewhere.example');
        self::assertSame('Your way into the Gulls', $letter->subject);
        $this->comeIn($letter->pieces()[1][0]);
        $this->browser->request('GET', '/gulls');
        self::assertResponseIsSuccessful();
        $member = $this->member($team, 'ada@elsewhere.example');
        self::assertTrue($member?->may(May::Change));
        self::assertFalse($member->may(May::People));

        $this->signOut();
        $this->browser->request('GET', $link);
        self::assertResponseStatusCodeSame(410);
        self::assertSelectorTextContains('main', 'It has been used already');
    }

    public function testWhomNoLetterReachesTheHeadCoachGivesTheLink(): void
    {
        $team = $this->invitingTeam();
        $link = $this->invite($team, ['role' => 'player']);
        $this->signOut();
        $page = $this->browser->request('GET', $link);
        $this->browser->submit($page->selectButton('Join')->form(['name' => 'Bo', 'email' => 'bo@elsewhere.example']));
        $this->signIn();
        $page = $this->open($team, '/people');
        self::assertSelectorTextContains('main', 'the e-mail is not proven');
        $bo = $this->member($team, 'bo@elsewhere.example') ?? self::fail();
        $elsewhere = new Membership($bo->account, $this->team(), Role::Player);
        $this->entities()->persist($elsewhere);
        $this->entities()->flush();
        $this->browser->submit($page->filter('[aria-label="Give the link yourself: Bo"]')->form());
        $this->browser->followRedirect();
        self::assertSelectorTextContains('main', 'has come in already', 'another team has him, too');
        $this->entities()
            ->getConnection()
            ->delete('membership', ['id' => $elsewhere->id()->toBinary()]);
        $page = $this->browser->submit($page->filter('[aria-label="Give the link yourself: Bo"]')->form());
        $way = (string) $page->filter('[data-select-all]')->attr('value');
        $this->signOut();
        $this->comeIn($way);
        $this->signIn();
        $page = $this->open($team, '/people');
        self::assertSelectorNotExists('[aria-label="Give the link yourself: Bo"]');
        $bo = $this->member($team, 'bo@elsewhere.example');
        $this->browser->request('POST', "/gulls/people/{$bo?->id()}/way-in", ['_token' => $this->token($team)]);
        $this->browser->followRedirect();
        self::assertSelectorTextContains(
            'main',
            'has come in already',
            'nobody gets a password of somebody who has one',
        );
    }

    public function testWhoIsTakenOutOrMayDoLessTakesWhatHeHasGivenWithHim(): void
    {
        $team = $this->team();
        $this->signIn();
        $page = $this->open($team, '/people');
        $piet = $this->member($team, 'assistant@saltmarsh.example') ?? self::fail();
        $piet->role = Role::HeadCoach;
        $this->entities()->flush();
        $this->signIn('assistant');
        $back = $this->invite($team, ['role' => 'head-coach']);
        $this->invite($team, ['role' => 'assistant', 'email' => 'eve@elsewhere.example']);
        $shared = $this->open($team, '/shared');
        $this->browser->submit(
            $shared->selectButton('Make a link')->form(['kind' => 'situation', 'of' => 'R1-0', 'days' => '7']),
        );
        $this->signIn();
        $mine = $this->invite($team, ['role' => 'player']);
        $page = $this->open($team, '/people');
        $this->browser->submit($page->filter('[aria-label="Take out of the team: Piet Holm"]')->form());
        $page = $this->browser->followRedirect();
        $said = $page->filter('.good')->text();
        self::assertStringContainsString('Taken back with it: ', $said);
        self::assertStringContainsString('the invitation of whoever has the link', $said);
        self::assertStringContainsString('the invitation of eve@elsewhere.example', $said);
        self::assertStringContainsString('the link to First, nobody out', $said);
        $this->signOut();
        $this->browser->request('GET', $back);
        self::assertResponseStatusCodeSame(410);
        $this->browser->request('GET', $mine);
        self::assertResponseIsSuccessful();
        self::assertCount(0, self::getContainer()->get(SharedThings::class)->links($this->team()));
    }

    public function testWhoMayDoLessIsSignedOutEverywhereAndKeepsWhatHeStillMay(): void
    {
        $team = $this->team();
        $this->signIn('assistant');
        $shared = $this->open($team, '/shared');
        $this->browser->submit(
            $shared->selectButton('Make a link')->form(['kind' => 'situation', 'of' => 'R1-0', 'days' => '7']),
        );
        $asHeSignedIn = clone $this->account('assistant');
        foreach ([['assistant', 1, 200], ['player', 0, 302]] as [$role, $links, $status]) {
            $this->signIn();
            $member = $this->member($team, 'assistant@saltmarsh.example') ?? self::fail();
            $this->browser->request('POST', "/kites/people/{$member->id()}/role", [
                '_token' => $this->token($team),
                'role' => $role,
                'player' => '',
            ]);
            self::assertCount($links, self::getContainer()->get(SharedThings::class)->links($this->team()));
            $this->browser->loginUser($asHeSignedIn);
            $this->browser->request('GET', '/kites');
            self::assertResponseStatusCodeSame($status, "as $role");
        }
    }

    public function testWhoseGuardianSomebodyIsIsForCoaches(): void
    {
        $team = $this->team();
        $ines = new Account('ines@elsewhere.example', 'Ines Marsh');
        $marsh = $this->entities()
            ->getRepository(Player::class)
            ->findOneBy(['team' => $team, 'name' => 'Marsh']);
        $this->entities()->persist($ines);
        $this->entities()->persist(new Membership($ines, $team, Role::Guardian, $marsh));
        $this->entities()->flush();
        foreach ([['coach', true], ['assistant', true], ['player', false]] as [$who, $sees]) {
            $this->signIn($who);
            $text = $this->open($team, '/people')->filter('main')->text();
            self::assertStringContainsString('Ines Marsh', $text);
            self::assertSame($sees, str_contains($text, 'Guardian: 6 Marsh'), $who);
        }
    }

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

    public function testWhoHasAnAccountJoinsWithIt(): void
    {
        $team = $this->invitingTeam();
        $link = $this->invite($team, ['role' => 'player']);
        $this->signIn('assistant');
        $page = $this->browser->request('GET', $link);
        self::assertSelectorTextContains('form', 'You are signed in as Piet Holm');
        $this->browser->submit($page->selectButton('Join')->form());
        self::assertSame(Role::Player, $this->member($team, 'assistant@saltmarsh.example')?->role);

        $this->signIn();
        $again = $this->invite($team, ['role' => 'assistant']);
        $this->signIn('assistant');
        $page = $this->browser->request('GET', $again);
        $this->browser->submit($page->selectButton('Join')->form());
        self::assertResponseStatusCodeSame(422);
        self::assertSelectorTextContains('.finding', 'you are in the team already');
    }

    public function testAnInvitationByMailIsForThatMailAlone(): void
    {
        $team = $this->invitingTeam();
        $link = $this->invite($team, ['role' => 'assistant', 'email' => ' Bo@Elsewhere.example ']);
        $letter = $this->letter('bo@elsewhere.example');
        self::assertStringContainsString($link, $letter->text);
        self::assertStringContainsString('Wren Tolland invites you to the Gulls', $letter->subject);

        $this->signIn('assistant');
        $page = $this->browser->request('GET', $link);
        self::assertSelectorTextContains('.note', 'this invitation is for another e-mail');
        self::assertCount(0, $page->selectButton('Join'));
        $token = $this->browser->request('GET', '/forgotten')->filter('[name=_token]')->attr('value');
        $this->browser->request('POST', $link, ['_token' => $token]);
        self::assertResponseStatusCodeSame(422);
        self::assertNull($this->member($team, 'assistant@saltmarsh.example'), 'nor by hand');

        $this->signOut();
        $page = $this->browser->request('GET', $link);
        self::assertSame('bo@elsewhere.example', $page->filter('#email')->attr('value'));
        $form = $page->selectButton('Join')->form(['name' => 'Bo', 'password' => 'a heron on one leg']);
        $this->browser->request('POST', $link, ['email' => 'eve@elsewhere.example'] + $form->getPhpValues());
        self::assertNotNull($this->member($team, 'bo@elsewhere.example'));
        self::assertNull($this->member($team, 'eve@elsewhere.example'));
    }

    public function testAMailThatComesBackSaysSoAndTheLinkHolds(): void
    {
        $team = $this->invitingTeam();
        $page = $this->sendInvitation($team, ['role' => 'assistant', 'email' => 'nobody@bounce.example']);
        self::assertStringContainsString('the mail to nobody@bounce.example came back', $page->filter('.good')->text());
        $this->signOut();
        $this->browser->request('GET', (string) $page->filter('[data-select-all]')->attr('value'));
        self::assertSelectorTextContains('h1', 'Join the Gulls');
    }

    /** @param array<string, string> $sent */
    #[TestWith([['role' => 'assistant', 'email' => 'no mail'], 'Email: it is no e-mail'])]
    #[TestWith([['role' => 'guardian'], 'Player: a guardian stands for somebody'])]
    #[TestWith([['role' => 'owner'], 'Role: '])]
    #[TestWith([['role' => 'player', 'player' => 'x'], 'Player: nobody on the roster is meant'])]
    #[TestWith([['role' => 'assistant', 'email' => 'coach@saltmarsh.example'], 'is in the team already'])]
    public function testBadInvitationsAreRefusedAndNothingIsLost(array $sent, string $words): void
    {
        $team = $this->invitingTeam();
        $page = $this->sendInvitation($team, $sent);
        self::assertResponseStatusCodeSame(422);
        self::assertStringContainsString($words, $page->filter('.finding')->text());
        self::assertSame($sent['email'] ?? '', $page->filter('#invite-email')->attr('value'));
        self::assertSame(
            0,
            $this->entities()
                ->getRepository(Invitation::class)
                ->count(['team' => $team]),
        );
    }

    public function testOneMailHasOneOpenInvitation(): void
    {
        $team = $this->invitingTeam();
        $this->invite($team, ['role' => 'assistant', 'email' => 'bo@elsewhere.example']);
        $page = $this->sendInvitation($team, ['role' => 'player', 'email' => 'BO@elsewhere.example']);
        self::assertStringContainsString(
            'bo@elsewhere.example has an open invitation',
            $page->filter('.finding')->text(),
        );
    }

    public function testAnInvitationIsTakenBackOrEnds(): void
    {
        $team = $this->invitingTeam();
        $link = $this->invite($team, ['role' => 'assistant']);
        $page = $this->open($team, '/people');
        $this->browser->submit($page->selectButton('Take back')->form());
        $this->signOut();
        $this->browser->request('GET', $link);
        self::assertResponseStatusCodeSame(410);
        self::assertSelectorTextContains('main', 'It was taken back.');

        $invitation = $this->entities()
            ->getRepository(Invitation::class)
            ->findOneBy(['team' => $team->id()]);
        self::assertNotNull($invitation);
        $until = $invitation->until;
        self::assertSame('It ended on ' . $until->format('j F') . '.', $this->fresh($invitation)->whyClosed($until));
        self::assertTrue($this->fresh($invitation)->isOpen($until->modify('-1 second')));
        $this->browser->request('GET', '/join/' . str_repeat('0', 32));
        self::assertResponseStatusCodeSame(404);
    }

    public function testAGuardianSeesTheOwnChildAndNobodyElse(): void
    {
        $this->signIn();
        $team = $this->team();
        $roster = $this->open($team, '/people')->filter('#invite-player option');
        $marsh = (string) $roster
            ->reduce(static fn(Crawler $one): bool => str_contains($one->text(), 'Marsh'))
            ->attr('value');
        $link = $this->invite($team, ['role' => 'guardian', 'player' => $marsh]);
        $this->signOut();
        $page = $this->browser->request('GET', $link);
        self::assertSelectorTextContains('main', 'as guardian: 6 Marsh');
        $this->browser->submit(
            $page->selectButton('Join')->form([
                'name' => 'Ines Marsh',
                'email' => 'ines@elsewhere.example',
            ]),
        );
        $this->comeIn($this->letter('ines@elsewhere.example')->pieces()[1][0]);
        $this->open($team, '/you');
        self::assertSelectorTextContains('main', 'What is kept of you');
        $member = $this->member($team, 'ines@elsewhere.example');
        self::assertTrue($member?->seesAllOf($marsh));
        self::assertFalse($member->seesAllOf('another'));
        $this->open($team, '/team/player/new');
        self::assertResponseStatusCodeSame(403);
        $this->open($team, '/people');
        self::assertSelectorNotExists('#invite-email');
        self::assertSelectorTextNotContains('main', 'coach@saltmarsh.example', 'no e-mails of others');
    }

    public function testTheLastHeadCoachStaysAndASecondMayLeave(): void
    {
        $team = $this->invitingTeam();
        $this->open($team, '/people');
        $this->browser->submitForm('Leave the team');
        $this->browser->followRedirect();
        self::assertSelectorTextContains('.finding', 'only head coach of the team');

        $this->invite($team, ['role' => 'head-coach']);
        $second = new Membership($this->account('assistant'), $this->again($team), Role::HeadCoach);
        $this->entities()->persist($second);
        $this->entities()->flush();
        $this->open($team, '/people');
        $this->browser->submitForm('Leave the team');
        self::assertResponseRedirects('/');
        self::assertNull($this->member($team, 'coach@saltmarsh.example'));
        $this->open($team);
        self::assertResponseStatusCodeSame(404);
    }

    public function testARoleIsChangedButNotTheLastHeadCoachs(): void
    {
        $team = $this->invitingTeam();
        $this->entities()->persist(new Membership($this->account('player'), $this->again($team), Role::Player));
        $this->entities()->flush();
        $page = $this->open($team, '/people');
        $this->browser->submit(
            $page
                ->selectButton('Change the role')
                ->eq(1)
                ->form(['role' => 'assistant']),
        );
        self::assertSame(Role::Assistant, $this->member($team, 'player@saltmarsh.example')?->role);

        $page = $this->open($team, '/people');
        $this->browser->submit(
            $page
                ->selectButton('Change the role')
                ->eq(0)
                ->form(['role' => 'player']),
        );
        $this->browser->followRedirect();
        self::assertSelectorTextContains('.finding', 'only head coach');
        self::assertSame(Role::HeadCoach, $this->member($team, 'coach@saltmarsh.example')?->role);

        $page = $this->open($team, '/people');
        self::assertStringContainsString(
            'Wren Tolland: Marsh is now assistant',
            $page->filter('#happened ~ ul')->text(),
        );
        $this->browser->submit($page->selectButton('Take out of the team')->form());
        self::assertNull($this->member($team, 'player@saltmarsh.example'));
    }

    public function testOnlyTheHeadCoachManagesPeople(): void
    {
        $this->signIn('assistant');
        $team = $this->team();
        $page = $this->open($team, '/people');
        self::assertSelectorNotExists('#invite-email');
        $token = (string) $page->filter('[name=_token]')->first()->attr('value');
        foreach (
            ['/people/invite', '/people/' . $this->member($team, 'coach@saltmarsh.example')?->id() . '/remove'] as $path
        ) {
            $this->browser->request('POST', '/kites' . $path, ['_token' => $token, 'role' => 'assistant']);
            self::assertResponseStatusCodeSame(403, $path);
        }
    }

    public function testTheTableOfRolesIsWhatTheCodeAsks(): void
    {
        $table = array_map(
            static fn(May $what): string => implode(
                '',
                array_map(static fn(Role $role): string => $role->may($what) ? 'x' : '.', Role::cases()),
            ),
            array_combine(array_column(May::cases(), 'value'), May::cases()),
        );

        self::assertSame(
            [
                'read' => 'xxxx',
                'see-own' => 'xxxx',
                'see-all' => 'xx..',
                'change' => 'xx..',
                'remove' => 'x...',
                'people' => 'x...',
            ],
            $table,
        );
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

    private function account(string $who): Account
    {
        $account = $this->entities()
            ->getRepository(Account::class)
            ->findOneBy(['email' => "$who@saltmarsh.example"]);

        return $account ?? self::fail();
    }

    private function again(Team $team): Team
    {
        return $this->entities()->find(Team::class, $team->id()) ?? self::fail();
    }

    private function fresh(Invitation $invitation): Invitation
    {
        return new Invitation(
            $invitation->team,
            $invitation->role,
            null,
            null,
            $invitation->by,
            '',
            $invitation->until,
        );
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
