<?php

declare(strict_types=1);

namespace FoxCorner\Tests\App\Run;

use FoxCorner\App\Practice\Live\RunRepository;
use FoxCorner\App\Practice\Live\TurnRecords;
use FoxCorner\App\Practice\Need\PracticeHistory;
use FoxCorner\Core\Practice\Live\RunClock;
use FoxCorner\Core\Practice\Need\Grade;
use FoxCorner\Core\Practice\Need\Taught;
use FoxCorner\Core\Skill\Skill;

/** How it went: grades, and what counts as practised. */
final class AfterTest extends RunTestCase
{
    public function testGradesChangeWhatIsNeeded(): void
    {
        $this->signIn();
        $last = $this->lastWeek();
        $page = $this->open($this->team(), "/practice/{$last->id()}/after");
        $form = $page->selectButton('Save the grades')->form();
        $first = $page->filter('input[type=radio]')->first()->attr('name');
        self::assertNotNull($first);
        $this->browser->submit($form, [$first => 'not-yet']);
        $this->follow();
        self::assertSelectorTextContains('.good', 'Kept:');

        self::assertSame(1, preg_match('~grade\[(.+)]\[(.+)]~', $first, $parts));
        $taught = array_filter(
            self::getContainer()->get(PracticeHistory::class)->taught($this->team(), self::now()),
            static fn(Taught $one): bool => $one->drill === $parts[1] && $one->player === $parts[2],
        );
        self::assertNotSame([], $taught);
        foreach ($taught as $one) {
            self::assertSame(Grade::NotYet, $one->grade);
            self::assertLessThan(0.3 * $one->reps, $one->stillCounts(Skill::GroundBall), 'little of it counts');
        }
    }

    public function testTheRestOfADrillHoldsByOnePressAndTheOthersStay(): void
    {
        $this->signIn();
        $last = $this->lastWeek();
        $this->entities()->getConnection()->executeStatement('UPDATE turn_record SET grade = NULL');
        $page = $this->open($this->team(), "/practice/{$last->id()}/after");
        self::assertSelectorTextContains('.graded-drill', 'No grade yet');
        $press = $page->selectButton('All hold')->first();
        $drill = (string) $press->attr('value');
        $radios = array_values(
            array_unique(
                $page->filter("[name^='grade[$drill]']")->each(static fn($one): string => (string) $one->attr('name')),
            ),
        );
        $form = $press->form();
        $this->browser->submit($form, [$radios[0] => 'not-yet']);
        $this->follow();
        $count = \count($radios);
        $said = 'Holds with ' . ($count - 1);
        self::assertSelectorTextContains('.good', "Kept: $count grades");
        self::assertStringContainsStringIgnoringCase(
            $said,
            $this->browser->getCrawler()->filter('.graded-drill')->text(),
        );
        self::assertStringContainsStringIgnoringCase(
            'not yet',
            $this->browser->getCrawler()->filter('.graded-drill summary')->first()->text(),
        );
    }

    public function testWhatIsToComeCannotBeGraded(): void
    {
        $this->signIn();
        $page = $this->browser->request('GET', $this->address('/after'));

        self::assertSelectorTextContains('main', 'No round was done yet');
        self::assertCount(0, $page->filter('input[type=radio]'));
    }

    public function testWhatWasSkippedOrNeverReachedWasNotPractised(): void
    {
        $last = $this->lastWeek();
        $history = self::getContainer()->get(PracticeHistory::class);
        $all = \count($history->taught($this->team(), self::now()));
        $run = self::getContainer()->get(RunRepository::class)->of($last);
        self::assertNotNull($run);
        $clock = $run->clock();
        $rounds = array_keys(array_filter($this->sheet($last)->blocks, static fn($block): bool => $block->isRound()));
        $run->turn(RunClock::kept($clock->lengths, [$rounds[0]], $clock->startedAt, null, null, $clock->planned));
        $this->entities()->flush();
        $skipped = $history->taught($this->team(), self::now());

        self::assertSame(
            $all -
                array_sum(
                    array_map(
                        static fn($station): int => \count($station->players),
                        $this->sheet($last)->blocks[$rounds[0]]->stations,
                    ),
                ),
            \count($skipped),
        );
    }

