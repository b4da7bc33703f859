<?php

declare(strict_types=1);

namespace FoxCorner\Tests\App;

use FoxCorner\App\Club\Player;
use FoxCorner\App\Club\PlayerRepository;
use FoxCorner\App\Shared\Csv\RowProblem;
use FoxCorner\App\Team\Reading;
use FoxCorner\App\Team\ReadingRepository;
use FoxCorner\App\Team\RosterCsv;
use FoxCorner\Core\People\Limit;
use FoxCorner\Core\People\Position;
use FoxCorner\Core\People\Quantity;
use FoxCorner\Core\People\RosterPlayer;
use FoxCorner\Tests\Core\Teams;
use PHPUnit\Framework\Attributes\TestWith;

final class TeamTest extends AppTestCase
{
    public function testAPlayerIsAddedAndChanged(): void
    {
        $this->signIn();
        $this->open($this->team(), '/team/player/new');
        $this->browser->submitForm('Save the player', [
            'player_form[name]' => 'Penhale',
            'player_form[number]' => '44',
            'player_form[positions]' => '8 7',
            'player_form[home_to_first]' => '3.11',
        ]);
        $this->browser->followRedirect();
        self::assertSelectorTextContains('.good', 'Penhale is saved');

        $this->browser->clickLink('Penhale');
        $this->browser->submitForm('Save Penhale', ['player_form[arm]' => '55']);
        $this->browser->followRedirect();
        self::assertSelectorTextContains('tbody tr:last-child', '55 mph');
    }

    #[TestWith(['home_to_first', '43', '43 is too large. Allowed: 2.2 to 8 seconds.'])]
    #[TestWith(['home_to_first', '-3', '-3 is too small.'])]
    #[TestWith(['home_to_first', 'fast', 'This is not a number.'])]
    #[TestWith(['arm', '400', '400 is too large.'])]
    #[TestWith(['pace', '0.1', '0.1 is too small.'])]
    #[TestWith(['number', '12', '12 is worn by somebody else'])]
    #[TestWith(['number', '', 'It is empty. Allowed: 0 to 99.'])]
    #[TestWith(['positions', '6 11', '"11" is no position.'])]
    #[TestWith(['positions', 'short', '"short" is no position.'])]
    #[TestWith(['name', '', 'It is empty.'])]
    public function testAProblemStandsAtItsFieldAndWhatWasTypedIsKept(string $field, string $typed, string $words): void
    {
        $this->signIn();
        $this->open($this->team(), '/team/player/new');
        $this->browser->submitForm(
            'Save the player',
            ["player_form[$field]" => $typed] + [
                'player_form[name]' => 'Penhale',
                'player_form[number]' => '44',
                'player_form[positions]' => '8',
            ],
        );

        self::assertResponseStatusCodeSame(422);
        self::assertSelectorTextContains("#player_form_{$field}_more .field-problem", $words);
        self::assertInputValueSame("player_form[$field]", $typed);
        if ('name' !== $field) {
            self::assertInputValueSame('player_form[name]', 'Penhale');
        }
    }

    public function testTwoCoachesAtOnePlayer(): void
    {
        $this->signIn();
        $player = $this->entities()
            ->getRepository(Player::class)
            ->findOneBy(['team' => $this->team(), 'number' => 6]);
        self::assertNotNull($player);
        $this->open($this->team(), "/team/player/{$player->id()}");
        $this->entities()
            ->getConnection()
            ->executeStatement('UPDATE player SET version = version + 1, arm = 61 WHERE id = ?', [
                $player->id()->toBinary(),
            ]);
        $this->entities()->clear();
        $this->browser->submitForm('Save Marsh', ['player_form[name]' => 'Marshal']);

        self::assertSelectorTextContains('[role=alert]', 'Somebody else has changed it since you opened it');
        self::assertInputValueSame('player_form[name]', 'Marshal');
    }

    public function testTheMedianOfTheReadingsCountsAndUndoTakesOneBack(): void
    {
        $this->signIn();
        $lund = fn(): ?float => $this->entities()
            ->getRepository(Player::class)
            ->findOneBy(['name' => 'Lund'])
            ?->asRosterPlayer()->traits->homeToFirst;
        $id = (string) $this->entities()
            ->getRepository(Player::class)
            ->findOneBy(['name' => 'Lund'])
            ?->id();
        foreach (['3,30', '3.22', '3.26'] as $typed) {
            $this->open($this->team(), '/team/stopwatch');
            $this->browser->submitForm('Save the time', ['player' => $id, 'value' => $typed]);
            self::assertResponseRedirects();
        }
        $this->entities()->clear();
        self::assertSame(3.26, $lund());
        $page = $this->open($this->team(), '/team/stopwatch');
        self::assertSelectorTextContains('tbody tr:first-child', '3.26 s');
        self::assertStringContainsString('far from the others', $page->filter('tr:contains("3.61")')->text());

        $this->browser->submit($page->filter('tbody form')->first()->form());
        $this->entities()->clear();
        self::assertEqualsWithDelta(3.26, $lund(), 1e-9, 'the mean of the two that are left');
    }

