<?php

declare(strict_types=1);

namespace FoxCorner\Tests\App;

use FoxCorner\App\Club\Player;
use FoxCorner\App\Opponents\Opponent;
use FoxCorner\App\Practice\Book\Practice;
use FoxCorner\App\Practice\Live\PracticeRun;
use FoxCorner\App\Practice\Live\TurnRecord;
use FoxCorner\App\Team\Reading;
use FoxCorner\App\Undo\UndoStep;

/** What is taken off or replaced can be taken back, with all that hung on it. */
final class UndoTest extends AppTestCase
{
    public function testAPlayerComesBackWithHisTriesAndWhoHeIs(): void
    {
        $this->signIn();
        $marsh = $this->player('Marsh');
        $before = [$marsh->asRosterPlayer(), $this->rows('reading'), $this->rows('membership')];
        $this->open($this->team(), "/team/player/{$marsh->id()}");
        $this->browser->submitForm('Take Marsh off the roster');
        $this->browser->followRedirect();
        self::assertSelectorTextContains('.good', 'Marsh is off the roster.');
        $this->entities()->clear();
        self::assertNull(
            $this->entities()
                ->getRepository(Player::class)
                ->findOneBy(['name' => 'Marsh']),
        );
        self::assertSame(
            0,
            $this->entities()
                ->getRepository(Reading::class)
                ->count(['player' => $marsh->id()->toBinary()]),
        );

        $this->browser->submitForm('Undo');
        $this->browser->followRedirect();
        self::assertSelectorTextContains('.good', 'Taken back: Marsh is off the roster.');
        $this->entities()->clear();
        self::assertEquals($before, [
            $this->player('Marsh')->asRosterPlayer(),
            $this->rows('reading'),
            $this->rows('membership'),
        ]);
    }

    public function testAPracticeComesBackWithItsRunAndGrades(): void
    {
        $this->signIn();
        $held = $this->entities()
            ->getRepository(Practice::class)
            ->findBy(['team' => $this->team()], ['startsAt' => 'ASC'])[0];
        $before = [$this->rows('practice'), $this->rows('practice_run'), $this->rows('turn_record')];
        $this->open($this->team(), "/practice/{$held->id()}");
        $this->browser->submitForm('Take this practice off');
        self::assertSame(0, $this->entities()->getRepository(TurnRecord::class)->count([]));
        $this->browser->followRedirect();
        $this->browser->submitForm('Undo');
        self::assertSame($before, [$this->rows('practice'), $this->rows('practice_run'), $this->rows('turn_record')]);
        self::assertSame(1, $this->entities()->getRepository(PracticeRun::class)->count([]));
    }

    public function testAnOpponentComesBackWithItsBatters(): void
    {
        $this->signIn();
        $opponent = $this->entities()
            ->getRepository(Opponent::class)
            ->findOneBy(['name' => 'Lanternfish']);
        $before = [$this->rows('opponent'), $this->rows('opponent_batter')];
        $this->open($this->team(), "/team/opponents/{$opponent?->id()}");
        $this->browser->submitForm('Take Lanternfish off the list');
        $this->browser->followRedirect();
        $this->browser->submitForm('Undo');

        self::assertSame($before, [$this->rows('opponent'), $this->rows('opponent_batter')]);
    }

    public function testWhatStandsThereByNowIsNotPushedAside(): void
    {
        $this->signIn();
        $quist = $this->player('Quist');
        $this->open($this->team(), "/team/player/{$quist->id()}");
        $this->browser->submitForm('Take Quist off the roster');
        $this->browser->followRedirect();
        $this->entities()->getConnection()->executeStatement("UPDATE player SET number = 7 WHERE name = 'Fenn'");
        $this->browser->submitForm('Undo');
        $this->browser->followRedirect();
        self::assertSelectorTextContains('.finding', 'its place is taken by something else');
        $this->entities()->clear();
        self::assertNull(
            $this->entities()
                ->getRepository(Player::class)
                ->findOneBy(['name' => 'Quist']),
        );

        $this->entities()->getConnection()->executeStatement("UPDATE player SET number = 28 WHERE name = 'Fenn'");
        $this->open($this->team(), '/changes');
        self::assertSelectorTextContains('h1', '1 change can be taken back');
        $this->browser->submitForm('Undo');
        $this->browser->followRedirect();
        self::assertSelectorTextContains('td.text-right', 'taken back');
        self::assertSame('7', $this->player('Quist')->asRosterPlayer()->number);
    }

    public function testWhatWasChangedAgainSinceIsLeftAlone(): void
    {
        $this->signIn();
        $this->open($this->team(), '/team/import');
        $this->browser->submitForm('Look it over', ['text' => "number,name,arm_mph\n7,Quist,61\n"]);
        $this->browser->submitForm('Write this one to the roster');
        $this->browser->followRedirect();
        $this->entities()->getConnection()->executeStatement("UPDATE player SET arm = 63 WHERE name = 'Quist'");
        $this->browser->submitForm('Undo');
        $this->browser->followRedirect();

        self::assertSelectorTextContains('.finding', 'it has been changed again since');
        self::assertSame(63.0, $this->player('Quist')->asRosterPlayer()->traits->armMph);
    }

    public function testSolvingAgainKeepsTheEarlierSheetAtHand(): void
    {
        $this->signIn();
        $practice = $this->entities()
            ->getRepository(Practice::class)
            ->findBy(['team' => $this->team()], ['startsAt' => 'DESC'])[0];
        $before = [$practice->sheet(), $practice->setup()];
        $this->open($this->team(), "/practice/{$practice->id()}");
        $this->browser->submitForm('Another way');
        $this->follow();
        $this->browser->submitForm('Take the other');
        $this->follow();
        self::assertSelectorTextContains('.good', 'The other sheet is the practice now.');
        $now = function () use ($practice): array {
            $this->entities()->clear();
            $found = $this->entities()->find(Practice::class, $practice->id()) ?? self::fail('It is there.');

            return [$found->sheet(), $found->setup()];
        };
        self::assertNotSame($before, $now());
        $this->browser->submitForm('Undo');

        self::assertSame($before, $now());
    }

    public function testStepsOfOtherTeamsAndOfLastMonthAreNotThere(): void
    {
        $coach = $this->signIn();
        $step = new UndoStep($this->team('Terns'), 'Theirs', '[]', $coach, self::now());
        $old = new UndoStep($this->team(), 'Long ago', '[]', $coach, self::now('-31 days'));
        $this->entities()->persist($step);
        $this->entities()->persist($old);
        $this->entities()->flush();
        $token = $this->open($this->team(), '/changes')->filter('[data-token-of-counts]')->attr('data-token-of-counts');
        $this->browser->request('POST', "/{$this->team()->id()}/changes/{$step->id()}/undo", ['_token' => $token]);
        self::assertResponseStatusCodeSame(404);

        $this->open($this->team(), "/team/player/{$this->player('Quist')->id()}");
        $this->browser->submitForm('Take Quist off the roster');
        self::assertNull(
            $this->entities()
                ->getRepository(UndoStep::class)
                ->findOneBy(['words' => 'Long ago']),
        );
    }

    private function player(string $name): Player
    {
        return $this->entities()
            ->getRepository(Player::class)
            ->findOneBy(['team' => $this->team(), 'name' => $name]) ?? self::fail("$name is on the roster.");
    }

    /** @return list<array<string, mixed>> all rows of a table */
    private function rows(string $table): array
    {
        return $this->entities()
            ->getConnection()
            ->fetchAllAssociative("SELECT * FROM $table ORDER BY id");
    }
}
