<?php

declare(strict_types=1);

namespace FoxCorner\Tests\App;

use FoxCorner\App\Practice\Sheet\Sheet;
use FoxCorner\Core\Practice\Drill\Shipped\ShippedDrills;
use FoxCorner\Tests\Core\Teams;

/** A sheet that a coach changes by hand, and that is solved another way. */
final class ArrangeTest extends AppTestCase
{
    use OnePractice;

    public function testAStationIsTakenOutAndAnotherAdded(): void
    {
        $this->signIn();
        $first = $this->sheetOf($this->team())->choices[0]->drill;
        $this->arrange(['drop' => $first]);
        self::assertNotContains($first, $this->chosen());
        $this->arrange(['add' => 'one-hand-at-the-corner']);
        self::assertContains('one-hand-at-the-corner', $this->chosen());
        $this->arrange(['choose' => '1']);
        self::assertContains($first, $this->chosen(), 'left to the program, it is needed again');
    }

    public function testALockedGroupStaysWhenSolvedAnotherWay(): void
    {
        $this->signIn();
        $station = $this->sheetOf($this->team())->rounds()[0]->stations[0];
        $this->arrange(['lock' => "0/$station->drill"]);
        self::assertSelectorExists("[data-lock=\"0/$station->drill\"][aria-pressed=true]");
        $this->arrange(['another' => '1']);
        $this->browser->submitForm('Take the other');
        $this->follow();

        self::assertEquals(
            $station->players,
            $this->sheetOf($this->team())->rounds()[0]->station($station->drill)?->players,
        );
        $this->arrange(['lock' => "0/$station->drill"]);
        self::assertSelectorNotExists('[data-lock][aria-pressed=true]');
    }

    public function testAMovedStationStaysWhereItWasPut(): void
    {
        $this->signIn();
        $drill = $this->sheetOf($this->team())->choices[0]->drill;
        $this->arrange(['move' => $drill, 'x' => '40', 'y' => '-30.5']);
        self::assertSame(
            [40.0, -30.5],
            array_map(floatval(...), $this->sheetOf($this->team())->choices[0]->shift ?? []),
        );
        $this->arrange(['another' => '1']);
        $this->browser->submitForm('Take the other');
        $this->follow();
        self::assertSame(
            [40.0, -30.5],
            array_map(floatval(...), $this->sheetOf($this->team())->choices[0]->shift ?? []),
        );

        $this->arrange(['move' => $drill, 'x' => 'far', 'y' => '0']);
        self::assertSelectorTextContains('.finding', '“far” is no number. Allowed: feet.');
        self::assertSame(
            [40.0, -30.5],
            array_map(floatval(...), $this->sheetOf($this->team())->choices[0]->shift ?? []),
        );
    }

    public function testAnotherWayIsLaidBesideAndTakenOnlyWhenSomebodySaysSo(): void
    {
        $this->signIn();
        $before = $this->sheetOf($this->team());
        $this->arrange(['another' => '1']);

        self::assertSelectorTextContains('h1', 'Another way');
        self::assertSelectorCount(2, 'table.sheet');
        self::assertSelectorTextContains('main', round($before->objective) . ' points', 'worth what it was solved for');
        self::assertEquals($before, $this->sheetOf($this->team()), 'yours stays');
        $address = $this->browser->getRequest()->getPathInfo();
        $this->browser->submitForm('Take the other');
        $this->follow();
        self::assertSelectorTextContains('.good', 'The other sheet is the practice now.');
        self::assertNotEquals($before, $this->sheetOf($this->team()));
        $this->browser->submitForm('Undo');
        self::assertEquals($before, $this->sheetOf($this->team()));
        $this->browser->request('GET', str_replace('/kites/', '/terns/', $address));
        self::assertResponseStatusCodeSame(404);
    }

    public function testALimitOfTheEveningBinds(): void
    {
        $team = $this->newTeam($this->signIn(), Teams::fifteen());
        $page = $this->open($team, '/practice/new');
        $form = $page->selectButton('Make the practice')->form();
        $arm = (string) $page->filter('input[name="practice_form[noThrows][]"]')->eq(4)->attr('value');
        $values = $form->getPhpValues();
        self::assertIsArray($values['practice_form']);
        $values['practice_form']['noThrows'] = [$arm];
        $values['practice_form']['isWatched'] = '1';
        $this->browser->request('POST', $form->getUri(), $values);
        $this->follow();
        $sheet = $this->sheetOf($team);
        $drills = ShippedDrills::all();
        $tried = 0;

        foreach ($sheet->rounds() as $block) {
            self::assertLessThanOrEqual(3, \count($block->stations), 'three help, and nobody is left alone');
            foreach ($block->stations as $station) {
                ++$tried;
                self::assertNotSame([], $station->helpers);
                if (\in_array($arm, array_map(static fn($player): string => $player->id, $station->players), true)) {
                    self::assertSame(0, $drills[$station->drill]->throwsPerRep, $station->drill);
                    self::assertFalse($drills[$station->drill]->tosses, $station->drill);
                }
            }
        }
        self::assertGreaterThan(6, $tried);
    }

    public function testTwoCoachesAtOnePractice(): void
    {
        $this->signIn();
        $before = $this->chosen();
        $this->arrange(['drop' => $before[0]], version: 99);

        self::assertSelectorTextContains('.finding', 'Somebody else has changed it since this page was opened');
        self::assertSame($before, $this->chosen());
    }

    public function testTheLastStationCannotBeTakenOut(): void
    {
        $this->signIn();
        foreach ($this->chosen() as $drill) {
            $this->arrange(['drop' => $drill]);
        }

        self::assertCount(1, $this->chosen());
        self::assertSelectorTextContains('.finding', 'No drill can be run');
    }

    /** @param array<string, string> $what */
    private function arrange(array $what, ?int $version = null): void
    {
        $practice = $this->practiceOf($this->team());
        $this->entities()->refresh($practice);
        $page = $this->open($this->team(), "/practice/{$practice->id()}");
        $this->browser->request(
            'POST',
            "/{$this->team()->id()}/practice/{$practice->id()}/arrange",
            [
                '_token' => $page->filter('[data-arrange]')->attr('data-token'),
                'version' => $version ?? $practice->version(),
            ] + $what,
        );
        self::assertResponseStatusCodeSame(303);
        $this->follow();
    }

    /** @return list<string> */
    private function chosen(): array
    {
        return array_map(static fn($choice): string => $choice->drill, $this->sheetOf($this->team())->choices);
    }
}
