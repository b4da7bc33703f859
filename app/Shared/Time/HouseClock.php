<?php

declare(strict_types=1);

namespace FoxCorner\App\Shared\Time;

use Symfony\Component\Clock\ClockInterface;
use Symfony\Component\Clock\DatePoint;
use Symfony\Component\DependencyInjection\Attribute\AsDecorator;
use Symfony\Component\DependencyInjection\Attribute\Autowire;

/**
 * What "now" is everywhere: the machine's time, or as far from it as FOX_CLOCK_SHIFT says (s), by which a whole
 * instance is tried on another day. It goes on from there.
 */
#[AsDecorator('clock')]
final readonly class HouseClock implements ClockInterface
{
    public function __construct(
        private ClockInterface $machine,
        #[Autowire(env: 'int:FOX_CLOCK_SHIFT')] private int $shift,
    ) {}

    public function now(): DatePoint
    {
        return Instant::later(DatePoint::createFromInterface($this->machine->now()), $this->shift);
    }

    public function sleep(float|int $seconds): void
    {
        $this->machine->sleep($seconds);
    }

    public function withTimeZone(\DateTimeZone|string $timezone): static
    {
        return new self($this->machine->withTimeZone($timezone), $this->shift);
    }
}
