<?php

declare(strict_types=1);

namespace FoxCorner\Tests\App;

use FoxCorner\App\Archive\ArchiveImport;
use FoxCorner\App\Archive\ArchiveReader;
use FoxCorner\App\Archive\ArchiveWriter;
use FoxCorner\App\Archive\PageRules;
use FoxCorner\App\Club\Club;
use FoxCorner\App\Club\Team;
use FoxCorner\App\Shared\Json\Schemas;
use FoxCorner\Core\Problem\Problem;
use FoxCorner\Core\Problem\Refused;
use Opis\JsonSchema\Validator;
use PHPUnit\Framework\Attributes\TestWith;

/** A team's and a club's data, out and in to the letter; and what is no archive. */
final class ArchiveTest extends AppTestCase
{
    use Archived;

    public function testTheDemoClubOutAndInAndOutAgainIsTheSameToTheByte(): void
    {
        $coach = $this->signIn();
        $club = $this->team()->club;
        $writer = self::getContainer()->get(ArchiveWriter::class);
        $teams = $this->entities()
            ->getRepository(Team::class)
            ->findBy(['club' => $club], ['id' => 'ASC']);
        self::assertCount(2, $teams);
        $out = $writer->of('club', $club->name, $teams);
        $archive = ArchiveReader::read($this->file($out));
        self::assertSame([14, 0], [$archive->teams[0]->count('player'), $archive->teams[0]->count('solve_job')]);
        $in = self::getContainer()->get(ArchiveImport::class)->into(null, $archive, $coach);
        self::assertNotEquals($teams[0]->id(), $in[0]->id());
        self::assertSame('Saltmarsh', $in[0]->club->name);
        self::assertFalse($in[0]->club->id()->equals($club->id()), 'a club of its own');
        self::assertSame($out, $writer->of('club', 'Saltmarsh', $in));
        $this->entities()->clear();
        foreach (['', '/practice', '/team'] as $page) {
            $this->browser->request('GET', '/' . $in[0]->address() . $page);
            self::assertResponseIsSuccessful($page);
        }
    }

    public function testNothingOfAnArchiveIsOfTheHouse(): void
    {
        $this->signIn();
        $files = $this->files(
            self::getContainer()
                ->get(ArchiveWriter::class)
                ->of('team', 'Kites', [$this->team()]),
        );
        self::assertSame(
            [
                'archive.json',
                'readme.txt',
                'team-1.json',
                'team-1/opponent-1.csv',
                'team-1/practices.ics',
                'team-1/roster.csv',
            ],
            array_values(
                array_filter(
                    array_keys($files),
                    static fn(string $name): bool => 1 !== preg_match('/opponent-2|svg/', $name),
                ),
            ),
        );
        foreach ($files as $name => $content) {
            self::assertStringNotContainsString('coach@saltmarsh.example', $content, $name);
            self::assertDoesNotMatchRegularExpression('/password|\$2y\$/', $content, $name);
        }
        self::mustFit('archive', $files['archive.json']);
        self::mustFit('archive-team', $files['team-1.json']);
        self::assertStringContainsString('Marsh', $files['team-1/roster.csv']);
        self::assertStringContainsString('BEGIN:VEVENT', $files['team-1/practices.ics']);
        $drawn = array_filter(
            $files,
            static fn(string $name): bool => str_ends_with($name, '.svg'),
            \ARRAY_FILTER_USE_KEY,
        );
        self::assertCount(24, $drawn);
        $svg = simplexml_load_string($drawn['team-1/situation-r1-0.svg']);
        self::assertNotFalse($svg, 'it stands for itself');
        self::assertSame('svg', $svg->getName());
        self::assertStringContainsString('Double play, corners in', (string) $svg->title);
        self::assertStringContainsString('Marsh', $drawn['team-1/situation-r1-0.svg']);
    }

