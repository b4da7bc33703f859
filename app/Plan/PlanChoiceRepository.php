<?php

declare(strict_types=1);

namespace FoxCorner\App\Plan;

use Doctrine\Bundle\DoctrineBundle\Repository\ServiceEntityRepository;
use Doctrine\Persistence\ManagerRegistry;
use FoxCorner\App\Team\Team;
use FoxCorner\Core\Game\Situation;

/** @extends ServiceEntityRepository<PlanChoice> */
final class PlanChoiceRepository extends ServiceEntityRepository
{
    public function __construct(ManagerRegistry $registry)
    {
        parent::__construct($registry, PlanChoice::class);
    }

    /** @return array<string, string> the chosen coverages by the situation's key */
    public function coveragesOf(Team $team): array
    {
        $coverages = [];
        foreach ($this->findBy(['team' => $team]) as $choice) {
            $coverages[$choice->situation] = $choice->coverage();
        }

        return $coverages;
    }

    public function in(Team $team, Situation $situation): ?PlanChoice
    {
        /** @var PlanChoice|null $choice */
        $choice = $this->createQueryBuilder('choice')
            ->addSelect('account')
            ->join('choice.decidedBy', 'account')
            ->where('choice.team = :team', 'choice.situation = :situation')
            ->setParameter('team', $team->id(), 'uuid')
            ->setParameter('situation', $situation->key())
            ->getQuery()
            ->getOneOrNullResult();

        return $choice;
    }
}
