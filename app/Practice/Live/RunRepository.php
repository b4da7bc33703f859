<?php

declare(strict_types=1);

namespace FoxCorner\App\Practice\Live;

use Doctrine\Bundle\DoctrineBundle\Repository\ServiceEntityRepository;
use Doctrine\Persistence\ManagerRegistry;
use FoxCorner\App\Club\Team;
use FoxCorner\App\Practice\Book\Practice;
use FoxCorner\App\Practice\Book\PracticeAddress;

/** @extends ServiceEntityRepository<PracticeRun> */
final class RunRepository extends ServiceEntityRepository
{
    public function __construct(ManagerRegistry $registry)
    {
        parent::__construct($registry, PracticeRun::class);
    }

    public function of(Practice $practice): ?PracticeRun
    {
        return $this->findOneBy(['practice' => $practice]);
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
