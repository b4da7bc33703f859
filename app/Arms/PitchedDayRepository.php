<?php

declare(strict_types=1);

namespace FoxCorner\App\Arms;

use Doctrine\Bundle\DoctrineBundle\Repository\ServiceEntityRepository;
use Doctrine\Persistence\ManagerRegistry;
use FoxCorner\App\Club\Player;
use FoxCorner\App\Club\Team;

/** @extends ServiceEntityRepository<PitchedDay> */
final class PitchedDayRepository extends ServiceEntityRepository
{
    public function __construct(ManagerRegistry $registry)
    {
        parent::__construct($registry, PitchedDay::class);
    }

    /** @return list<PitchedDay> of players on the roster, the latest first */
    public function between(Team $team, \DateTimeImmutable $from, \DateTimeImmutable $to): array
    {
        /** @var list<PitchedDay> $found */
        $found = $this->createQueryBuilder('p')
            ->addSelect('player')
            ->join('p.player', 'player')
            ->where('p.team = :team AND p.day >= :from AND p.day <= :to')
            ->setParameter('team', $team->id(), 'uuid')
            ->setParameter('from', $from, 'date_immutable')
            ->setParameter('to', $to, 'date_immutable')
            ->orderBy('p.day', 'DESC')
            ->addOrderBy('player.number')
            ->getQuery()
            ->getResult();

        return $found;
    }

    public function on(Player $player, \DateTimeImmutable $day): ?PitchedDay
    {
        return $this->findOneBy(['player' => $player, 'day' => $day->setTime(0, 0)]);
    }
}
