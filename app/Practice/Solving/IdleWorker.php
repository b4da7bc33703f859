<?php

declare(strict_types=1);

namespace FoxCorner\App\Practice\Solving;

use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\Messenger\Event\WorkerRunningEvent;

/** A worker with nothing to do looks once a second for what a killed one has left lying, or nobody was woken for. */
final class IdleWorker
{
    private const NANOSECONDS = 1_000_000_000;

    private int $looked = 0;

    public function __construct(private readonly SolveJobs $jobs) {}

    #[AsEventListener]
    public function onRunning(WorkerRunningEvent $event): void
    {
        if (!$event->isWorkerIdle() || hrtime(true) - $this->looked < self::NANOSECONDS) {
            return;
        }
        $this->looked = hrtime(true);
        if ($this->jobs->anyMayBegin()) {
            $this->jobs->wake();
        }
    }
}
