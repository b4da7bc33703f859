<?php

declare(strict_types=1);

namespace FoxCorner\Tests\App;

use FoxCorner\App\Practice\Live\PracticeRun;
use FoxCorner\App\Practice\Live\RunRepository;
use FoxCorner\App\Practice\Live\TurnRecords;
use FoxCorner\App\Practice\Practice;
use FoxCorner\App\Practice\PracticeHistory;
use FoxCorner\App\Practice\PracticeRepository;
use FoxCorner\App\Practice\Sheet\Sheet;
use FoxCorner\App\Practice\SheetCodec;
use FoxCorner\Core\Practice\Live\RunClock;
use FoxCorner\Core\Practice\Need\Grade;
use FoxCorner\Core\Practice\Need\Taught;
use PHPUnit\Framework\Attributes\TestWith;

/** A practice that is run: its clock, what is counted, who comes late, how it went. */
final class RunTest extends AppTestCase
{
    public function testFromTheStartToThePause(): void
    {
        $this->signIn();
        $page = $this->openRun();
        self::assertSame('Ready', $page->filter('.dial-block')->text());
        $this->turn('Start now');
        self::assertSelectorTextContains('.dial-block', 'Warm-up');
        $state = $this->state();
        self::assertTrue($state['runs']);
        self::assertSame(0, $state['index']);
        self::assertGreaterThan(11 * 60000, $state['left']);

        $this->turn('Rain');
        self::assertSelectorTextContains('.dial-reason', 'Rain. Under the roof.');
        self::assertFalse($this->state()['runs']);
        self::assertGreaterThan($state['edition'], $this->state()['edition'], 'every phone is told');
        $this->turn('Go on');
        self::assertTrue($this->state()['runs']);
    }

    public function testNextLongerAndSkip(): void
    {
        $this->signIn();
        $this->openRun();
        $this->turn('Start now');
        $this->turn('Next');
        self::assertSame(1, $this->state()['index']);
        $left = $this->state()['left'];
        $this->turn('2 min longer');
        self::assertEqualsWithDelta($left + 120000, $this->state()['left'], 5000);
        $this->turn('Skip');
        self::assertSame(2, $this->state()['index']);
        self::assertSame([1], $this->theRun()->clock()->skipped);
    }

    public function testASecondCoachWhoPressesNextTooLateTurnsNothing(): void
    {
        $this->signIn();
        $page = $this->openRun();
        $this->turn('Start now');
        $seen = $this->openRun()->filter('form.run-controls')->form()->getPhpValues();
        $this->turn('Next');
        $this->browser->request('POST', $this->address('/run/turn'), ['do' => 'next'] + $seen);
        $this->follow();

        self::assertSelectorTextContains('.finding', 'The clock had gone on before you pressed');
        self::assertSame(1, $this->state()['index']);
    }

    #[TestWith(['dance', '"dance" is not known'])]
    #[TestWith(['on', 'It does not stand still'])]
    #[TestWith(['start', 'It is running already'])]
    public function testWhatTheClockCannotDo(string $do, string $words): void
    {
        $this->signIn();
        $this->openRun();
        $this->turn('Start now');
        $this->browser->request('POST', $this->address('/run/turn'), ['do' => $do] + $this->openRun()->filter('form.run-controls')->form()->getPhpValues());
        $this->follow();

        self::assertSelectorTextContains('.finding', $words);
    }

    public function testALightningNoticeStopsTheClockOnce(): void
    {
        $this->signIn();
        $this->openRun();
        $this->turn('Start now');
        $this->turn('Lightning (simulated)');
        self::assertSelectorTextContains('.dial-reason', 'Off the field');
        self::assertSelectorTextContains('.dial-reason', 'Your league and the field’s owner decide');
        self::assertFalse($this->state()['runs']);
        $this->turn('Go on');
        self::assertTrue($this->state()['runs'], 'the coach has decided; the same notice does not stop it again');
        $this->turn('Heat (simulated)');
        self::assertTrue($this->state()['runs']);
        self::assertSelectorTextContains('.note', 'Heat notice (simulated)');
    }