    public function testATeamIsLookedOverAndBroughtInOnThePages(): void
    {
        $this->signIn();
        $this->take('/kites/club/team.zip');
        self::assertResponseHeaderSame('content-disposition', 'attachment; filename=kites.zip');
        $out = (string) $this->browser->getResponse()->getContent();
        $page = $this->open($this->team(), '/club/import');
        $this->upload($page->filter('[name=_token]')->first()->attr('value'), $this->file($out));
        $page = $this->follow();
        self::assertSelectorTextContains('h1', 'The Kites, as they were');
        self::assertSelectorTextContains('tbody', '14');
        $before = $this->number('SELECT COUNT(*) FROM player');
        $this->browser->submit($page->selectButton('Bring it in')->form());
        $this->browser->followRedirect();
        self::assertResponseRedirects('/kites-2');
        $this->browser->followRedirect();
        self::assertSelectorTextContains('.good', 'The Kites are here, as they were.');
        self::assertSame($before + 14, $this->number('SELECT COUNT(*) FROM player'));
        $this->take('/kites-2/club/team.zip');
        self::assertSame($out, $this->browser->getResponse()->getContent());
        $this->browser->submit($page->selectButton('Bring it in')->form());
        self::assertResponseStatusCodeSame(422);
        self::assertSelectorTextContains('.finding', 'it was taken already');
    }

