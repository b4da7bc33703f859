<?php

declare(strict_types=1);

namespace FoxCorner\Tests\App;

use FoxCorner\App\Practice\Live\PracticeRun;
use FoxCorner\App\Practice\Live\RunRepository;
use FoxCorner\App\Practice\Live\RunTime;
use FoxCorner\App\Practice\Live\TurnRecords;
use FoxCorner\App\Practice\Practice;
use FoxCorner\App\Practice\PracticeHistory;
use FoxCorner\App\Practice\PracticeRepository;
use FoxCorner\App\Practice\Sheet\Sheet;
use FoxCorner\App\Practice\SheetCodec;
use FoxCorner\App\Weather\Notice;
use FoxCorner\App\Weather\SimulatedNotice;
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

    public function testBackNotYetAndTakenUpAgain(): void
    {
        $this->signIn();
        $this->openRun();
        $this->turn('Start now');
        $this->turn('Next');
        $this->turn('Back');
        self::assertSame(0, $this->state()['index']);
        $this->turn('Not yet');
        self::assertSelectorTextContains('.dial-block', 'Ready');
        $this->turn('Start now');
        while (0 < $this->browser->getCrawler()->selectButton('Next')->count()) {
            $this->turn('Next');
        }
        self::assertSelectorTextContains('.run-controls', 'How it went');
        $this->turn('Take it up again');

        self::assertSame(\count($this->sheet()->blocks) - 1, $this->state()['index']);
        self::assertTrue($this->state()['runs']);
    }

    public function testStartingADayEarlyAsksAndTheEndIsThePlannedOne(): void
    {
        $this->signIn();
        $page = $this->openRun();
        $practice = $this->practice();

        self::assertStringContainsString('It is planned for '.$practice->startsAt()->format('l j F, H:i'), (string) $page->selectButton('Start now')->attr('data-ask'));
        self::assertStringContainsString('To end'.$practice->endsAt()->format('H:i'), $page->filter('.strip')->text());
    }

    public function testLastWeeksLightningDoesNotStopToday(): void
    {
        $this->signIn();
        $this->entities()->persist(new SimulatedNotice($this->team(), Notice::Lightning, new \DateTimeImmutable('-7 days')));
        $this->entities()->flush();
        $this->openRun();
        $this->turn('Start now');
        self::assertTrue($this->state()['runs']);
        $this->entities()->persist(new SimulatedNotice($this->team(), Notice::Lightning, new \DateTimeImmutable('-29 minutes')));
        $this->entities()->flush();
        self::assertFalse($this->state()['runs'], 'half an hour after the last thunder');
    }

    /** The clock on the wall is set two hours on, or back, while the machine has run for a minute. */
    #[TestWith([7_200_000])]
    #[TestWith([-7_200_000])]
    public function testSettingTheServersClockNeitherEndsARunNorHidesItsWayBack(int $jump): void
    {
        $time = new class implements RunTime {
            public int $wall = 1_800_000_000_000;
            public int $uptime = 5_000_000;
            public string $boot = 'a';

            public function wall(): int
            {
                return $this->wall;
            }

            public function uptime(): int
            {
                return $this->uptime;
            }

            public function boot(): string
            {
                return $this->boot;
            }
        };
        $run = new PracticeRun($this->practice(), RunClock::ready([12, 8])->start($time->wall), $time);
        $time->uptime += 60_000;
        $time->wall += 60_000 + $jump;
        $moment = $run->clock()->at($run->now($time));
        self::assertSame([0, 11 * 60_000], [$moment->index, $moment->left]);

        $time->boot = 'b';
        self::assertSame($time->wall, $run->now($time), 'a machine that was started anew knows no better than its wall');
    }

    public function testTheClocksPollReadsNoSheet(): void
    {
        $this->signIn();
        $this->openRun();
        $this->turn('Start now');
        $address = $this->address('/run/state');
        // A sheet that nobody can read any more: whoever reads it, fails.
        $this->entities()->getConnection()->executeStatement("UPDATE practice SET sheet = 'broken', setup = 'broken'");
        $this->browser->jsonRequest('GET', $address);

        self::assertResponseIsSuccessful();
    }

    public function testTwoWhoStartInTheSameMomentStartOnce(): void
    {
        $this->signIn();
        $page = $this->openRun();
        $this->browser->disableReboot();
        $practice = $this->practice();
        $this->entities()->getEventManager()->addEventListener('onFlush', new class ($practice->id()->toBinary()) {
            public function __construct(private readonly string $practice)
            {
            }

            public function onFlush(\Doctrine\ORM\Event\OnFlushEventArgs $args): void
            {
                $args->getObjectManager()->getConnection()->executeStatement("INSERT IGNORE INTO practice_run (edition, lengths, skipped, planned, booted, ahead, started_at, heeded_at, id, practice_id) VALUES (1, '[60000]', '[]', '[60000]', '', 0, 1, 0, UNHEX(MD5(RAND())), ?)", [$this->practice]);
            }
        });
        $this->browser->submit($page->selectButton('Start now')->form());
        self::assertResponseRedirects();
        $this->browser->followRedirect();

        self::assertSelectorTextContains('.finding', 'Somebody else has turned the clock in the same moment');
    }

    public function testAnEmptyOrStaleSaveWipesNobodysGrades(): void
    {
        $this->signIn();
        $last = $this->lastWeek();
        $address = "/{$this->team()->id()}/practice/{$last->id()}/after";
        $graded = fn(): int => (int) $this->entities()->getConnection()->fetchOne('SELECT COUNT(*) FROM turn_record WHERE grade IS NOT NULL'); // @phpstan-ignore cast.int
        $before = $graded();
        $page = $this->browser->request('GET', $address);
        $stale = $page->selectButton('Keep the grades')->form()->getPhpValues();
        $token = ['_token' => $stale['_token']];
        $this->browser->request('POST', $address, $token);
        self::assertSame($before, $graded(), 'empty');

        self::assertSame(1, preg_match('/was\[(.+)]\[(.+)]/', (string) $page->filter('[name^=was]')->first()->attr('name'), $name));
        [, $drill, $player] = $name;
        $was = (string) $page->filter('[name^=was]')->first()->attr('value');
        $other = 'well' === $was ? 'unsure' : 'well';
        $this->browser->request('POST', $address, $token + ['was' => [$drill => [$player => $was]], 'grade' => [$drill => [$player => $other]]]);
        self::assertResponseRedirects();
        $this->browser->request('POST', $address, array_replace_recursive($stale, ['grade' => [$drill => [$player => 'not-yet']]]));
        self::assertResponseStatusCodeSame(409);
        self::assertSelectorTextContains('[role=alert]', 'Somebody else has graded');
        self::assertSelectorExists("input[name=\"grade[$drill][$player]\"][value=not-yet][checked]");
        self::assertSame($other, $this->entities()->getConnection()->fetchOne('SELECT grade FROM turn_record WHERE drill = ? AND player = ? AND grade IS NOT NULL', [$drill, $player]));
        $this->browser->submitForm('Keep the grades');
        self::assertSame('not-yet', $this->entities()->getConnection()->fetchOne('SELECT grade FROM turn_record WHERE drill = ? AND player = ? AND grade IS NOT NULL', [$drill, $player]), 'pressed again, knowing');
    }

    public function testAGradeIsTakenBack(): void
    {
        $this->signIn();
        $page = $this->open($this->team(), "/practice/{$this->lastWeek()->id()}/after");
        $first = $page->filter('input[type=radio][checked]:not([value=none])')->first()->attr('name') ?? self::fail('Somebody is graded.');
        $this->browser->submitForm('Keep the grades', [$first => 'none']);
        $this->browser->followRedirect();

        self::assertSelectorTextContains('.good', 'Kept: 1 grade.');
        self::assertSelectorExists("input[name=\"$first\"][value=none][checked]");
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