    public function testWhatWasCountedCountsAndNotWhatWasPlanned(): void
    {
        $last = $this->lastWeek();
        $sheet = $this->sheet($last);
        $index = array_keys(array_filter($sheet->blocks, static fn($block): bool => $block->isRound()))[0];
        $station = $sheet->blocks[$index]->stations[0];
        self::getContainer()
            ->get(TurnRecords::class)
            ->count($last, $index, $station->drill, $station->players[0]->id, 3);
        $this->entities()->clear();
        $taught = array_values(
            array_filter(
                self::getContainer()->get(PracticeHistory::class)->taught($this->team(), self::now()),
                static fn(Taught $one): bool => $one->drill === $station->drill &&
                    $one->player === $station->players[0]->id,
            ),
        );

        self::assertContains(3, array_map(static fn(Taught $one): int => $one->reps, $taught));
    }

    public function testAnEmptyOrStaleSaveWipesNobodysGrades(): void
    {
        $this->signIn();
        $last = $this->lastWeek();
        $address = "/{$this->team()->id()}/practice/{$last->id()}/after";
        $graded = fn(): int => $this->number('SELECT COUNT(*) FROM turn_record WHERE grade IS NOT NULL');
        $before = $graded();
        $page = $this->browser->request('GET', $address);
        $stale = $page->selectButton('Save the grades')->form()->getPhpValues();
        $token = ['_token' => $stale['_token']];
        $this->browser->request('POST', $address, $token);
        self::assertSame($before, $graded(), 'empty');

        self::assertSame(
            1,
            preg_match('/was\[(.+)]\[(.+)]/', (string) $page->filter('[name^=was]')->first()->attr('name'), $name),
        );
        [, $drill, $player] = $name;
        $was = (string) $page->filter('[name^=was]')->first()->attr('value');
        $other = 'well' === $was ? 'unsure' : 'well';
        $this->browser->request(
            'POST',
            $address,
            $token + ['was' => [$drill => [$player => $was]], 'grade' => [$drill => [$player => $other]]],
        );
        self::assertResponseRedirects();
        $this->browser->request(
            'POST',
            $address,
            array_replace_recursive($stale, ['grade' => [$drill => [$player => 'not-yet']]]),
        );
        self::assertResponseStatusCodeSame(409);
        self::assertSelectorTextContains('[role=alert]', 'Somebody else has graded');
        self::assertSelectorExists("input[name=\"grade[$drill][$player]\"][value=not-yet][checked]");
        self::assertSame(
            $other,
            $this->entities()
                ->getConnection()
                ->fetchOne('SELECT grade FROM turn_record WHERE drill = ? AND player = ? AND grade IS NOT NULL', [
                    $drill,
                    $player,
                ]),
        );
        $this->browser->submitForm('Save the grades');
        self::assertSame(
            'not-yet',
            $this->entities()
                ->getConnection()
                ->fetchOne('SELECT grade FROM turn_record WHERE drill = ? AND player = ? AND grade IS NOT NULL', [
                    $drill,
                    $player,
                ]),
            'pressed again, knowing',
        );
    }

    public function testAGradeIsTakenBack(): void
    {
        $this->signIn();
        $page = $this->open($this->team(), "/practice/{$this->lastWeek()->id()}/after");
        $first =
            $page->filter('input[type=radio][checked]:not([value=none])')->first()->attr('name') ??
            self::fail('Somebody is graded.');
        $this->browser->submitForm('Save the grades', [$first => 'none']);
        $this->browser->followRedirect();

        self::assertSelectorTextContains('.good', 'Kept: 1 grade.');
        self::assertSelectorExists("input[name=\"$first\"][value=none][checked]");
    }
}
