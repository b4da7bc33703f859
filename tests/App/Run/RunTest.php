<?php

declare(strict_types=1);

namespace FoxCorner\Tests\App\Run;

use FoxCorner\App\Practice\Live\Records;
use FoxCorner\App\Practice\Live\RunRepository;
use FoxCorner\App\Practice\Live\TurnRecords;
use FoxCorner\Core\Practice\Need\Grade;
use PHPUnit\Framework\Attributes\TestWith;

/** A practice that is run: turned by several, counted at by the thumb, with people who come late. */
final class RunTest extends RunTestCase
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
        self::assertSame($left + 120_000, $this->state()['left']);
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
        $this->browser->request(
            'POST',
            $this->address('/run/turn'),
            ['do' => $do] + $this->openRun()->filter('form.run-controls')->form()->getPhpValues(),
        );
        $this->follow();

        self::assertSelectorTextContains('.finding', $words);
    }

    public function testRepetitionsAreCountedAndReloadingLosesNothing(): void
    {
        $this->signIn();
        [$index, $station] = $this->inRound();
        $player = $station->players[0];
        $this->tally($index, $station->drill, $player->id, 7);
        self::assertResponseStatusCodeSame(204);
        $this->tally($index, $station->drill, $player->id, 9);
        $page = $this->browser->request('GET', $this->address("/run/station/$station->drill"));

        $row = $page->filter("[data-count=\"$index/$station->drill/$player->id\"]");
        self::assertSame('9', $row->filter('output')->text(), 'the last total counts, not the sum');
        self::assertSame(['false', 'false', 'false'], $row->filter('[data-grade]')->extract(['aria-pressed']));
        self::assertSelectorTextContains('.run', 'Look for');
    }

    public function testAGradeIsSaidInMidPracticeAndTheLastWordCounts(): void
    {
        $this->signIn();
        [$index, $station] = $this->inRound();
        $player = $station->players[0]->id;
        $now = fn(): Records => self::getContainer()->get(TurnRecords::class)->of($this->practice());
        $this->tally($index, $station->drill, $player, '', 'not-yet');
        self::assertResponseStatusCodeSame(204);
        self::assertSame(Grade::NotYet, $now()->grade($station->drill, $player));
        self::assertNull($now()->at($index, $station->drill, $player)?->counted, 'nothing was counted');
        $page = $this->browser->request('GET', $this->address("/run/station/$station->drill"));
        self::assertSame(
            'true',
            $page->filter("[data-count=\"$index/$station->drill/$player\"] [data-grade=not-yet]")->attr('aria-pressed'),
        );
        // Said in an earlier round before.
        self::getContainer()
            ->get(TurnRecords::class)
            ->grade($this->practice(), $index + 3, $station->drill, $player, Grade::Unsure);
        $this->tally($index, $station->drill, $player, '', 'well');
        $this->entities()->clear();
        self::assertSame(Grade::Well, $now()->grade($station->drill, $player));
        $this->tally($index, $station->drill, $player, 6, 'none');
        $this->entities()->clear();
        self::assertNull($now()->grade($station->drill, $player));
        self::assertSame(6, $now()->at($index, $station->drill, $player)?->counted);
        $this->tally($index, $station->drill, $player, '', 'splendid');
        self::assertResponseStatusCodeSame(422);
        self::assertStringContainsString('not-yet', (string) $this->browser->getResponse()->getContent());
    }

    public function testACountThatCannotBeIsRefused(): void
    {
        $this->signIn();
        [$index, $station] = $this->inRound();
        foreach (
            [
                [$index, 'moonwalk', $station->players[0]->id, 3],
                [$index, $station->drill, 'nobody', 3],
                [0, $station->drill, $station->players[0]->id, 3],
                [$index, $station->drill, $station->players[0]->id, 501],
                [$index, $station->drill, $station->players[0]->id, -1],
            ] as [$block, $drill, $player, $counted]
        ) {
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
        $this->browser->request('POST', $this->address('/run/people'), [
            '_token' => $page->filter('[name=_token]')->attr('value'),
            'player' => $gone->id,
            'is' => 'away',
        ]);
        $this->follow();

        self::assertSelectorTextContains('.good', 'The rounds to come are solved again');
        $after = $this->sheet();
        self::assertEquals($before->round($index)->stations, $after->round($index)?->stations);
        foreach ($after->blocks as $number => $block) {
            if ($block->isRound() && $number > $index) {
                self::assertSame([$gone->id], array_map(static fn($player): string => $player->id, $block->away));
                self::assertCount(\count($this->practice()->comes()), [
                    ...$block->waiting,
                    ...$block->away,
                    ...array_merge(
                        ...array_map(static fn($one): array => [...$one->players, ...$one->helping], $block->stations),
                    ),
                ]);
            }
        }
        $this->browser->request('POST', $this->address('/run/people'), [
            '_token' => $page->filter('[name=_token]')->attr('value'),
            'player' => $gone->id,
            'is' => 'here',
        ]);
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
        $this->browser->request('POST', $this->address('/arrange'), [
            '_token' => $token,
            'version' => $this->practice()->version(),
            'another' => '1',
        ]);
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

    public function testTwoWhoStartInTheSameMomentStartOnce(): void
    {
        $this->signIn();
        $page = $this->openRun();
        $this->browser->disableReboot();
        $practice = $this->practice();
        $this->entities()->getEventManager()->addEventListener(
            'onFlush',
            new class ($practice->id()->toBinary()) {
                public function __construct(private readonly string $practice) {}

                public function onFlush(\Doctrine\ORM\Event\OnFlushEventArgs $args): void
                {
                    $args
                        ->getObjectManager()
                        ->getConnection()
                        ->executeStatement(
                            'INSERT IGNORE INTO practice_run (edition, lengths, skipped, planned, booted, ahead, ' .
                                "started_at, heeded_at, id, practice_id) VALUES (1, '[60000]', '[]', '[60000]', '', " .
                                '0, 1, 0, UNHEX(MD5(RAND())), ?)',
                            [$this->practice],
                        );
                }
            },
        );
        $this->browser->submit($page->selectButton('Start now')->form());
        self::assertResponseRedirects();
        $this->browser->followRedirect();

        self::assertSelectorTextContains('.finding', 'Somebody else has turned the clock in the same moment');
    }
}
