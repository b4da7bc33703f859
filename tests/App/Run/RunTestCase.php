<?php

declare(strict_types=1);

namespace FoxCorner\Tests\App\Run;

use FoxCorner\App\Practice\Book\Practice;
use FoxCorner\App\Practice\Book\PracticeRepository;
use FoxCorner\App\Practice\Live\PracticeRun;
use FoxCorner\App\Practice\Live\RunRepository;
use FoxCorner\App\Practice\Live\RunTime;
use FoxCorner\App\Practice\Sheet\Sheet;
use FoxCorner\App\Practice\Sheet\SheetCodec;
use FoxCorner\Tests\App\AppTestCase;
use Symfony\Component\Clock\Clock;
use Symfony\Component\Clock\MockClock;

/** A practice of the demo that can be started, turned and counted at. */
abstract class RunTestCase extends AppTestCase
{
    /** All clocks of the application stand; a test says when they go on. */
    protected MockClock $clock;

    protected function setUp(): void
    {
        parent::setUp();
        $this->browser->disableReboot();
        $this->clock = new MockClock(self::now());
        Clock::set($this->clock);
        self::getContainer()->set(RunTime::class, new FrozenTime($this->clock));
    }

    /**
     * @return array{int, \FoxCorner\App\Practice\Sheet\SheetStation} the block of the first round, which runs, and its
     *                                                                first station
     */
    protected function inRound(): array
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

    protected function tally(int $block, string $drill, string $player, int|string $counted, string $grade = ''): void
    {
        $token = $this->openRun()->filter('[name=_token]')->attr('value');
        $this->browser->request('POST', $this->address('/run/count'), [
            '_token' => $token,
            'block' => $block,
            'drill' => $drill,
            'player' => $player,
            'counted' => $counted,
            'grade' => $grade,
        ]);
    }

    protected function openRun(): \Symfony\Component\DomCrawler\Crawler
    {
        return $this->browser->request('GET', $this->address('/run'));
    }

    protected function turn(string $button): void
    {
        $this->browser->submitForm($button);
        $this->follow();
    }

    /** @return array{edition: int, now: int, runs: bool, index: int, left: int} */
    protected function state(): array
    {
        $this->browser->jsonRequest('GET', $this->address('/run/state'));
        self::assertResponseIsSuccessful();
        /** @var array{edition: int, now: int, runs: bool, index: int, left: int} $state */
        $state = json_decode((string) $this->browser->getResponse()->getContent(), true, flags: \JSON_THROW_ON_ERROR);
        $this->openRun();

        return $state;
    }

    protected function theRun(): PracticeRun
    {
        return self::getContainer()->get(RunRepository::class)->of($this->practice()) ?? self::fail('It runs.');
    }

    protected function address(string $path): string
    {
        return "/{$this->team()->id()}/practice/{$this->practice()->id()}$path";
    }

    protected function practice(): Practice
    {
        return self::getContainer()->get(PracticeRepository::class)->of($this->team())[0];
    }

    protected function lastWeek(): Practice
    {
        $all = self::getContainer()->get(PracticeRepository::class)->of($this->team());

        return $all[\count($all) - 1];
    }

    protected function sheet(?Practice $practice = null): Sheet
    {
        $practice ??= $this->practice();
        $this->entities()->refresh($practice);

        return self::getContainer()->get(SheetCodec::class)->read($practice);
    }
}