    public function testRepetitionsAreCountedAndReloadingLosesNothing(): void
    {
        $this->signIn();
        [$index, $station] = $this->inRound();
        $player = $station->players[0];
        $this->tally($index, $station->drill, $player->id, 7, true);
        self::assertResponseStatusCodeSame(204);
        $this->tally($index, $station->drill, $player->id, 9, true);
        $page = $this->browser->request('GET', $this->address("/run/station/$station->drill"));

        $row = $page->filter("[data-count=\"$index/$station->drill/$player->id\"]");
        self::assertSame('9', $row->filter('output')->text(), 'the last total counts, not the sum');
        self::assertSame('true', $row->filter('[data-mark]')->attr('aria-pressed'));
        self::assertSelectorTextContains('.run', 'Look for');
    }

    public function testACountThatCannotBeIsRefused(): void
    {
        $this->signIn();
        [$index, $station] = $this->inRound();
        foreach ([[$index, 'moonwalk', $station->players[0]->id, 3], [$index, $station->drill, 'nobody', 3], [0, $station->drill, $station->players[0]->id, 3], [$index, $station->drill, $station->players[0]->id, 501], [$index, $station->drill, $station->players[0]->id, -1]] as [$block, $drill, $player, $counted]) {
            $this->tally($block, $drill, $player, $counted);
            self::assertResponseStatusCodeSame(422, "$block $drill $counted");
            self::assertStringContainsString('Allowed:', (string) $this->browser->getResponse()->getContent());
        }
    }

    public function testWhoLeavesIsOutOfTheRoundsToComeAndWhatRunsStays(): void
    {
        $this->signIn();
        [$index] = $this->inRound();
        $before = $this->sheet();
        $gone = $before->round($index)?->stations[0]->players[0] ?? self::fail('Somebody is there.');
        $page = $this->openRun();
        $this->browser->request('POST', $this->address('/run/people'), ['_token' => $page->filter('[name=_token]')->attr('value'), 'player' => $gone->id, 'is' => 'away']);
        $this->follow();

        self::assertSelectorTextContains('.good', 'The rounds to come are solved again');
        $after = $this->sheet();
        self::assertEquals($before->round($index)->stations, $after->round($index)?->stations);
        foreach ($after->blocks as $number => $block) {
            if ($block->isRound() && $number > $index) {
                self::assertSame([$gone->id], array_map(static fn($player): string => $player->id, $block->away));
                self::assertCount(\count($this->practice()->comes()), [...$block->waiting, ...$block->away, ...array_merge(...array_map(static fn($one): array => $one->players, $block->stations))]);
            }
        }
        $this->browser->request('POST', $this->address('/run/people'), ['_token' => $page->filter('[name=_token]')->attr('value'), 'player' => $gone->id, 'is' => 'here']);
        self::assertSame([], $this->sheet()->rounds()[\count($this->sheet()->rounds()) - 1]->away, 'back again');
    }

    public function testARunningPracticeIsNotArrangedAnyMore(): void
    {
        $this->signIn();
        $page = $this->browser->request('GET', $this->address(''));
        $token = $page->filter('[data-arrange]')->attr('data-token');
        $this->openRun();
        $this->turn('Start now');
        $before = $this->sheet();
        $this->browser->request('POST', $this->address('/arrange'), ['_token' => $token, 'version' => $this->practice()->version(), 'another' => '1']);
        $this->follow();

        self::assertSelectorTextContains('.finding', 'It has begun');
        self::assertEquals($before, $this->sheet());
        $this->browser->request('GET', $this->address('/change'));
        $this->follow();
        self::assertSelectorTextContains('.finding', 'The practice has begun');
    }

    public function testPlayersSeeTheClockAndTurnNothing(): void
    {
        $this->signIn('player');
        $page = $this->openRun();
        self::assertResponseIsSuccessful();
        self::assertCount(0, $page->filter('form.run-controls'));
        $this->browser->request('GET', $this->address('/run/state'));
        self::assertResponseIsSuccessful();
        self::assertNull(self::getContainer()->get(RunRepository::class)->of($this->practice()));
    }

    public function testGradesChangeWhatIsNeeded(): void
    {
        $this->signIn();
        $last = $this->lastWeek();
        $page = $this->open($this->team(), "/practice/{$last->id()}/after");
        $form = $page->selectButton('Keep the grades')->form();
        $first = $page->filter('input[type=radio]')->first()->attr('name');
        self::assertNotNull($first);
        $this->browser->submit($form, [$first => 'not-yet']);
        $this->follow();
        self::assertSelectorTextContains('.good', 'Kept:');

        self::assertSame(1, preg_match('~grade\[(.+)]\[(.+)]~', $first, $parts));
        $taught = array_filter(self::getContainer()->get(PracticeHistory::class)->taught($this->team(), new \DateTimeImmutable()), static fn(Taught $one): bool => $one->drill === $parts[1] && $one->player === $parts[2]);
        self::assertNotSame([], $taught);
        foreach ($taught as $one) {
            self::assertSame(Grade::NotYet, $one->grade);
            self::assertSame(0.0, $one->stillCounts());
        }
    }

