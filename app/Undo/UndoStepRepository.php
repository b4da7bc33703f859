<?php

declare(strict_types=1);

namespace FoxCorner\App\Undo;

use Doctrine\Bundle\DoctrineBundle\Repository\ServiceEntityRepository;
use Doctrine\Persistence\ManagerRegistry;
use FoxCorner\App\Club\Team;
use FoxCorner\App\Shared\Time\Instant;
use Psr\Clock\ClockInterface;
use Symfony\Component\Uid\Uuid;

/** @extends ServiceEntityRepository<UndoStep> */
final class UndoStepRepository extends ServiceEntityRepository
{
    /** Steps of a team that are kept; children's data must not lie about for ever. */
    private const KEPT = 60;
    public const DAYS = 30;

    public function __construct(ManagerRegistry $registry, private readonly ClockInterface $clock)
    {
        parent::__construct($registry, UndoStep::class);
    }

    /** @return list<UndoLabel> the latest first, without what they hold */
    public function labels(Team $team): array
    {
        /** @var list<UndoLabel> $labels */
        $labels = $this->getEntityManager()
            ->createQuery(
                'SELECT NEW ' .
                    UndoLabel::class .
                    '(step.id, step.words, account.name, step.at, step.undone) FROM ' .
                    UndoStep::class .
                    ' step JOIN step.by account WHERE step.team = :team AND step.at >= :since ' .
                    'ORDER BY step.at DESC, step.id DESC',
            )
            ->setParameter('team', $team->id(), 'uuid')
            ->setParameter('since', $this->since(), Instant::NAME)
            ->setMaxResults(self::KEPT)
            ->getResult();

        return $labels;
    }

    public function inTeam(Team $team, string $id): ?UndoStep
    {
        $step = Uuid::isValid($id) ? $this->findOneBy(['team' => $team, 'id' => Uuid::fromString($id)]) : null;

        return null !== $step && $step->at >= $this->since() ? $step : null;
    }

    public function dropOld(Team $team): void
    {
        $connection = $this->getEntityManager()->getConnection();
        $id = $team->id()->toBinary();
        $oldest = $connection->fetchOne(
            \sprintf('SELECT at FROM undo_step WHERE team_id = ? ORDER BY at DESC LIMIT 1 OFFSET %d', self::KEPT),
            [$id],
        );
        $bound = Instant::written($this->since());
        $connection->executeStatement('DELETE FROM undo_step WHERE team_id = ? AND at < ?', [
            $id,
            \is_string($oldest) ? max($oldest, $bound) : $bound,
        ]);
    }

    private function since(): \DateTimeImmutable
    {
        return $this->clock->now()->modify('-' . self::DAYS . ' days');
    }
}
