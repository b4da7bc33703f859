<?php

declare(strict_types=1);

namespace FoxCorner\App\Calendar;

use Doctrine\Bundle\DoctrineBundle\Repository\ServiceEntityRepository;
use Doctrine\Persistence\ManagerRegistry;
use FoxCorner\App\Club\Team;

/** @extends ServiceEntityRepository<Booking> */
final class BookingRepository extends ServiceEntityRepository
{
    public function __construct(ManagerRegistry $registry)
    {
        parent::__construct($registry, Booking::class);
    }

    /** @return list<Booking> that touch the time, the earliest first */
    public function between(Team $team, \DateTimeImmutable $from, \DateTimeImmutable $to): array
    {
        /** @var list<Booking> $found */
        $found = $this->createQueryBuilder('b')
            ->where('b.team = :team AND b.startsAt < :to AND b.endsAt > :from')
            ->setParameter('team', $team->id(), 'uuid')
            ->setParameter('from', $from)
            ->setParameter('to', $to)
            ->orderBy('b.startsAt')
            ->getQuery()
            ->getResult();

        return $found;
    }

    /** Takes out what an earlier reading of the same calendar had brought. */
    public function forget(Team $team, string $uid): void
    {
        $this->createQueryBuilder('b')
            ->delete()
            ->where('b.team = :team AND b.uid = :uid')
            ->setParameter('team', $team->id(), 'uuid')
            ->setParameter('uid', $uid)
            ->getQuery()
            ->execute();
    }
}
