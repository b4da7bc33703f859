<?php

declare(strict_types=1);

namespace FoxCorner\Tests\App;

use FoxCorner\App\Club\Account;
use FoxCorner\App\Club\Club;
use FoxCorner\App\Club\Role;
use FoxCorner\App\Club\Team;
use FoxCorner\App\People\Invitation;
use FoxCorner\Core\Level\Level;
use FoxCorner\Tests\Core\Teams;

/** The club: another team, and the end of a team or of all. */
final class ClubTest extends AppTestCase
{
    /** Every table whose rows belong to a team. */
    private const OF_A_TEAM =
        'SELECT table_name FROM information_schema.columns WHERE table_schema = DATABASE() AND column_name = ' .
        "'team_id'";

    public function testAnotherTeamOfTheClub(): void
    {
        $team = $this->newTeam($this->signIn());
        $page = $this->open($team, '/club');
        $this->browser->submit(
            $page->selectButton('Add the team')->form(['name' => 'Young Gulls', 'level' => 'baseball-10-12']),
        );
        self::assertResponseRedirects('/young-gulls');
        $young = $this->team('Young Gulls');
        self::assertSame(Level::Youth10, $young->level());
        self::assertTrue($young->club->id()->equals($team->club->id()));

        $page = $this->open($team, '/club');
        $this->browser->submit($page->selectButton('Add the team')->form(['name' => ' ']));
        self::assertResponseStatusCodeSame(422);
        self::assertSelectorTextContains('.finding', 'Team: it is empty');
    }

    public function testATeamEndsWithAllThatHangsOnItAndOthersStay(): void
    {
        $this->signIn();
        $kites = $this->team();
        $terns = $this->number("SELECT COUNT(*) FROM player JOIN team ON team.id = team_id WHERE team.name = 'Terns'");
        $page = $this->open($kites, '/club');
        $this->browser->submit($page->selectButton('Delete the Kites')->form(['typed' => 'kites']));
        self::assertSelectorTextContains('.finding', 'it is not what was typed. Allowed: “Kites”');
        $this->browser->submit($page->selectButton('Delete the Kites')->form(['typed' => 'Kites']));
        self::assertResponseRedirects('/');
        $connection = $this->entities()->getConnection();
        /** @var list<string> $tables */
        $tables = $connection->fetchFirstColumn(self::OF_A_TEAM);
        self::assertGreaterThan(12, \count($tables));
        foreach ($tables as $table) {
            self::assertSame(
                [],
                $connection->fetchFirstColumn("SELECT 1 FROM $table WHERE team_id = ?", [$kites->id()->toBinary()]),
                $table,
            );
        }
        self::assertSame(0, $this->number("SELECT COUNT(*) FROM team WHERE name = 'Kites'"));
        self::assertSame(
            $terns,
            $this->number("SELECT COUNT(*) FROM player JOIN team ON team.id = team_id WHERE team.name = 'Terns'"),
        );
    }

    public function testAClubEndsOnlyByWhoLeadsAllItsTeams(): void
    {
        $coach = $this->signIn();
        $team = $this->newTeam($coach, Teams::nine());
        $other = new Team($team->club, 'Others', Level::Pro, $team->rules());
        $this->entities()->persist($other);
        $this->entities()->flush();
        $page = $this->open($team, '/club');
        $end = $page->selectButton('Delete Elsewhere and its teams')->form(['typed' => 'Elsewhere']);
        $this->browser->submit($end);
        self::assertSelectorTextContains('.finding', 'the Others have another head coach');
        $this->entities()
            ->getConnection()
            ->executeStatement('DELETE FROM team WHERE name = ?', ['Others']);
        $coaches = $this->entities()->getRepository(Account::class);
        self::assertNotNull($coaches->findOneBy(['email' => 'coach@saltmarsh.example']));
    }

    public function testTheDemoIsTakenOffByItsOwnCoach(): void
    {
        $this->signIn();
        $page = $this->open($this->team(), '/club');
        $this->browser->submit($page->selectButton('Delete Saltmarsh and its teams')->form(['typed' => 'Saltmarsh']));
        self::assertResponseRedirects('/sign-in');
        $this->browser->followRedirect();
        self::assertResponseRedirects('/setup');
        self::assertSame(0, $this->entities()->getRepository(Club::class)->count());
        self::assertSame(0, $this->entities()->getRepository(Account::class)->count());
    }

    public function testOnlyTheHeadCoachSeesIt(): void
    {
        $this->signIn('assistant');
        $this->open($this->team(), '/club');
        self::assertResponseStatusCodeSame(403);
    }

    public function testTheDemoReadsItsPostAndNobodyElse(): void
    {
        $this->signIn();
        $token = $this->open($this->team(), '/people')->filter('[name=_token]')->first()->attr('value');
        $this->browser->request('POST', '/kites/people/invite', [
            '_token' => $token,
            'role' => Role::Assistant->value,
            'email' => 'bo@elsewhere.example',
        ]);
        self::assertSame(1, $this->entities()->getRepository(Invitation::class)->count());
        $page = $this->open($this->team(), '/post-box');
        self::assertSelectorTextContains('h2', 'Wren Tolland invites you to the Kites');
        $this->browser->click($page->filter('main a')->first()->link());
        self::assertSelectorTextContains('h1', 'Join the Kites');
        $this->signIn('assistant');
        $this->open($this->team(), '/post-box');
        self::assertResponseStatusCodeSame(403);
        $this->entities()->persist(new Account('ada@fen-end.example', 'Ada'));
        $this->entities()->flush();
        $this->signIn();
        $this->open($this->team(), '/post-box');
        self::assertResponseStatusCodeSame(404, 'others live here: their mail is theirs');
    }
}
