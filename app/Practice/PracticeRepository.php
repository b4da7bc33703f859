<?php

declare(strict_types=1);

namespace FoxCorner\App\Practice;

use Doctrine\Bundle\DoctrineBundle\Repository\ServiceEntityRepository;
use Doctrine\Persistence\ManagerRegistry;
use FoxCorner\App\Team\Team;
use Symfony\Component\Uid\Uuid;

/** @extends ServiceEntityRepository<Practice> */
final class PracticeRepository extends ServiceEntityRepository
{
    public function __construct(ManagerRegistry $registry)
    {
        parent::__construct($registry, Practice::class);
    }

    /** @return list<Practice> the latest first */
    public function of(Team $team): array
    {
        return $this->findBy(['team' => $team], ['startsAt' => 'DESC'], 60);
    }

    /** A practice of this team; null for an id that is not one, or is another team's. */
    public function inTeam(Team $team, string $id): ?Practice
    {
        return Uuid::isValid($id) ? $this->findOneBy(['team' => $team, 'id' => Uuid::fromString($id)]) : null;
    }
}
