<?php

declare(strict_types=1);

namespace FoxCorner\App\Practice\Solving;

use Doctrine\DBAL\Exception;
use Doctrine\ORM\EntityManagerInterface;
use FoxCorner\App\Club\Account;
use FoxCorner\App\Club\Team;
use FoxCorner\App\Shared\Time\Instant;
use Psr\Clock\ClockInterface;
use Symfony\Component\Messenger\MessageBusInterface;
use Symfony\Component\Uid\Uuid;

/** The work that waits for the workers: a small number for each team, one of each team at a time. */
final class SolveJobs
{
    /** Pieces of work of a team that may wait or run: of what somebody waits for, and of what goes on behind. */
    private const MOST = 4;
    /** s after which a worker that has said nothing is taken for dead. */
    private const DEAD = 60;
    /** s after which nobody waits for a piece of work any more. */
    private const RECENT = 600;
    private const TRIES = 5;
    /** Waiting for the answer: how often, and how long apart in µs; nine tenths of a second in all. */
    private const LOOKS = 30;
    private const APART = 30_000;

    public function __construct(
        private readonly EntityManagerInterface $entities,
        private readonly MessageBusInterface $bus,
        private readonly ClockInterface $clock,
        private readonly Bell $bell,
    ) {}

    /**
     * Asks for something to be solved and waits a moment: most of it is ready by then.
     *
     * @param array<string, mixed> $request
     *
     * @throws TooManyWaiting when too much of the team is waiting already
     */
    public function ask(Team $team, Account $by, SolveKind $kind, string $practice, array $request): SolveJob
    {
        $now = $this->clock->now();
        $this->clear($team, $kind, $practice, $now);
        $open = $this->open($team, $kind, $now);
        if ($open >= self::MOST) {
            throw TooManyWaiting::already($open);
        }
        $said = json_encode($request, \JSON_THROW_ON_ERROR | \JSON_UNESCAPED_UNICODE);

        return $this->await($this->put(new SolveJob($team, $by, $kind, $practice, $said, $now)));
    }

    /** Leaves something to the workers that nobody waits for, unless the same waits there for the team already. */
    public function leave(Team $team, Account $by, SolveKind $kind): void
    {
        $now = $this->clock->now();
        $waits = $this->count("team_id = ? AND kind = ? AND state = 'waiting' AND asked_at > ?", [
            $team->id()->toBinary(),
            $kind->value,
            self::recent($now),
        ]);
        if (0 === $waits) {
            $this->put(new SolveJob($team, $by, $kind, '', '{}', $now));
        }
    }

    public function inTeam(Team $team, string $id): ?SolveJob
    {
        $jobs = $this->entities->getRepository(SolveJob::class);

        return Uuid::isValid($id) ? $jobs->findOneBy(['team' => $team, 'id' => Uuid::fromString($id)]) : null;
    }

    /** The latest of its kind for a practice that is open, or ended well. */
    public function latest(Team $team, SolveKind $kind, string $practice): ?SolveJob
    {
        $states = [SolveState::Waiting, SolveState::Running, SolveState::Done];
        $which = ['team' => $team, 'kind' => $kind, 'practice' => $practice, 'state' => $states];

        return $this->entities->getRepository(SolveJob::class)->findOneBy($which, ['askedAt' => 'DESC']);
    }

    /** Pieces of work of everybody that come before this one. */
    public function before(SolveJob $job): int
    {
        return $this->count("id < ? AND state IN ('waiting', 'running') AND asked_at > ?", [
            $job->id()->toBinary(),
            self::recent($this->clock->now()),
        ]);
    }

    public function drop(SolveJob $job): void
    {
        $this->entities
            ->getConnection()
            ->executeStatement(
                "UPDATE solve_job SET state = 'dropped' WHERE id = ? AND state IN ('waiting', 'running')",
                [$job->id()->toBinary()],
            );
    }

    /** Somebody takes what is found by now. */
    public function takeNow(SolveJob $job): void
    {
        $this->entities
            ->getConnection()
            ->executeStatement("UPDATE solve_job SET enough = 1 WHERE id = ? AND state = 'running'", [
                $job->id()->toBinary(),
            ]);
    }

    /**
     * A worker says how far he is, and that he lives.
     *
     * @return bool whether he is to go on
     */
    public function goesOn(SolveJob $job, int $done, int $steps): bool
    {
        $connection = $this->entities->getConnection();
        $connection->executeStatement(
            "UPDATE solve_job SET progress = ?, begun_at = ? WHERE id = ? AND state = 'running'",
            ["$done/$steps", Instant::written($this->clock->now()), $job->id()->toBinary()],
        );

        return false !==
            $connection->fetchOne("SELECT 1 FROM solve_job WHERE id = ? AND state = 'running' AND enough = 0", [
                $job->id()->toBinary(),
            ]);
    }

