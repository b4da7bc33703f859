<?php

declare(strict_types=1);

namespace FoxCorner\App\Practice\Book;

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

    /** Practices that were, on a page. */
    public const PAGE = 40;
    /** The latest end of a practice that has begun: none is longer. */
    public const LONGEST = '-180 minutes';

    /** @return list<Practice> all that there ever were, the latest first */
    public function of(Team $team): array
    {
        return $this->findBy(['team' => $team], ['startsAt' => 'DESC', 'id' => 'DESC']);
    }

    /** @return list<PracticeLabel> of all, without their sheets, the latest first */
    public function labels(Team $team): array
    {
        /** @var list<PracticeLabel> $labels */
        $labels = $this->getEntityManager()
            ->createQuery(
                'SELECT NEW ' .
                    PracticeLabel::class .
                    '(p.id, p.letters, p.startsAt, p.place) FROM ' .
                    Practice::class .
                    ' p WHERE p.team = :team ORDER BY p.startsAt DESC, p.id DESC',
            )
            ->setParameter('team', $team->id(), 'uuid')
            ->getResult();

        return $labels;
    }

    /** @return list<Practice> that go on or are to come, the next first */
    public function coming(Team $team, \DateTimeImmutable $now): array
    {
        $begun = $this->since($team, $now->modify(self::LONGEST));
        $coming = array_filter($begun, static fn(Practice $practice): bool => $practice->endsAt() >= $now);

        return array_reverse(array_values($coming));
    }

    /** @return list<Practice> that begin from a moment on, the latest first */
    public function since(Team $team, \DateTimeImmutable $from): array
    {
        /** @var list<Practice> $found */
        $found = $this->createQueryBuilder('p')
            ->where('p.team = :team AND p.startsAt >= :from')
            ->setParameter('team', $team->id(), 'uuid')
            ->setParameter('from', $from)
            ->orderBy('p.startsAt', 'DESC')
            ->getQuery()
            ->getResult();

        return $found;
    }

    /**
     * @param int $page from 1
     *
     * @return array{list<Practice>, int} those of the page that are over, the latest first; how many pages there are
     */
    public function past(Team $team, \DateTimeImmutable $now, int $page): array
    {
        $over = $this->createQueryBuilder('p')
            ->where("p.team = :team AND DATE_ADD(p.startsAt, p.minutes, 'MINUTE') < :now")
            ->setParameter('team', $team->id(), 'uuid')
            ->setParameter('now', $now);
        $count = (int) (clone $over)->select('COUNT(p)')->getQuery()->getSingleScalarResult();
        $pages = max(1, (int) ceil($count / self::PAGE));
        /** @var list<Practice> $found */
        $found = $over
            ->orderBy('p.startsAt', 'DESC')
            ->addOrderBy('p.id', 'DESC')
            ->setFirstResult(self::PAGE * (max(1, min($page, $pages)) - 1))
            ->setMaxResults(self::PAGE)
            ->getQuery()
            ->getResult();

        return [$found, $pages];
    }

    public function hasAny(Team $team): bool
    {
        return 0 < $this->count(['team' => $team]);
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
