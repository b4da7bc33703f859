<?php

declare(strict_types=1);

namespace FoxCorner\Tests\App;

use FoxCorner\App\Club\Account;
use FoxCorner\App\Club\May;
use FoxCorner\App\Club\Membership;
use FoxCorner\App\Club\Player;
use FoxCorner\App\Club\Role;
use FoxCorner\App\Club\Team;
use FoxCorner\App\Sharing\SharedThings;
use Symfony\Component\DomCrawler\Crawler;

/** Invitations, roles, and who may do what. */
final class PeopleTest extends AppTestCase
{
    use Invited;

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
        self::assertSelectorTextContains('main', 'What is kept of Marsh');
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
}
