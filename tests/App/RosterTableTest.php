<?php

declare(strict_types=1);

namespace FoxCorner\Tests\App;

use FoxCorner\App\Club\Player;
use FoxCorner\App\Club\PlayerRepository;
use FoxCorner\App\Shared\Csv\RowProblem;
use FoxCorner\App\Team\RosterCsv;
use FoxCorner\Core\People\Limit;
use FoxCorner\Core\People\Position;
use FoxCorner\Core\People\RosterPlayer;
use FoxCorner\Tests\Core\Teams;
use PHPUnit\Framework\Attributes\TestWith;

/** The roster as a table: what spreadsheets save, what is wrong with it, what it changes. */
final class RosterTableTest extends AppTestCase
{
    use OnTheRoster;

    public function testWhatASpreadsheetSaves(): void
    {
        $reading = (new RosterCsv())->read(
            "\xEF\xBB\xBFNumber;Name;Positions;Throws;Bats;Home to first s;Arm mph\r\n3;Ødegård;6 " .
                "4;R;SL;3,05;\r\n;;;;;;\r\n\"7\";\"Mary Ann\";\"2\";l;;;51,5\r\n",
        );

        self::assertEquals([], $reading->problems);
        self::assertSame(
            ['Ødegård', 'Mary Ann'],
            array_map(static fn(RosterPlayer $player): string => $player->name, $reading->players),
        );
        self::assertSame(3.05, $reading->players[0]->traits->homeToFirst);
        self::assertSame(51.5, $reading->players[1]->traits->armMph);
        self::assertNull($reading->players[1]->traits->homeToFirst);
    }

    public function testListsAsClubsKeepThem(): void
    {
        $reading = (new RosterCsv())->read(
            "Tidewater tryouts,,,,\nNo,First name,Last name,Pos,Home-1st (sec),Shoe\n" .
                "12,Ana,Marsh,UTIL/SS,3.05 / 3.11,7\n14,Bo,Reyes,DH,3.4,8\n",
        );

        self::assertEquals([], $reading->problems);
        self::assertSame(
            ['Ana Marsh', 'Bo Reyes'],
            array_column(array_map(get_object_vars(...), $reading->players), 'name'),
        );
        self::assertEqualsWithDelta(3.08, $reading->players[0]->traits->homeToFirst ?? 0.0, 1e-9, 'the mean of two');
        self::assertSame([Position::Shortstop], $reading->players[0]->positions);
        self::assertSame([Position::RightField], $reading->players[1]->positions, 'until it is said');
        self::assertSame([[], ['DH']], array_column(array_map(get_object_vars(...), $reading->lines), 'asked'));
        self::assertSame(['shoe' => 'Shoe'], $reading->unused);
    }

    public function testAHeadingThatNobodyKnowsIsAskedAbout(): void
    {
        $this->signIn();
        $this->open($this->team(), '/team/import');
        $this->browser->submitForm('Look it over', ['text' => "No,Name,Pos,Bag to bag\n31,Penhale,8,3.31\n"]);
        self::assertSelectorTextContains('form.note label', '“Bag to bag” is');
        $this->browser->submitForm('Look again', ['as[bag_to_bag]' => 'home_to_first_s']);
        self::assertSelectorTextContains('tbody', '3.31 s');
        $this->browser->submitForm('Write this one to the roster');
        self::assertResponseRedirects();
        $penhale = $this->entities()
            ->getRepository(Player::class)
            ->findOneBy(['name' => 'Penhale']);
        self::assertSame(3.31, $penhale?->asRosterPlayer()->traits->homeToFirst);
    }

    public function testEveryBadCellIsNamedByRowAndColumn(): void
    {
        $reading = (new RosterCsv())->read(
            "number,name,positions,throws,home_to_first_s\n1,Ash,1,R,3.2\n1,Birk,2,R,\nx,Cole,3,,\n4,Dale,12,,\n" .
                "5,Elm,5,Q,\n6,Fir,6,,43\n7,,7,,\n",
        );

        self::assertSame(
            ['3 number', '4 number', '5 positions', '6 throws', '7 home_to_first_s', '8 name'],
            array_map(static fn(RowProblem $problem): string => "$problem->row $problem->column", $reading->problems),
        );
        self::assertCount(1, $reading->players);
    }

    #[TestWith(['', 'There is nothing in it'])]
    #[TestWith(["name,positions\nAsh,1", 'The column is missing'])]
    #[TestWith(["number,name,positions\n", 'There is no line below the first'])]
    public function testTablesThatAreNone(string $text, string $words): void
    {
        self::assertSame($words, (new RosterCsv())->read($text)->problems[0]->wrong);
    }

