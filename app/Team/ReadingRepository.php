<?php

declare(strict_types=1);

namespace FoxCorner\App\Team;

use Doctrine\Bundle\DoctrineBundle\Repository\ServiceEntityRepository;
use Doctrine\Persistence\ManagerRegistry;
use FoxCorner\Core\People\Quantity;
use FoxCorner\Core\People\Readings;
use Symfony\Component\Uid\Uuid;

/** @extends ServiceEntityRepository<Reading> */
final class ReadingRepository extends ServiceEntityRepository
{
    public function __construct(ManagerRegistry $registry)
    {
        parent::__construct($registry, Reading::class);
    }

    /** @return list<Reading> the latest first */
    public function lately(Team $team): array
    {
        /** @var list<Reading> $readings */
        $readings = $this->createQueryBuilder('reading')
            ->addSelect('player', 'account')
            ->join('reading.player', 'player')
            ->join('reading.takenBy', 'account')
            ->where('player.team = :team')
            ->setParameter('team', $team->id(), 'uuid')
            ->orderBy('reading.id', 'DESC')
            ->setMaxResults(40)
            ->getQuery()
            ->getResult();

        return $readings;
    }

    /** @return array<string, Readings> by {@see Reading::key()} */
    public function byPlayer(Team $team): array
    {
        /** @var list<Reading> $readings */
        $readings = $this->createQueryBuilder('reading')
            ->join('reading.player', 'player')
            ->where('player.team = :team')
            ->setParameter('team', $team->id(), 'uuid')
            ->orderBy('reading.id')
            ->getQuery()
            ->getResult();
        $values = [];
        foreach ($readings as $reading) {
            $values[$reading->key()][] = $reading->value;
        }

        return array_map(Readings::of(...), $values);
    }

    public function of(Player $player, Quantity $quantity): Readings
    {
        return Readings::of(array_map(static fn(Reading $reading): float => $reading->value, $this->findBy(['player' => $player, 'quantity' => $quantity], ['id' => 'ASC'])));
    }

    /** A reading of this team; null for an id that is not one, or is another team's. */
    public function inTeam(Team $team, string $id): ?Reading
    {
        $reading = Uuid::isValid($id) ? $this->find(Uuid::fromString($id)) : null;

        return $reading?->player->team === $team ? $reading : null;
    }
}