    /** @param string $from what is replaced in the file, by what; empty: the file is that */
    #[TestWith(['archive.json', 'fox-corner-archive', 'x', 'it is not one of Fox Corner'])]
    #[TestWith(['archive.json', '"version": 1', '"version": 2', 'its version is 2'])]
    #[TestWith(['archive.json', '"what": "team"', '"what": "house"', 'it does not say what it is of'])]
    #[TestWith(['archive.json', '"teams": 1', '"teams": 2', '“team-2.json” is missing'])]
    #[TestWith(['team-1.json', '', '{', 'is no JSON'])]
    #[TestWith(['../../passwd.json', '', '{}', 'it has a file “../../passwd.json”'])]
    #[TestWith(['x.php', '', '<?php', 'it has a file “x.php”'])]
    #[TestWith(['team-1.json', '"tables": {', '"tables": {"account": [],', 'it has a table “account”'])]
    #[TestWith(['team-1.json', '"name": "Kites"', '"name": "Kites", "id": "1"', '“id” is missing or unknown'])]
    #[TestWith(['team-1.json', '"number": 1,', '"number": "one",', 'it is no int'])]
    #[
        TestWith([
            'team-1.json',
            '"player_id": "00000000-0000-8000-8000-0',
            '"player_id": "00000000-0000-8000-8000-9',
            'it names a row that is not there',
        ]),
    ]
    #[TestWith(['team-1.json', '"rule_set": "fastpitch-43"', '"rule_set": "cricket"', 'cricket'])]
    #[
        TestWith([
            'team-1.json',
            '"level": "fastpitch-14-16u"',
            '"level": "moon"',
            'in team-1.json, team, level "moon" is not known',
        ]),
    ]
    #[TestWith(['team-1.json', '"name": "Kites"', '"name": " "', 'in team-1.json, team, name it is empty'])]
    #[TestWith(['team-1.json', '"name": "Marsh"', '"name": ""', 'name it is empty (allowed: 1 to 60 letters)'])]
    #[TestWith(['team-1.json', '"name": "Marsh"', '"name": "Ma\\u0000rsh"', 'name it has signs that nobody can type'])]
    #[
        TestWith([
            'team-1.json',
            '"number": 1,',
            '"number": 100,',
            'number 100 is too large (allowed: 0 to 99 on the shirt, or 00)',
        ]),
    ]
    #[TestWith(['team-1.json', '"home_to_first": 2.94', '"home_to_first": 0.2', 'home to first 0.2 is too small'])]
    #[TestWith(['team-1.json', '"minutes": 60', '"minutes": -5', 'minutes -5 is too small (allowed: 40 to 180'])]
    #[TestWith(['team-1.json', '"kind": "steal"', '"kind": "x"', 'kind "x" is not known'])]
    #[TestWith(['team-1.json', '"grade": "well"', '"grade": "superb"', 'grade "superb" is not known'])]
    #[TestWith(['team-1.json', '"ends_at": "20', '"ends_at": "19', 'ends at it is no day of ours'])]
    #[TestWith(['team-1.json', '"quantity": "home-to-first"', '"quantity": "luck"', 'quantity "luck" is not known'])]
    #[TestWith(['team-1.json', '"lengths": [', '"lengths": [-1,', 'lengths -1 is too small'])]
    #[TestWith(['team-1.json', '"letters": "', '"letters": "aeiou', 'letters they are not of an address'])]
    #[TestWith(['team-1.json', '"taken_at": "20', '"taken_at": "99-99-', 'it is no time'])]
    #[TestWith(['team-1.json', '"throws": "R"', '"throws": "X"', 'throws "X" is not known'])]
    public function testWhatDoesNotFitIsRefusedAndNothingIsWritten(
        string $file,
        string $from,
        string $to,
        string $words,
    ): void {
        $coach = $this->signIn();
        $files = $this->files(
            self::getContainer()
                ->get(ArchiveWriter::class)
                ->of('team', 'Kites', [$this->team()]),
        );
        if ('' !== $from) {
            $at = strpos($files[$file], $from);
            self::assertNotFalse($at);
            $to = substr_replace($files[$file], $to, $at, \strlen($from));
        }
        $path = $this->pack([$file => $to] + $files);
        $before = $this->number('SELECT COUNT(*) FROM player') + $this->number('SELECT COUNT(*) FROM team');
        try {
            $archive = ArchiveReader::read($path);
            self::getContainer()->get(ArchiveImport::class)->into($this->team()->club, $archive, $coach);
            self::fail('It was taken.');
        } catch (Problem $problem) {
            self::assertStringContainsString($words, $problem->wrong());
            self::assertNotSame('', $problem->allowed());
        }
        self::assertSame(
            $before,
            $this->number('SELECT COUNT(*) FROM player') + $this->number('SELECT COUNT(*) FROM team'),
        );
    }

    public function testAnArchiveOfEarlierIsRead(): void
    {
        $coach = $this->signIn();
        $files = $this->files(
            self::getContainer()
                ->get(ArchiveWriter::class)
                ->of('team', 'Kites', [$this->team()]),
        );
        $text = str_replace('"grade": "well"', '"attention": true, "grade": "well"', $files['team-1.json'], $times);
        self::assertGreaterThan(0, $times, 'as it was when a turn could be marked');
        $archive = ArchiveReader::read($this->pack(['team-1.json' => $text] + $files));
        $before = $this->number('SELECT COUNT(*) FROM turn_record');
        self::getContainer()->get(ArchiveImport::class)->into($this->team()->club, $archive, $coach);
        self::assertSame(
            $before + $archive->teams[0]->count('turn_record'),
            $this->number('SELECT COUNT(*) FROM turn_record'),
        );
    }

    public function testABookingThatEndsBeforeItBeginsIsRefused(): void
    {
        $this->expectException(Refused::class);
        $this->expectExceptionMessage('it ends before it begins');
        PageRules::row('booking', [
            'uid' => 'a',
            'starts_at' => '2027-05-01 12:00:00',
            'ends_at' => '2027-05-01 11:59:59',
            'summary' => 'Game',
            'place' => '',
            'all_day' => false,
            'takes_field' => true,
        ]);
    }

    public function testOnlyWhoLeadsAllTeamsTakesTheClubOut(): void
    {
        $coach = $this->signIn();
        $team = $this->newTeam($coach);
        $this->entities()->persist(new Team($this->club($team), 'Others', $team->level(), $team->rules()));
        $this->entities()->flush();
        $this->take("/{$team->address()}/club/all.zip");
        self::assertResponseStatusCodeSame(403);
        $this->signIn('assistant');
        $this->take('/kites/club/team.zip');
        self::assertResponseStatusCodeSame(403);
    }

    private static function mustFit(string $schema, string $json): void
    {
        $result = (new Validator())->validate(
            json_decode($json),
            (new Schemas(\dirname(__DIR__, 2) . '/docs/schemas'))->read($schema),
        );
        self::assertTrue($result->isValid(), (string) $result->error());
    }

    private function club(Team $team): Club
    {
        return $this->entities()->find(Club::class, $team->club->id()) ?? self::fail();
    }
}