    public function testDoubleZeroIsAnotherShirtThanZero(): void
    {
        $reading = (new RosterCsv())->read(
            "number,name,positions\n00,Ash,1\n0,Birk,2\n07,Cole,3\n7,Dale,4\n000,Elm,5\n",
        );
        self::assertSame(['00', '0', '7'], array_map(static fn($player): string => $player->number, $reading->players));
        self::assertSame(
            ['5 7 is worn by somebody else on the team', '6 0 is worn by somebody else on the team'],
            array_map(static fn(RowProblem $problem): string => "$problem->row $problem->wrong", $reading->problems),
        );

        $this->signIn();
        $this->open($this->team(), '/team/import');
        $this->browser->submitForm('Look it over', ['text' => "number,name,positions\n00,Ash,8\n0,Birk,9\n"]);
        $this->browser->submitForm('Write these 2 to the roster');
        $page = $this->follow();
        $worn = $page->filter('tbody tr td:first-child')->each(static fn($cell): string => trim($cell->text()));
        self::assertSame(['00', '0', '4'], \array_slice($worn, 0, 3), 'in the order of the shirts');
        $roster = self::getContainer()->get(PlayerRepository::class)->rosterOf($this->team());
        self::assertStringContainsString('00,Ash,8', (new RosterCsv())->write($roster));
    }

    public function testOutAndInIsTheSame(): void
    {
        $roster = self::getContainer()->get(PlayerRepository::class)->rosterOf($this->team());
        $again = (new RosterCsv())->read((new RosterCsv())->write($roster));
        $plain = static fn(RosterPlayer $player): array => [
            $player->name,
            $player->number,
            $player->positions,
            $player->traits,
            $player->limit,
        ];

        self::assertEquals([], $again->problems);
        self::assertEquals(array_map($plain, $roster), array_map($plain, $again->players));
    }

    public function testNothingIsWrittenBeforeItIsConfirmed(): void
    {
        $team = $this->newTeam($this->signIn(), [Teams::player(1, 1)]);
        $this->open($team, '/team/import');
        $this->browser->submitForm('Look it over', ['text' => "number;name;positions\n1;Ash;1\n2;Birk;2\n"]);
        self::assertSelectorTextContains('h1', '2 players can be read: 1 new, 1 changed; nothing is written yet');
        self::assertSelectorTextContains('tbody tr:first-child', 'name P1 → Ash');
        self::assertSelectorTextContains('tbody tr:last-child', 'new: plays 2');
        self::assertCount(
            1,
            $this->entities()
                ->getRepository(Player::class)
                ->findBy(['team' => $team]),
        );

        $this->browser->submitForm('Write these 2 to the roster');
        $this->browser->followRedirect();
        self::assertSelectorTextContains('.good', 'Roster read from a list: 1 new, 1 changed.');
        self::assertSelectorTextContains('.finding', 'there are 2 players on it');
    }

    public function testABadTableIsKeptForMending(): void
    {
        $this->signIn();
        $this->open($this->team(), '/team/import');
        $this->browser->submitForm('Look it over', ['text' => "number,name,positions\n99,Ash,12\n"]);

        self::assertResponseStatusCodeSame(422);
        self::assertSelectorTextContains('tbody', '"12" is no position');
        self::assertStringContainsString('99,Ash,12', $this->browser->getCrawler()->filter('textarea')->last()->text());
    }

    public function testAColumnThatIsLeftOutLeavesWhatIsThere(): void
    {
        $this->signIn();
        $before = $this->player('Marsh');
        $this->open($this->team(), '/team/import');
        $this->browser->submitForm('Look it over', ['text' => "#,Player,Arm\n6,Marsh,58\n12,Oyelaran,\n7,Quist,-\n"]);
        self::assertSame(
            ['arm 56 mph → 58 mph', 'stays as it is', 'arm 57 mph → none'],
            $this->browser
                ->getCrawler()
                ->filter('tbody tr td:last-child')
                ->each(static fn($cell): string => $cell->text()),
        );
        $this->browser->submitForm('Write these 3 to the roster');
        $this->browser->followRedirect();
        self::assertSelectorTextContains('.good', 'Roster read from a list: 0 new, 2 changed.');
        $after = $this->player('Marsh');

        self::assertSame(58.0, $after->traits->armMph);
        self::assertEquals(
            [$before->traits->homeToFirst, $before->traits->paceFeet, $before->traits->bats, $before->positions],
            [$after->traits->homeToFirst, $after->traits->paceFeet, $after->traits->bats, $after->positions],
        );
        self::assertSame(Limit::NoThrowing, $this->player('Oyelaran')->limit);
        self::assertNull($this->player('Quist')->traits->armMph);
    }

