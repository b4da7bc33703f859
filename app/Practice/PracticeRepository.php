<?php

declare(strict_types=1);

namespace FoxCorner\App\Practice;

use Doctrine\Bundle\DoctrineBundle\Repository\ServiceEntityRepository;
use Doctrine\Persistence\ManagerRegistry;
use FoxCorner\App\Club\Team;

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

    /** A practice of this team by its address or its id; null when it is none, or another team's. */
    public function inTeam(Team $team, string $address): ?Practice
    {
        $asked = PracticeAddress::read($address);
        $found = null === $asked ? [] : $this->findBy(['team' => $team, ...$asked->criteria()], ['id' => 'ASC']);
        // Four letters are nearly always one practice's; where not, the day decides.
        foreach ($found as $practice) {
            if ($practice->address() === $address) {
                return $practice;
            }
        }

        return $found[0] ?? null;
    }

    /** Whether it is this team's, without reading it. */
    public function hasOne(Team $team, string $address): bool
    {
        $asked = PracticeAddress::read($address);

        return null !== $asked && 0 < $this->count(['team' => $team, ...$asked->criteria()]);
    }

    /** @return list<Practice> that begin in a time, the latest first */
    public function between(Team $team, \DateTimeImmutable $from, \DateTimeImmutable $to): array
    {
        /** @var list<Practice> $found */
        $found = $this->createQueryBuilder('p')
            ->where('p.team = :team AND p.startsAt >= :from AND p.startsAt < :to')
            ->setParameter('team', $team->id(), 'uuid')
            ->setParameter('from', $from)
            ->setParameter('to', $to)
            ->orderBy('p.startsAt', 'DESC')
            ->getQuery()
            ->getResult();

        return $found;
    }

    /** The one that begins last, whose ways the next one takes over. */
    public function latest(Team $team): ?Practice
    {
        return $this->findOneBy(['team' => $team], ['startsAt' => 'DESC']);
    }
}
