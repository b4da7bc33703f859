<?php

declare(strict_types=1);

namespace FoxCorner\Tests\App;

use FoxCorner\App\Practice\Solving\Bell;
use PHPUnit\Framework\TestCase;

/** Workers sleep until somebody rings: in a process of its own, since that is how they live. */
final class BellTest extends TestCase
{
    private string $path;

    protected function setUp(): void
    {
        $this->path = sys_get_temp_dir() . '/bell-' . bin2hex(random_bytes(6));
    }

    protected function tearDown(): void
    {
        file_exists($this->path) && unlink($this->path);
    }

    public function testWhatWasRungBeforeIsHeardOnce(): void
    {
        (new Bell($this->path))->ring();
        $worker = new Bell($this->path);
        self::assertFalse($worker->wait(0.01), 'nobody listened: the pipe went with the one who rang');
        (new Bell($this->path))->ring();
        (new Bell($this->path))->ring();
        self::assertTrue($worker->wait(5.0));
        self::assertFalse($worker->wait(0.01), 'two rings are one look');
    }

    public function testARingEndsTheSleep(): void
    {
        $worker = new Bell($this->path);
        $worker->wait(0.0);
        $ringer = pcntl_fork();
        if (0 === $ringer) {
            usleep(50_000);
            (new Bell($this->path))->ring();
            posix_kill(posix_getpid(), \SIGKILL);
        }
        self::assertTrue($worker->wait(30.0));
        pcntl_waitpid($ringer, $status);
    }

    public function testWhereNoPipeCanBeItIsLookedOften(): void
    {
        touch($this->path);
        $bell = new Bell($this->path);
        $bell->ring();
        self::assertFalse($bell->wait(0.001));
        self::assertSame(0, filesize($this->path), 'a file that is none of ours is left alone');
    }
}
