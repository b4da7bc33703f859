<?php

declare(strict_types=1);

namespace FoxCorner\Tests\App;

use FoxCorner\App\Club\Player;
use FoxCorner\App\Team\Reading;
use FoxCorner\App\Team\ReadingRepository;
use FoxCorner\Core\People\Quantity;
use PHPUnit\Framework\Attributes\TestWith;

final class TeamTest extends AppTestCase
{
    use OnTheRoster;

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
    #[TestWith(['number', '', 'It is empty. Allowed: 0 to 99, or 00.'])]
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
            $this->timed($id, $typed);
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
        $this->timed($id, $typed);

        self::assertResponseStatusCodeSame(422);
        self::assertSelectorTextContains('.field-problem', $words);
        self::assertInputValueSame('value', $typed);
    }

    public function testTheFieldIsMeasuredAnew(): void
    {
        $this->signIn();
        $this->open($this->team(), '/team/ballpark');
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
        $this->open($this->team(), '/team/ballpark');
        $this->browser->submitForm('Save the field', ["field_form[$field]" => $typed]);

        self::assertSelectorTextContains("#field_form_{$field}_more", $words);
        self::assertInputValueSame("field_form[$field]", $typed);
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
        $this->browser->submitForm('Save the lineup', ['at_4' => $id, 'at_6' => $id]);

        self::assertResponseStatusCodeSame(422);
        self::assertSelectorTextContains(
            '[role=alert]',
            'Position 6: Marsh plays 4 and 6. Allowed: one place for each player.',
        );
        self::assertSame($id, $this->browser->getCrawler()->filter('#at_4 option[selected]')->attr('value'));
    }

    /** A touch of a name saves what the watch says. */
    private function timed(string $id, string $typed): void
    {
        $name = $this->browser->getCrawler()->filter("button[name=player][value=\"$id\"]");
        $this->browser->submit($name->form(['value' => $typed]));
    }
}
