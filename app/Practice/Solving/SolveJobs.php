<?php

declare(strict_types=1);

namespace FoxCorner\App\Practice\Solving;

use Doctrine\DBAL\Exception;
use Doctrine\ORM\EntityManagerInterface;
use FoxCorner\App\Club\Account;
use FoxCorner\App\Team\Team;
use FoxCorner\Core\InvalidValue;
use Psr\Clock\ClockInterface;
use Symfony\Component\Messenger\Exception\HandlerFailedException;
use Symfony\Component\Messenger\MessageBusInterface;
use Symfony\Component\Uid\Uuid;

/** The work that waits for the workers: a small number for each team, one of each team at a time. */
final class SolveJobs
{
    /** Pieces of work of a team that may wait or run. */
    private const MOST = 4;
    /** s after which a worker that has said nothing is taken for dead. */
    private const DEAD = 60;
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
        try {
            $this->bus->dispatch(new Solve($job->id()->toRfc4122()));
        } catch (HandlerFailedException $failed) {
            // Where no worker runs apart, as in tests, it is handled at once; a busy team leaves it waiting.
            if (!$failed->getPrevious() instanceof TeamIsBusy) {
                throw $failed;
            }
        }

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

    /**
     * A worker takes it in hand.
     *
     * @return bool false when it is over, or somebody else has it
     *
     * @throws TeamIsBusy
     */
    public function begin(Uuid $job): bool
    {
        $connection = $this->entities->getConnection();
        $now = $this->clock->now();
        $dead = $now->modify('-'.self::DEAD.' seconds')->format('Y-m-d H:i:s');
        $taken = $connection->executeStatement(
            "UPDATE solve_job SET state = 'running', begun_at = ? WHERE id = ? AND (state = 'waiting' OR (state = 'running' AND begun_at < ?))
                AND team_id NOT IN (SELECT team_id FROM (SELECT id, team_id FROM solve_job WHERE state = 'running' AND begun_at >= ?) busy WHERE busy.id <> ?)",
            [$now->format('Y-m-d H:i:s'), $job->toBinary(), $dead, $dead, $job->toBinary()],
        );
        if (0 < (int) $taken) {
            return true;
        }
        if ('waiting' === $connection->fetchOne('SELECT state FROM solve_job WHERE id = ?', [$job->toBinary()])) {
            throw new TeamIsBusy('Another practice of the team is being solved.');
        }

        return false;
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
