<?php

declare(strict_types=1);

namespace FoxCorner\App\Practice\Drills;

use Doctrine\Bundle\DoctrineBundle\Repository\ServiceEntityRepository;
use Doctrine\Persistence\ManagerRegistry;
use FoxCorner\App\Club\Team;
use Symfony\Component\Uid\Uuid;

/** @extends ServiceEntityRepository<OwnDrill> */
final class OwnDrillRepository extends ServiceEntityRepository
{
    public function __construct(ManagerRegistry $registry)
    {
        parent::__construct($registry, OwnDrill::class);
    }

    /** @return list<OwnDrill> the oldest first */
    public function of(Team $team, bool $alsoPutAway): array
    {
        return $this->findBy(['team' => $team] + ($alsoPutAway ? [] : ['putAway' => false]), ['id' => 'ASC']);
    }

    public function byKey(Team $team, string $key): ?OwnDrill
    {
        $id = substr($key, \strlen('own-'));

        return str_starts_with($key, 'own-') && Uuid::isValid($id)
            ? $this->findOneBy(['team' => $team, 'id' => Uuid::fromString($id)])
            : null;
    }
}
