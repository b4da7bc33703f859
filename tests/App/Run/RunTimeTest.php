<?php

declare(strict_types=1);

namespace FoxCorner\Tests\App\Run;

use FoxCorner\App\Practice\Live\PracticeRun;
use FoxCorner\App\Practice\Live\RunTime;
use FoxCorner\App\Weather\Notice;
use FoxCorner\App\Weather\SimulatedNotice;
use FoxCorner\Core\Practice\Live\RunClock;
use PHPUnit\Framework\Attributes\TestWith;

/** What time does to a run: the hour it was planned for, notices of weather, a clock that is set. */
final class RunTimeTest extends RunTestCase
{
    public function testStartingADayEarlyAsksAndTheEndIsThePlannedOne(): void
    {
        $this->signIn();
        $page = $this->openRun();
        $practice = $this->practice();

        self::assertStringContainsString(
            'It is planned for ' . $practice->startsAt()->format('l j F, H:i'),
            (string) $page->selectButton('Start now')->attr('data-ask'),
        );
        self::assertStringContainsString(
            'To end' . $practice->endsAt()->format('H:i'),
            $page->filter('.strip')->text(),
        );
    }

    public function testLastWeeksLightningDoesNotStopToday(): void
    {
        $this->signIn();
        $this->entities()->persist(
            new SimulatedNotice($this->team(), Notice::Lightning, $this->clock->now()->modify('-7 days')),
        );
        $this->entities()->flush();
        $this->openRun();
        $this->turn('Start now');
        self::assertTrue($this->state()['runs']);
        $this->entities()->persist(
            new SimulatedNotice($this->team(), Notice::Lightning, $this->clock->now()->modify('-29 minutes')),
        );
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
        self::assertSame(
            $time->wall,
            $run->now($time),
            'a machine that was started anew knows no better than its wall',
        );
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

    public function testALightningNoticeStopsTheClockOnce(): void
    {
        $this->signIn();
        $this->openRun();
        $this->turn('Start now');
        $this->turn('Lightning (simulated)');
        self::assertSelectorTextContains('.dial-reason', 'Off the field');
        self::assertSelectorTextContains('.dial-reason', 'Your league and the field’s owner decide');
        self::assertFalse($this->state()['runs']);
        self::assertSame(0, $this->number('SELECT COUNT(paused_at) FROM practice_run'), 'looking writes nothing');
        $this->turn('Go on');
        self::assertTrue($this->state()['runs'], 'the coach has decided; the same notice does not stop it again');
        $this->turn('Heat (simulated)');
        self::assertTrue($this->state()['runs']);
        self::assertSelectorTextContains('.note', 'Heat notice (simulated)');
    }

    /** Whoever looks later sees the clock stand at the notice, not at the look. */
    public function testANoticeStopsTheClockWhenItCame(): void
    {
        $this->signIn();
        $this->openRun();
        $this->turn('Start now');
        $this->clock->sleep(600);
        $this->entities()->persist(
            new SimulatedNotice($this->team(), Notice::Lightning, $this->clock->now()->modify('-5 minutes')),
        );
        $this->entities()->flush();
        $this->entities()->clear();
        $first = $this->state();
        self::assertFalse($first['runs']);
        $this->openRun();
        $this->turn('2 min longer');
        $stood = $this->number('SELECT paused_at - started_at FROM practice_run WHERE paused_at > 0');
        self::assertEqualsWithDelta(300_000, $stood, 1_000, 'ms; notices are kept to the second');
        self::assertNotSame($first['edition'], $this->state()['edition']);
    }
}