    public function testWhatWasSkippedOrNeverReachedWasNotPractised(): void
    {
        $last = $this->lastWeek();
        $history = self::getContainer()->get(PracticeHistory::class);
        $all = \count($history->taught($this->team(), new \DateTimeImmutable()));
        $run = self::getContainer()->get(RunRepository::class)->of($last);
        self::assertNotNull($run);
        $clock = $run->clock();
        $rounds = array_keys(array_filter($this->sheet($last)->blocks, static fn($block): bool => $block->isRound()));
        $run->turn(RunClock::kept($clock->lengths, [$rounds[0]], $clock->startedAt, null, null, $clock->planned));
        $this->entities()->flush();
        $skipped = $history->taught($this->team(), new \DateTimeImmutable());

        self::assertSame($all - array_sum(array_map(static fn($station): int => \count($station->players), $this->sheet($last)->blocks[$rounds[0]]->stations)), \count($skipped));
    }

    public function testWhatWasCountedCountsAndNotWhatWasPlanned(): void
    {
        $last = $this->lastWeek();
        $sheet = $this->sheet($last);
        $index = array_keys(array_filter($sheet->blocks, static fn($block): bool => $block->isRound()))[0];
        $station = $sheet->blocks[$index]->stations[0];
        self::getContainer()->get(TurnRecords::class)->count($last, $index, $station->drill, $station->players[0]->id, 3, false);
        $this->entities()->clear();
        $taught = array_values(array_filter(self::getContainer()->get(PracticeHistory::class)->taught($this->team(), new \DateTimeImmutable()), static fn(Taught $one): bool => $one->drill === $station->drill && $one->player === $station->players[0]->id));

        self::assertContains(3, array_map(static fn(Taught $one): int => $one->reps, $taught));
    }

    /** @return array{int, \FoxCorner\App\Practice\Sheet\SheetStation} the block of the first round, which runs, and its first station */
    private function inRound(): array
    {
        $this->openRun();
        $this->turn('Start now');
        $index = 0;
        while (!$this->sheet()->blocks[$index]->isRound()) {
            $this->turn('Next');
            ++$index;
        }

        return [$index, $this->sheet()->blocks[$index]->stations[0]];
    }

    private function tally(int $block, string $drill, string $player, int $counted, bool $attention = false): void
    {
        $token = $this->openRun()->filter('[name=_token]')->attr('value');
        $this->browser->request('POST', $this->address('/run/count'), ['_token' => $token, 'block' => $block, 'drill' => $drill, 'player' => $player, 'counted' => $counted, 'attention' => $attention ? 1 : 0]);
    }

    private function openRun(): \Symfony\Component\DomCrawler\Crawler
    {
        return $this->browser->request('GET', $this->address('/run'));
    }

    private function turn(string $button): void
    {
        $this->browser->submitForm($button);
        $this->follow();
    }

    /** @return array{edition: int, now: int, runs: bool, index: int, left: int} */
    private function state(): array
    {
        $this->browser->jsonRequest('GET', $this->address('/run/state'));
        self::assertResponseIsSuccessful();
        /** @var array{edition: int, now: int, runs: bool, index: int, left: int} $state */
        $state = json_decode((string) $this->browser->getResponse()->getContent(), true, flags: \JSON_THROW_ON_ERROR);
        $this->openRun();

        return $state;
    }

    private function theRun(): PracticeRun
    {
        return self::getContainer()->get(RunRepository::class)->of($this->practice()) ?? self::fail('It runs.');
    }

    private function address(string $path): string
    {
        return "/{$this->team()->id()}/practice/{$this->practice()->id()}$path";
    }

    private function practice(): Practice
    {
        return self::getContainer()->get(PracticeRepository::class)->of($this->team())[0];
    }

    private function lastWeek(): Practice
    {
        $all = self::getContainer()->get(PracticeRepository::class)->of($this->team());

        return $all[\count($all) - 1];
    }

    private function sheet(?Practice $practice = null): Sheet
    {
        $practice ??= $this->practice();
        $this->entities()->refresh($practice);

        return self::getContainer()->get(SheetCodec::class)->read($practice);
    }
}
