<?php

declare(strict_types=1);

namespace FoxCorner\Tests\App;

use FoxCorner\App\Club\Account;
use FoxCorner\App\Club\May;
use FoxCorner\App\Club\Membership;
use FoxCorner\App\Club\Role;
use FoxCorner\App\Club\Team;
use FoxCorner\App\People\Invitation;
use PHPUnit\Framework\Attributes\TestWith;

/** How people come into a team: by a link, by mail, with an account of their own. */
final class InvitationTest extends AppTestCase
{
    use Invited;

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
}
