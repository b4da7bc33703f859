<?php

declare(strict_types=1);

namespace FoxCorner\App\Practice\Live;

use Doctrine\Bundle\DoctrineBundle\Repository\ServiceEntityRepository;
use Doctrine\Persistence\ManagerRegistry;
use FoxCorner\App\Club\Team;
use FoxCorner\App\Practice\Book\Practice;
use FoxCorner\App\Practice\Book\PracticeAddress;
use FoxCorner\App\Practice\Book\PracticeRepository;

/** @extends ServiceEntityRepository<PracticeRun> */
final class RunRepository extends ServiceEntityRepository
{
    /** The latest beginning of a practice for which people are on their way. */
    private const SOON = '+180 minutes';

    public function __construct(ManagerRegistry $registry)
    {
        parent::__construct($registry, PracticeRun::class);
    }

    public function of(Practice $practice): ?PracticeRun
    {
        return $this->findOneBy(['practice' => $practice]);
    }

    /** The practice whose clock runs, that goes on, or begins so soon that people come to the field for it. */
    public function near(Team $team, \DateTimeImmutable $now): ?Practice
    {
        $from = $now->modify(PracticeRepository::LONGEST);
        /** @var list<Practice> $near */
        $near = $this->getEntityManager()
            ->createQueryBuilder()
            ->select('p')
            ->from(Practice::class, 'p')
            ->leftJoin(PracticeRun::class, 'run', 'WITH', 'run.practice = p')
            ->where('p.team = :team AND ((p.startsAt >= :from AND p.startsAt < :to) OR run.startedAt >= :begun)')
            ->setParameter('team', $team->id(), 'uuid')
            ->setParameter('from', $from)
            ->setParameter('to', $now->modify(self::SOON))
            ->setParameter('begun', 1000 * $from->getTimestamp())
            ->orderBy('run.startedAt', 'DESC')
            ->addOrderBy('p.startsAt', 'ASC')
            ->getQuery()
            ->getResult();
        foreach ($near as $practice) {
            if ($practice->endsAt() >= $now) {
                return $practice;
            }
        }

        return null;
    }

    /** The run of a practice by the practice's address, without the practice itself: forty phones ask. */
    public function inTeam(Team $team, string $practice): ?PracticeRun
    {
        $asked = PracticeAddress::read($practice);
        if (null === $asked) {
            return null;
        }
        $query = $this->createQueryBuilder('run')
            ->join('run.practice', 'practice')
            ->where('practice.team = :team')
            ->setParameter('team', $team->id(), 'uuid')
            ->setMaxResults(1);
        null === $asked->id
            ? $query
                ->andWhere('practice.letters = :letters')
                ->addSelect('ABS(DATE_DIFF(practice.startsAt, :day)) AS HIDDEN away')
                ->orderBy('away')
                ->setParameter('letters', $asked->letters)
                ->setParameter('day', $asked->day)
            : $query->andWhere('practice.id = :practice')->setParameter('practice', $asked->id, 'uuid');
        /** @var PracticeRun|null $run */
        $run = $query->getQuery()->getOneOrNullResult();

        return $run;
    }

    /**
     * @param list<Practice> $practices
     *
     * @return array<string, PracticeRun> by the practice's id
     */
    public function ofAll(array $practices): array
    {
        $runs = [];
        foreach ($this->findBy(['practice' => $practices]) as $run) {
            $runs[$run->practice->id()->toRfc4122()] = $run;
        }

        return $runs;
    }

    /** Tells every phone that something other than the clock has changed. */
    public function touch(PracticeRun $run): void
    {
        $this->getEntityManager()
            ->getConnection()
            ->executeStatement('UPDATE practice_run SET edition = edition + 1 WHERE id = ?', [$run->id()->toBinary()]);
    }
}