    public function testARosterThatChangedSinceTheLookIsLookedAtAgain(): void
    {
        $this->signIn();
        $this->open($this->team(), '/team/import');
        $this->browser->submitForm('Look it over', ['text' => "number,name,arm_mph\n6,Marsh,58\n"]);
        $this->entities()->getConnection()->executeStatement("UPDATE player SET arm = 59 WHERE name = 'Marsh'");
        $this->browser->submitForm('Write this one to the roster');

        self::assertSelectorTextContains('[role=alert]', 'The roster has changed since you looked');
        self::assertSelectorTextContains('tbody', 'arm 59 mph → 58 mph');
        self::assertSame(59.0, $this->player('Marsh')->traits->armMph);
    }

    public function testAnImportIsTakenBack(): void
    {
        $this->signIn();
        $before = $this->entities()->getConnection()->fetchAllAssociative('SELECT * FROM player ORDER BY id');
        $this->open($this->team(), '/team/import');
        $this->browser->submitForm('Look it over', [
            'text' => "number,name,positions,arm_mph\n6,Marshall,6,58\n61,Penhale,8,\n",
        ]);
        $this->browser->submitForm('Write these 2 to the roster');
        $this->browser->followRedirect();
        $this->browser->submitForm('Undo');
        $plain = static fn(array $row): array => array_diff_key($row, ['version' => 0]);

        self::assertSame(
            array_map($plain, $before),
            array_map(
                $plain,
                $this->entities()->getConnection()->fetchAllAssociative('SELECT * FROM player ORDER BY id'),
            ),
        );
    }

    /**
     * Lists as people have them.
     *
     * @param list<int> $positions
     */
    #[TestWith(["#,Player,Pos,T,B\n3,Ash,SS/2B,R,L\n", [6, 4], 'R', 'L'])]
    #[TestWith(["No.;Name;Position;Throws;Bats\n3;Ash;P/OF;Right;Switch\n", [1, 7, 8, 9], 'R', 'S'])]
    #[TestWith(["Jersey\tPlayer Name\tPos.\tB/T\n3\tAsh\tCF, 1B\tL/L\n", [8, 3], 'L', 'L'])]
    #[TestWith(["3,Ash,SS,R,R\n4,Birk,C,R,L\n", [6], 'R', 'R'])]
    #[TestWith(["Ash,3,shortstop\n", [6], 'R', 'R'])]
    #[TestWith(["\"no.\",\"shoe.size\",name,pos\n3,38,Ash,\"Right field\"\n", [9], 'R', 'R'])]
    public function testRealSpreadsheetsAreUnderstood(
        string $text,
        array $positions,
        string $throws,
        string $bats,
    ): void {
        foreach (
            [
                $text,
                "\u{FEFF}$text",
                "\xFF\xFE" . mb_convert_encoding($text, 'UTF-16LE', 'UTF-8'),
                "\xFE\xFF" . mb_convert_encoding($text, 'UTF-16BE', 'UTF-8'),
                mb_convert_encoding($text, 'UTF-16LE', 'UTF-8'),
            ] as $written
        ) {
            $reading = (new RosterCsv())->read($written);
            self::assertEquals([], $reading->problems);
            $ash = $reading->players[0];
            self::assertSame(
                ['Ash', '3', $positions, $throws, $bats],
                [
                    $ash->name,
                    $ash->number,
                    Position::numbers($ash->positions),
                    $ash->traits->throws->value,
                    $ash->traits->bats->value,
                ],
            );
        }
    }

    public function testLettersOfWindowsAreUnderstood(): void
    {
        self::assertSame('Bjørn', (new RosterCsv())->read("number,name,positions\n3,Bj\xF8rn,6\n")->players[0]->name);
    }

    /** A spreadsheet would take such a name for a formula. */
    #[TestWith(['=HYPERLINK("x")'])]
    #[TestWith(['@sum'])]
    #[TestWith(['+1'])]
    #[TestWith(['-Ash'])]
    #[TestWith(["'=Ash"])]
    #[TestWith(["'Ash"])]
    public function testNoCellIsAFormulaAndAllComeBack(string $name): void
    {
        $player = Teams::player(7, 6);
        $player = new RosterPlayer($player->id, $name, '7', $player->positions, $player->traits);
        $csv = (new RosterCsv())->write([$player]);

        self::assertDoesNotMatchRegularExpression('/(^|,)"?[=@+-]/m', $csv);
        self::assertSame($name, (new RosterCsv())->read($csv)->players[0]->name);
    }

    public function testASpreadsheetGetsItsMarkOnRequest(): void
    {
        $this->signIn();
        $this->open($this->team(), '/team/roster.csv');
        self::assertStringStartsWith('number,name', (string) $this->browser->getResponse()->getContent());
        $this->open($this->team(), '/team/roster.csv?bom=1');
        self::assertStringStartsWith("\u{FEFF}number,name", (string) $this->browser->getResponse()->getContent());
    }
}