    #[TestWith(['', '3.2', 'Nobody is picked'])]
    #[TestWith(['Lund', '43', '43 is too large. Allowed: 2.2 to 8 seconds.'])]
    #[TestWith(['Lund', 'quick', '"quick" is not a number'])]
    public function testAReadingThatCannotBeIsKeptForMending(string $name, string $typed, string $words): void
    {
        $this->signIn();
        $id =
            '' === $name
                ? ''
                : (string) $this->entities()
                    ->getRepository(Player::class)
                    ->findOneBy(['name' => $name])
                    ?->id();
        $this->open($this->team(), '/team/stopwatch');
        $this->browser->submitForm('Save the time', ['player' => $id, 'value' => $typed]);

        self::assertResponseStatusCodeSame(422);
        self::assertSelectorTextContains('.field-problem', $words);
        self::assertInputValueSame('value', $typed);
    }

    public function testTheFieldIsMeasuredAnew(): void
    {
        $this->signIn();
        $this->open($this->team(), '/team/field');
        $this->browser->submitForm('Save the field', [
            'field_form[ruleSet]' => 'baseball-70',
            'field_form[basePath]' => '',
            'field_form[pitchingDistance]' => '',
            'field_form[right]' => '181.5',
        ]);
        $this->browser->followRedirect();

        self::assertSelectorTextContains('body', 'Baseball, 70 ft, seven innings');
        self::assertSelectorTextContains('body', '70 ft');
    }

    #[TestWith(['basePath', '77000', '77000 is too large. Allowed: 45 to 100 feet.'])]
    #[TestWith(['pitchingDistance', '64', '64 ft is not shorter than the base path.'])]
    #[TestWith(['center', '12', '12 is too small. Allowed: 100 to 450 feet.'])]
    public function testAFieldThatCannotBe(string $field, string $typed, string $words): void
    {
        $this->signIn();
        $this->open($this->team(), '/team/field');
        $this->browser->submitForm('Save the field', ["field_form[$field]" => $typed]);

        self::assertSelectorTextContains("#field_form_{$field}_more", $words);
        self::assertInputValueSame("field_form[$field]", $typed);
    }

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
        $this->browser->submitForm('Look it over', ['text' => "number,name,positions\n99,Ash,quick\n"]);

        self::assertResponseStatusCodeSame(422);
        self::assertSelectorTextContains('tbody', '"quick" is no position');
        self::assertStringContainsString(
            '99,Ash,quick',
            $this->browser->getCrawler()->filter('textarea')->last()->text(),
        );
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
    #[TestWith(["\"no.\",\"first.name\",name,pos\n3,Jo,Ash,\"Right field\"\n", [9], 'R', 'R'])]
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
                ['Ash', 3, $positions, $throws, $bats],
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
        $player = new RosterPlayer($player->id, $name, 7, $player->positions, $player->traits);
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

    public function testOfManyTriesTheOldestFallOut(): void
    {
        $coach = $this->signIn();
        $lund =
            $this->entities()
                ->getRepository(Player::class)
                ->findOneBy(['name' => 'Lund']) ?? self::fail('Lund is on the roster.');
        foreach (range(1, 60) as $_) {
            $this->entities()->persist(new Reading($lund, Quantity::HomeToFirst, 4.0, $coach, self::now()));
        }
        $this->entities()->flush();
        foreach (range(1, 31) as $_) {
            self::getContainer()
                ->get(ReadingRepository::class)
                ->alone(
                    $lund,
                    fn() => $this->entities()->persist(
                        new Reading($lund, Quantity::HomeToFirst, 3.2, $coach, self::now()),
                    ),
                    Quantity::HomeToFirst,
                );
        }

        self::assertSame(
            60,
            $this->entities()
                ->getRepository(Reading::class)
                ->count(['player' => $lund]),
        );
        self::assertSame(3.2, $lund->asRosterPlayer()->traits->homeToFirst, '31 of 60 are 3.2');
    }

    public function testTheSamePlayerAtTwoPositionsIsRefusedInWords(): void
    {
        $this->signIn();
        $id = $this->player('Marsh')->id;
        $this->open($this->team(), '/team/lineup');
        $this->browser->submitForm('Play these nine', ['at_4' => $id, 'at_6' => $id]);

        self::assertResponseStatusCodeSame(422);
        self::assertSelectorTextContains(
            '[role=alert]',
            'Position 6: Marsh plays 4 and 6. Allowed: one place for each player.',
        );
        self::assertSame($id, $this->browser->getCrawler()->filter('#at_4 option[selected]')->attr('value'));
    }

    private function player(string $name): RosterPlayer
    {
        $this->entities()->clear();

        return $this->entities()
            ->getRepository(Player::class)
            ->findOneBy(['team' => $this->team(), 'name' => $name])
            ?->asRosterPlayer() ?? self::fail("$name is on the roster.");
    }
}
