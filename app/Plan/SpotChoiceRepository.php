<?php

declare(strict_types=1);

namespace FoxCorner\App\Plan;

use Doctrine\Bundle\DoctrineBundle\Repository\ServiceEntityRepository;
use Doctrine\Persistence\ManagerRegistry;
use FoxCorner\App\Team\Team;
use FoxCorner\Core\Alignment\KeptSpot;
use FoxCorner\Core\Game\Situation;

/** @extends ServiceEntityRepository<SpotChoice> */
final class SpotChoiceRepository extends ServiceEntityRepository
{
    public function __construct(ManagerRegistry $registry)
    {
        parent::__construct($registry, SpotChoice::class);
    }

    /** @return array<string, list<KeptSpot>> by the situation's key */
    public function keptBy(Team $team): array
    {
        /** @var list<SpotChoice> $choices */
        $choices = $this->createQueryBuilder('choice')
            ->addSelect('account')
            ->join('choice.decidedBy', 'account')
            ->where('choice.team = :team')
            ->setParameter('team', $team->id(), 'uuid')
            ->orderBy('choice.position')
            ->getQuery()
            ->getResult();
        $kept = [];
        foreach ($choices as $choice) {
            $kept[$choice->situation][] = $choice->asKeptSpot();
        }

        return $kept;
    }

    /** @return array<int, SpotChoice> by position number */
    public function in(Team $team, Situation $situation): array
    {
        $choices = [];
        foreach ($this->findBy(['team' => $team, 'situation' => $situation->key()]) as $choice) {
            $choices[$choice->position()] = $choice;
        }

        return $choices;
    }
}
