<?php

declare(strict_types=1);

namespace FoxCorner\App\Practice\Solving;

use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\Messenger\Event\WorkerRunningEvent;

/**
 * A worker with nothing to do sleeps until it is rung for. Every few seconds it looks for what a killed one has left
 * lying, or another machine has brought.
 */
final readonly class IdleWorker
{
    /** s of sleep at most. */
    private const SLEEP = 2.0;

    public function __construct(private SolveJobs $jobs, private Bell $bell) {}

    #[AsEventListener]
    public function onRunning(WorkerRunningEvent $event): void
    {
        if (!$event->isWorkerIdle()) {
            return;
        }
        if (!$this->bell->wait(self::SLEEP) && $this->jobs->anyMayBegin()) {
            $this->jobs->wake();
        }
    }
}
