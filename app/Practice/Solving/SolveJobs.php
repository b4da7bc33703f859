<?php

declare(strict_types=1);

namespace FoxCorner\App\Practice\Solving;

use Doctrine\DBAL\Exception;
use Doctrine\ORM\EntityManagerInterface;
use FoxCorner\App\Club\Account;
use FoxCorner\App\Team\Team;
use FoxCorner\Core\InvalidValue;
use Psr\Clock\ClockInterface;
use Symfony\Component\Messenger\MessageBusInterface;
use Symfony\Component\Uid\Uuid;

/** The work that waits for the workers: a small number for each team, one of each team at a time. */
final class SolveJobs
{
    /** Pieces of work of a team that may wait or run. */
    private const MOST = 4;
    /** s after which a worker that has said nothing is taken for dead. */
    private const DEAD = 60;
    /** What goes on behind a page that is used meanwhile: nobody waits for it, and it holds up nothing else of its team. */
    private const BEHIND = "('ways', 'search')";
    /** Twice the moment before which a worker counts as dead. */
    private const MAY_BEGIN = "(job.state = 'waiting' OR (job.state = 'running' AND job.begun_at < ?))
        AND NOT EXISTS (SELECT 1 FROM (SELECT team_id, kind FROM solve_job WHERE state = 'running' AND begun_at >= ?) busy
            WHERE busy.team_id = job.team_id AND (job.kind IN ".self::BEHIND.' OR busy.kind NOT IN '.self::BEHIND.'))';
    private const TRIES = 5;
    /** Waiting for the answer: how often, and how long apart in µs; nine tenths of a second in all. */
    private const LOOKS = 30;
    private const APART = 30_000;

    public function __construct(private readonly EntityManagerInterface $entities, private readonly MessageBusInterface $bus, private readonly ClockInterface $clock)
    {
    }

    /**
     * Asks for something to be solved and waits a moment: most of it is ready by then.
     *
     * @param array<string, mixed> $request
     *
     * @throws InvalidValue when too much of the team is waiting already
     */
    public function ask(Team $team, Account $by, SolveKind $kind, string $practice, array $request): SolveJob
    {
        $connection = $this->entities->getConnection();
        $now = $this->clock->now();
        $connection->executeStatement('DELETE FROM solve_job WHERE asked_at < ?', [$now->modify('-1 day')->format('Y-m-d H:i:s')]);
        $open = $connection->fetchOne("SELECT COUNT(*) FROM solve_job WHERE team_id = ? AND state IN ('waiting', 'running') AND asked_at > ?", [$team->id()->toBinary(), $now->modify('-10 minutes')->format('Y-m-d H:i:s')]);
        if (is_numeric($open) && (int) $open >= self::MOST) {
            throw InvalidValue::because('practice', \sprintf('%d of your team’s practices are being solved already', $open), 'one after the other: wait until one is ready, then press again');
        }
        $job = new SolveJob($team, $by, $kind, $practice, json_encode($request, \JSON_THROW_ON_ERROR | \JSON_UNESCAPED_UNICODE), $now);
        $this->entities->persist($job);
        $this->entities->flush();
        $this->wake();

        return $this->await($job);
    }

    public function inTeam(Team $team, string $id): ?SolveJob
    {
        return Uuid::isValid($id) ? $this->entities->getRepository(SolveJob::class)->findOneBy(['team' => $team, 'id' => Uuid::fromString($id)]) : null;
    }

    /** The latest of its kind for a practice that is open, or ended well. */
    public function latest(Team $team, SolveKind $kind, string $practice): ?SolveJob
    {
        return $this->entities->getRepository(SolveJob::class)->findOneBy(['team' => $team, 'kind' => $kind, 'practice' => $practice, 'state' => [SolveState::Waiting, SolveState::Running, SolveState::Done]], ['askedAt' => 'DESC']);
    }

    /** Pieces of work of everybody that come before this one. */
    public function before(SolveJob $job): int
    {
        $count = $this->entities->getConnection()->fetchOne("SELECT COUNT(*) FROM solve_job WHERE state IN ('waiting', 'running') AND id < ? AND asked_at > ?", [$job->id()->toBinary(), $this->clock->now()->modify('-10 minutes')->format('Y-m-d H:i:s')]);

        return is_numeric($count) ? (int) $count : 0;
    }

    public function drop(SolveJob $job): void
    {
        $this->entities->getConnection()->executeStatement("UPDATE solve_job SET state = 'dropped' WHERE id = ? AND state IN ('waiting', 'running')", [$job->id()->toBinary()]);
    }

    public function wake(): void
    {
        $this->bus->dispatch(new Solve());
    }

    /**
     * A worker takes in hand what has waited longest, of a team for which no other worker is at work.
     *
     * A team that is at work is passed over: whoever works for it asks again when he is done.
     *
     * @return Uuid|null the id of what is his now; null when nothing waits that may begin
     */
    public function next(): ?Uuid
    {
        $connection = $this->entities->getConnection();
        $dead = $this->clock->now()->modify('-'.self::DEAD.' seconds')->format('Y-m-d H:i:s');
        // Another worker may be quicker: then the one after it.
        for ($try = 0; $try < self::TRIES; ++$try) {
            $id = $connection->fetchOne('SELECT job.id FROM solve_job job WHERE '.self::MAY_BEGIN.' ORDER BY job.id LIMIT 1', [$dead, $dead]);
            if (!\is_string($id)) {
                return null;
            }
            $taken = $connection->executeStatement(
                "UPDATE solve_job job SET job.state = 'running', job.begun_at = ? WHERE job.id = ? AND ".self::MAY_BEGIN, [$this->clock->now()->format('Y-m-d H:i:s'), $id, $dead, $dead],
            );
            if (0 < (int) $taken) {
                return Uuid::fromBinary($id);
            }
        }

        return null;
    }

    public function anyMayBegin(): bool
    {
        $dead = $this->clock->now()->modify('-'.self::DEAD.' seconds')->format('Y-m-d H:i:s');

        return false !== $this->entities->getConnection()->fetchOne('SELECT 1 FROM solve_job job WHERE '.self::MAY_BEGIN.' LIMIT 1', [$dead, $dead]);
    }

    public function isWanted(SolveJob $job): bool
    {
        return SolveState::Dropped->value !== $this->entities->getConnection()->fetchOne('SELECT state FROM solve_job WHERE id = ?', [$job->id()->toBinary()]);
    }

    /** The worker gives it back undone. */
    public function release(Uuid $job): void
    {
        try {
            $this->entities->getConnection()->executeStatement("UPDATE solve_job SET state = 'waiting' WHERE id = ? AND state = 'running'", [$job->toBinary()]);
        } catch (Exception) {
            // The database is away: after a minute it counts as given back anyway.
        }
    }

    public function end(Uuid $job, SolveOutcome $outcome): void
    {
        $this->entities->getConnection()->executeStatement("UPDATE solve_job SET state = 'done', outcome = ? WHERE id = ? AND state = 'running'", [$outcome->write(), $job->toBinary()]);
    }

    private function await(SolveJob $job): SolveJob
    {
        for ($look = 0; $look < self::LOOKS; ++$look) {
            $state = $this->entities->getConnection()->fetchOne('SELECT state FROM solve_job WHERE id = ?', [$job->id()->toBinary()]);
            if (\is_string($state) && true === SolveState::tryFrom($state)?->isOver()) {
                break;
            }
            usleep(self::APART);
        }
        $this->entities->refresh($job);

        return $job;
    }
}
