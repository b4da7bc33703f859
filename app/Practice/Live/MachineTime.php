<?php

declare(strict_types=1);

namespace FoxCorner\App\Practice\Live;

use Psr\Clock\ClockInterface;

/** The clocks of the machine that answers. */
final readonly class MachineTime implements RunTime
{
    public function __construct(private ClockInterface $clock) {}

    public function wall(): int
    {
        return (int) $this->clock->now()->format('Uv');
    }

    public function uptime(): int
    {
        // Goes on while the machine sleeps, which the usual monotonic clock does not.
        $seconds = strtok((string) @file_get_contents('/proc/uptime'), ' ');

        return is_numeric($seconds) ? (int) round(1000 * (float) $seconds) : intdiv(hrtime(true), 1_000_000);
    }

    public function boot(): string
    {
        return trim((string) @file_get_contents('/proc/sys/kernel/random/boot_id'));
    }
}
