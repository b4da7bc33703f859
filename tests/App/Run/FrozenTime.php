<?php

declare(strict_types=1);

namespace FoxCorner\Tests\App\Run;

use FoxCorner\App\Practice\Live\RunTime;
use Symfony\Component\Clock\MockClock;

/** A machine whose clocks go on only when somebody says so. */
final readonly class FrozenTime implements RunTime
{
    private const UP = 5_000_000;

    private int $begun;

    public function __construct(private MockClock $clock)
    {
        $this->begun = $this->wall();
    }

    public function wall(): int
    {
        return (int) $this->clock->now()->format('Uv');
    }

    public function uptime(): int
    {
        return self::UP + $this->wall() - $this->begun;
    }

    public function boot(): string
    {
        return 'frozen';
    }
}
