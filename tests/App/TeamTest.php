<?php

declare(strict_types=1);

namespace FoxCorner\Tests\App;

use FoxCorner\App\Team\Player;
use FoxCorner\App\Team\PlayerRepository;
use FoxCorner\App\Team\RosterCsv;
use FoxCorner\App\Shared\Csv\RowProblem;
use FoxCorner\Core\People\RosterPlayer;
use FoxCorner\Tests\Core\Teams;
use PHPUnit\Framework\Attributes\TestWith;

final class TeamTest extends AppTestCase
{
    public function testAPlayerIsAddedAndChanged(): void
    {
        $this->signIn();
        $this->open($this->team(), '/team/player/new');
        $this->browser->submitForm('Save the player', ['player_form[name]' => 'Penhale', 'player_form[number]' => '44', 'player_form[positions]' => '8 7', 'player_form[homeToFirst]' => '3.11']);
        $this->browser->followRedirect();
        self::assertSelectorTextContains('.good', 'Penhale is saved');

        $this->browser->clickLink('Penhale');
        $this->browser->submitForm('Save Penhale', ['player_form[arm]' => '55']);
        $this->browser->followRedirect();
        self::assertSelectorTextContains('tbody tr:last-child', '55 mph');
    }

    #[TestWith(['homeToFirst', '43', '43 is too large. Allowed: 2.2 to 8 seconds.'])]
    #[TestWith(['homeToFirst', '-3', '-3 is too small.'])]
    #[TestWith(['homeToFirst', 'fast', 'This is not a number.'])]
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
        $this->browser->submitForm('Save the player', ["player_form[$field]" => $typed] + ['player_form[name]' => 'Penhale', 'player_form[number]' => '44', 'player_form[positions]' => '8']);

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
        $player = $this->entities()->getRepository(Player::class)->findOneBy(['team' => $this->team(), 'number' => 6]);
        self::assertNotNull($player);
        $this->open($this->team(), "/team/player/{$player->id()}");
        $this->entities()->getConnection()->executeStatement('UPDATE player SET version = version + 1, arm = 61 WHERE id = ?', [$player->id()->toBinary()]);
        $this->entities()->clear();
        $this->browser->submitForm('Save Marsh', ['player_form[name]' => 'Marshal']);

        self::assertSelectorTextContains('[role=alert]', 'Somebody else has changed this player');
        self::assertInputValueSame('player_form[name]', 'Marshal');
    }

    public function testTheMedianOfTheReadingsCountsAndUndoTakesOneBack(): void
    {
        $this->signIn();
        $lund = fn(): ?float => $this->entities()->getRepository(Player::class)->findOneBy(['name' => 'Lund'])?->asRosterPlayer()->traits->homeToFirst;
        $id = (string) $this->entities()->getRepository(Player::class)->findOneBy(['name' => 'Lund'])?->id();
        foreach (['3,30', '3.22', '3.26'] as $typed) {
            $this->open($this->team(), '/team/stopwatch');
            $this->browser->submitForm('Keep it', ['player' => $id, 'value' => $typed]);
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
        $id = '' === $name ? '' : (string) $this->entities()->getRepository(Player::class)->findOneBy(['name' => $name])?->id();
        $this->open($this->team(), '/team/stopwatch');
        $this->browser->submitForm('Keep it', ['player' => $id, 'value' => $typed]);

        self::assertResponseStatusCodeSame(422);
        self::assertSelectorTextContains('.field-problem', $words);
        self::assertInputValueSame('value', $typed);
    }

    public function testTheFieldIsMeasuredAnew(): void
    {
        $this->signIn();
        $this->open($this->team(), '/team/field');
        $this->browser->submitForm('Save the field', ['field_form[ruleSet]' => 'baseball-70', 'field_form[basePath]' => '', 'field_form[pitchingDistance]' => '', 'field_form[right]' => '181.5']);
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
        $reading = (new RosterCsv())->read("\xEF\xBB\xBFNumber;Name;Positions;Throws;Bats;Home to first s;Arm mph\r\n3;Ødegård;6 4;R;SL;3,05;\r\n;;;;;;\r\n\"7\";\"Mary Ann\";\"2\";l;;;51,5\r\n");

        self::assertEquals([], $reading->problems);
        self::assertSame(['Ødegård', 'Mary Ann'], array_map(static fn(RosterPlayer $player): string => $player->name, $reading->players));
        self::assertSame(3.05, $reading->players[0]->traits->homeToFirst);
        self::assertSame(51.5, $reading->players[1]->traits->armMph);
        self::assertNull($reading->players[1]->traits->homeToFirst);
    }

    public function testEveryBadCellIsNamedByRowAndColumn(): void
    {
        $reading = (new RosterCsv())->read("number,name,positions,throws,home_to_first_s\n1,Ash,1,R,3.2\n1,Birk,2,R,\nx,Cole,3,,\n4,Dale,12,,\n5,Elm,5,Q,\n6,Fir,6,,43\n7,,7,,\n");

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
        $plain = static fn(RosterPlayer $player): array => [$player->name, $player->number, $player->positions, $player->traits, $player->limit];

        self::assertEquals([], $again->problems);
        self::assertEquals(array_map($plain, $roster), array_map($plain, $again->players));
    }

    public function testNothingIsWrittenBeforeItIsConfirmed(): void
    {
        $team = $this->newTeam($this->signIn(), [Teams::player(1, 1)]);
        $this->open($team, '/team/import');
        $this->browser->submitForm('Look it over', ['text' => "number;name;positions\n1;Ash;1\n2;Birk;2\n"]);
        self::assertSelectorTextContains('h1', '2 players can be read, nothing is written yet');
        self::assertSelectorTextContains('tbody tr:first-child', 'name P1 → Ash');
        self::assertSelectorTextContains('tbody tr:last-child', 'new: plays 2');
        self::assertCount(1, $this->entities()->getRepository(Player::class)->findBy(['team' => $team]));

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
        self::assertStringContainsString('99,Ash,quick', $this->browser->getCrawler()->filter('textarea')->last()->text());
    }
}
