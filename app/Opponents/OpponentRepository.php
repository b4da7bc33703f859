<?php

declare(strict_types=1);

namespace FoxCorner\App\Opponents;

use Doctrine\Bundle\DoctrineBundle\Repository\ServiceEntityRepository;
use Doctrine\Persistence\ManagerRegistry;
use FoxCorner\App\Club\Team;
use FoxCorner\Core\Game\Batter;
use Symfony\Component\Uid\Uuid;

/** @extends ServiceEntityRepository<Opponent> */
final class OpponentRepository extends ServiceEntityRepository
{
    public function __construct(ManagerRegistry $registry)
    {
        parent::__construct($registry, Opponent::class);
    }

    /** @return list<Opponent> by name, with their batters, in one statement */
    public function of(Team $team): array
    {
        /** @var list<Opponent> $opponents */
        $opponents = $this->createQueryBuilder('opponent')
            ->addSelect('batter')
            ->leftJoin('opponent.batters', 'batter')
            ->where('opponent.team = :team')
            ->setParameter('team', $team->id(), 'uuid')
            ->orderBy('opponent.name')
            ->addOrderBy('batter.place')
            ->addOrderBy('batter.number')
            ->getQuery()
            ->getResult();

        return $opponents;
    }

    /** @return array<string, list<BatterChoice>> by the opponent's name, in batting order */
    public function choices(Team $team): array
    {
        /** @var list<BatterChoice> $choices */
        $choices = $this->getEntityManager()
            ->createQuery(
                'SELECT NEW ' .
                    BatterChoice::class .
                    '(opponent.name, batter.id, batter.place, batter.name, batter.bats) FROM ' .
                    OpponentBatter::class .
                    ' batter JOIN batter.opponent opponent WHERE opponent.team = :team ORDER BY opponent.name, ' .
                    'batter.place, batter.number',
            )
            ->setParameter('team', $team->id(), 'uuid')
            ->getResult();
        $byOpponent = [];
        foreach ($choices as $choice) {
            $byOpponent[$choice->opponent][] = $choice;
        }

        return $byOpponent;
    }

    /** An opponent of this team; null for an id that is not one, or is another team's. */
    public function inTeam(Team $team, string $id): ?Opponent
    {
        return Uuid::isValid($id) ? $this->findOneBy(['team' => $team, 'id' => Uuid::fromString($id)]) : null;
    }

    /** A batter of one of this team's opponents; null for an id that is not one, or is another team's. */
    public function batter(Team $team, string $id): ?Batter
    {
        $batter = Uuid::isValid($id)
            ? $this->getEntityManager()
                ->getRepository(OpponentBatter::class)
                ->findOneBy(['id' => Uuid::fromString($id)])
            : null;

        return null !== $batter && $batter->opponent->team === $team
            ? $batter->asBatter($team->rules(), $team->level()->profile())
            : null;
    }
}
