<?php

declare(strict_types=1);

namespace FoxCorner\App\Practice\Solving;

use Doctrine\DBAL\Exception\ConnectionException;
use Doctrine\DBAL\Exception\RetryableException;
use Doctrine\ORM\EntityManagerInterface;
use Doctrine\ORM\OptimisticLockException;
use FoxCorner\Core\Problem\Meanwhile;
use FoxCorner\Core\Problem\Problem;
use FoxCorner\Core\Problem\Refused;
use Symfony\Component\DependencyInjection\Attribute\AutowireIterator;
use Symfony\Component\Messenger\Attribute\AsMessageHandler;
use Symfony\Component\Messenger\Exception\UnrecoverableMessageHandlingException;
use Symfony\Component\Uid\Uuid;

/** A worker at a piece of work. */
#[AsMessageHandler]
final readonly class SolveHandler
{
    /** @param iterable<SolveWork> $works */
    public function __construct(
        private SolveJobs $jobs,
        private EntityManagerInterface $entities,
        #[AutowireIterator(SolveWork::class)] private iterable $works,
    ) {}

    /**
     * What the database refuses for a moment is tried again; any other fault ends the work with a word, so that nobody
     * waits for it, and goes into the log.
     */
    public function __invoke(Solve $message): void
    {
        $id = $this->jobs->next();
        if (null === $id) {
            return;
        }
        try {
            $this->work($id);
        } finally {
            // Others of the team may have been passed over meanwhile.
            $this->jobs->wake();
        }
    }

    private function work(Uuid $id): void
    {
        $job = $this->entities->find(SolveJob::class, $id) ?? throw new \LogicException('What has begun is there.');
        try {
            $this->jobs->end($id, $this->outcomeOf($job));
        } catch (ConnectionException|RetryableException $away) {
            $this->jobs->release($id);
            throw $away;
        } catch (\Throwable $fault) {
            $this->jobs->end(
                $id,
                SolveOutcome::refused(
                    Refused::because(
                        $job->kind->thing(),
                        'it could not be done, by a fault of ours that is in the log now',
                        'trying it otherwise',
                    ),
                ),
            );
            throw new UnrecoverableMessageHandlingException($fault->getMessage(), 0, $fault);
        }
    }

    private function outcomeOf(SolveJob $job): SolveOutcome
    {
        try {
            return $this->workOf($job->kind)->do($job);
        } catch (Problem $problem) {
            return SolveOutcome::refused($problem);
        } catch (OptimisticLockException) {
            return SolveOutcome::refused(Meanwhile::changedSince('practice'));
        }
    }

    private function workOf(SolveKind $kind): SolveWork
    {
        foreach ($this->works as $work) {
            if ($work->kind() === $kind) {
                return $work;
            }
        }

        throw new \LogicException("Nobody does “{$kind->value}”.");
    }
}
