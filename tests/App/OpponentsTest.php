<?php

declare(strict_types=1);

namespace FoxCorner\Tests\App;

use FoxCorner\App\Opponents\BatterCsv;
use FoxCorner\App\Opponents\Opponent;
use FoxCorner\App\Opponents\OpponentBatter;
use FoxCorner\App\Opponents\ScoutedBatter;

final class OpponentsTest extends AppTestCase
{
    public function testAnOpponentIsAddedFilledAndBats(): void
    {
        $this->signIn();
        $this->open($this->team(), '/team/opponents');
        $this->browser->submitForm('Add the team', ['name' => 'Curlews']);
        $this->browser->followRedirect();
        $this->browser->submitForm('Save the batters', [
            'row[0][number]' => '3',
            'row[0][name]' => 'Arvo',
            'row[0][bats]' => 'SL',
            'row[0][home_to_first_s]' => '2,93',
            'row[0][order]' => '1',
            'row[2][number]' => '44',
            'row[2][name]' => 'Haugen',
            'row[2][power]' => 'yes',
            'row[2][tendency]' => 'pulls',
        ]);
        $this->browser->followRedirect();
        self::assertSelectorTextContains('.good', 'Curlews: 2 batters saved');

        $arvo = $this->entities()
            ->getRepository(OpponentBatter::class)
            ->findOneBy(['name' => 'Arvo']);
        self::assertSame(2.93, $arvo?->scouted()->homeToFirst);
        $this->open($this->team(), "/situations/none-0?batter={$arvo->id()}");
        self::assertSelectorTextContains('.call', 'short halfway');
        self::assertSelectorTextContains('optgroup[label=Curlews] option[selected]', 'Arvo');
        $this->open($this->team(), "/situations?batter={$arvo->id()}");
        self::assertSelectorTextContains('h1', 'batter arvo');
    }

    public function testWhatCannotBeIsNamedByLineAndNothingIsWritten(): void
    {
        $this->signIn();
        $opponent = $this->opponent();
        $before = \count($opponent->batters());
        $this->open($this->team(), "/team/opponents/{$opponent->id()}");
        $this->browser->submitForm('Save the batters', [
            'row[0][home_to_first_s]' => 'quick',
            'row[1][number]' => '2',
            'row[3][order]' => '12',
        ]);

        self::assertResponseStatusCodeSame(422);
        $wrong = $this->browser->getCrawler()->filter('.finding tbody')->text();
        self::assertStringContainsString('home_to_first_s "quick" is not a number', $wrong);
        self::assertStringContainsString('number 2 is there twice', $wrong);
        self::assertStringContainsString('order 12 is too large', $wrong);
        self::assertInputValueSame('row[0][home_to_first_s]', 'quick');
        $this->entities()->clear();
        self::assertCount($before, $this->opponent()->batters());
        self::assertSame(2.95, $this->opponent()->batters()[0]->scouted()->homeToFirst);
    }

    public function testALineIsTakenOutAndANumberStaysTheSameBatter(): void
    {
        $this->signIn();
        $opponent = $this->opponent();
        $id = $opponent->batters()[0]->id();
        $this->open($this->team(), "/team/opponents/{$opponent->id()}");
        $this->browser->submitForm('Save the batters', [
            'row[0][name]' => 'Vossberg',
            'row[1][number]' => '',
            'row[1][name]' => '',
        ]);
        $this->entities()->clear();

        self::assertCount(8, $this->opponent()->batters());
        self::assertTrue($id->equals($this->opponent()->batters()[0]->id()));
        self::assertSame('Vossberg', $this->opponent()->batters()[0]->scouted()->name);
    }

    public function testPastedBattersAreLookedAtFirst(): void
    {
        $this->signIn();
        $this->open($this->team(), "/team/opponents/{$this->opponent()->id()}");
        $this->browser->submitForm('Look it over', ['text' => "number;name;bats;home_to_first_s\n1;Ekholm;L;3,20\n"]);

        self::assertInputValueSame('row[0][name]', 'Ekholm');
        self::assertInputValueSame('row[0][home_to_first_s]', '3.2');
        $this->entities()->clear();
        self::assertCount(9, $this->opponent()->batters(), 'nothing is written yet');
    }

    public function testOutAndInIsTheSame(): void
    {
        $csv = new BatterCsv();
        $batters = array_map(
            static fn(OpponentBatter $batter): ScoutedBatter => $batter->scouted(),
            $this->opponent()->batters(),
        );

        self::assertEquals([$batters, []], $csv->read($csv->write($batters)));
    }

    public function testAnOpponentWithoutANameIsNone(): void
    {
        $this->signIn();
        $this->open($this->team(), '/team/opponents');
        $this->browser->submitForm('Add the team', ['name' => '  ']);

        self::assertResponseStatusCodeSame(422);
        self::assertSelectorTextContains('.field-problem', 'it is empty');
    }

    public function testAnOpponentIsRenamedWithItsBatters(): void
    {
        $this->signIn();
        $opponent = $this->opponent();
        $this->open($this->team(), "/team/opponents/{$opponent->id()}");
        $this->browser->submitForm('Save the batters', ['name' => 'Monkfish', 'row[0][name]' => 'Vossberg']);
        $this->browser->followRedirect();
        self::assertSelectorTextContains('.good', 'Monkfish: 9 batters saved');
        $this->browser->submitForm('Save the batters', ['name' => 'Lanternfish']);
        self::assertResponseRedirects(message: 'and back, with the version that the page came with');
    }

    public function testTwoCoachesAtOneOpponent(): void
    {
        $this->signIn();
        $opponent = $this->opponent();
        $mine = $this->open($this->team(), "/team/opponents/{$opponent->id()}")
            ->selectButton('Save the batters')
            ->form()
            ->getPhpValues();
        $this->browser->submitForm('Save the batters', ['row[0][home_to_first_s]' => '2.91']);
        $this->browser->request(
            'POST',
            "/{$this->team()->id()}/team/opponents/{$opponent->id()}",
            array_replace_recursive($mine, ['row' => [1 => ['name' => 'Imrich']]]),
        );

        self::assertResponseStatusCodeSame(422);
        self::assertSelectorTextContains('.finding', 'Somebody else has changed this list');
        self::assertInputValueSame('row[1][name]', 'Imrich');
        $this->entities()->clear();
        self::assertSame(2.91, $this->opponent()->batters()[0]->scouted()->homeToFirst, 'the other’s stands');
    }

    public function testANameThatCannotBeKeepsBothAsTyped(): void
    {
        $this->signIn();
        $this->open($this->team(), "/team/opponents/{$this->opponent()->id()}");
        $this->browser->submitForm('Save the batters', ['name' => str_repeat('x', 61), 'row[0][name]' => 'Vossberg']);

        self::assertResponseStatusCodeSame(422);
        self::assertInputValueSame('name', str_repeat('x', 61));
        self::assertInputValueSame('row[0][name]', 'Vossberg');
    }

    private function opponent(): Opponent
    {
        return $this->entities()
            ->getRepository(Opponent::class)
            ->findOneBy(['name' => 'Lanternfish']) ?? self::fail('The demo has opponents.');
    }
}