    public function wake(): void
    {
        $this->bus->dispatch(new Solve());
        $this->bell->ring();
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
        $dead = $this->dead();
        // Another worker may be quicker: then the one after it.
        for ($try = 0; $try < self::TRIES; ++$try) {
            $id = $connection->fetchOne(
                'SELECT job.id FROM solve_job job WHERE ' . SolveOrder::MAY_BEGIN . SolveOrder::NEXT,
                [$dead, $dead],
            );
            if (!\is_string($id)) {
                return null;
            }
            $taken = $connection->executeStatement(
                "UPDATE solve_job job SET job.state = 'running', job.begun_at = ? WHERE job.id = ? AND " .
                    SolveOrder::MAY_BEGIN,
                [Instant::written($this->clock->now()), $id, $dead, $dead],
            );
            if (0 < (int) $taken) {
                return Uuid::fromBinary($id);
            }
        }

        return null;
    }

    public function anyMayBegin(): bool
    {
        $dead = $this->dead();
        $any = 'SELECT 1 FROM solve_job job WHERE ' . SolveOrder::MAY_BEGIN . ' LIMIT 1';

        return false !== $this->entities->getConnection()->fetchOne($any, [$dead, $dead]);
    }

    public function isWanted(SolveJob $job): bool
    {
        return SolveState::Dropped !== $this->stateOf($job);
    }

    /** The worker gives it back undone. */
    public function release(Uuid $job): void
    {
        try {
            $this->entities
                ->getConnection()
                ->executeStatement("UPDATE solve_job SET state = 'waiting' WHERE id = ? AND state = 'running'", [
                    $job->toBinary(),
                ]);
        } catch (Exception) {
            // The database is away: after a minute it counts as given back anyway.
        }
    }

    public function end(Uuid $job, SolveOutcome $outcome): void
    {
        $this->entities
            ->getConnection()
            ->executeStatement("UPDATE solve_job SET state = 'done', outcome = ? WHERE id = ? AND state = 'running'", [
                $outcome->write(),
                $job->toBinary(),
            ]);
    }

    /** What is old goes, and what would help a sheet that has been changed since is not tried any more. */
    private function clear(Team $team, SolveKind $kind, string $practice, \DateTimeImmutable $now): void
    {
        $connection = $this->entities->getConnection();
        $yesterday = Instant::written($now->modify('-1 day'));
        $connection->executeStatement('DELETE FROM solve_job WHERE asked_at < ?', [$yesterday]);
        if (SolveKind::Ways === $kind) {
            $connection->executeStatement(
                "UPDATE solve_job SET state = 'dropped' WHERE team_id = ? AND practice = ? AND kind = 'ways' AND " .
                    "state = 'waiting'",
                [$team->id()->toBinary(), $practice],
            );
        }
        if (SolveKind::Improve === $kind) {
            // Somebody looks at another situation by now.
            $connection->executeStatement(
                "UPDATE solve_job SET state = 'dropped' WHERE team_id = ? AND kind = 'improve' AND state = 'waiting'",
                [$team->id()->toBinary()],
            );
        }
    }

    private function open(Team $team, SolveKind $kind, \DateTimeImmutable $now): int
    {
        return $this->count(
            "team_id = ? AND state IN ('waiting', 'running') AND asked_at > ?
                AND (kind IN " .
                SolveOrder::BEHIND .
                ') = (? IN ' .
                SolveOrder::BEHIND .
                ')',
            [$team->id()->toBinary(), self::recent($now), $kind->value],
        );
    }

    /** @param list<string> $values */
    private function count(string $where, array $values): int
    {
        $count = $this->entities->getConnection()->fetchOne("SELECT COUNT(*) FROM solve_job WHERE $where", $values);

        return is_numeric($count) ? (int) $count : 0;
    }

    /** Nobody waits for what was asked before. */
    private static function recent(\DateTimeImmutable $now): string
    {
        return Instant::written(Instant::later($now, -self::RECENT));
    }

    private function dead(): string
    {
        return Instant::written(Instant::later($this->clock->now(), -self::DEAD));
    }

    private function stateOf(SolveJob $job): ?SolveState
    {
        $state = $this->entities
            ->getConnection()
            ->fetchOne('SELECT state FROM solve_job WHERE id = ?', [$job->id()->toBinary()]);

        return \is_string($state) ? SolveState::tryFrom($state) : null;
    }

    private function put(SolveJob $job): SolveJob
    {
        $this->entities->persist($job);
        $this->entities->flush();
        $this->wake();

        return $job;
    }

    private function await(SolveJob $job): SolveJob
    {
        for ($look = 0; $look < self::LOOKS; ++$look) {
            if (true === $this->stateOf($job)?->isOver()) {
                break;
            }
            usleep(self::APART);
        }
        $this->entities->refresh($job);

        return $job;
    }
}
