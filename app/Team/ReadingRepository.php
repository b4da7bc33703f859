<?php

declare(strict_types=1);

namespace FoxCorner\App\Team;

use Doctrine\Bundle\DoctrineBundle\Repository\ServiceEntityRepository;
use Doctrine\DBAL\LockMode;
use Doctrine\Persistence\ManagerRegistry;
use FoxCorner\App\Club\Player;
use FoxCorner\App\Club\Team;
use FoxCorner\Core\People\Quantity;
use FoxCorner\Core\People\Readings;
use Symfony\Component\Uid\Uuid;

/** @extends ServiceEntityRepository<Reading> */
final class ReadingRepository extends ServiceEntityRepository
{
    /** Tries of one player at one quantity that are kept. */
    private const MOST = 60;

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

    /**
     * All tries beside which some are shown: those of the same players at the same quantities.
     *
     * @param list<Reading> $shown
     *
     * @return array<string, Readings> by {@see Reading::key()}
     */
    public function beside(array $shown): array
    {
        $values = [];
        foreach (
            $this->findBy(
                [
                    'player' => array_values(
                        array_combine(
                            array_map(
                                static fn(Reading $reading): string => $reading->player->id()->toRfc4122(),
                                $shown,
                            ),
                            array_map(static fn(Reading $reading): Player => $reading->player, $shown),
                        ),
                    ),
                ],
                ['id' => 'ASC'],
            ) as $reading
        ) {
            $values[$reading->key()][] = $reading->value;
        }

        return array_map(Readings::of(...), $values);
    }

    /**
     * Takes a try or takes one back, with nobody else doing so for the same player in the same moment; the median of
     * all
     * becomes the player's figure. Of very many the oldest fall out.
     *
     * @param callable(): mixed $change
     */
    public function alone(Player $player, callable $change, Quantity $quantity): void
    {
        $entities = $this->getEntityManager();
        $entities->wrapInTransaction(function () use ($entities, $player, $change, $quantity): void {
            $entities->refresh($player, LockMode::PESSIMISTIC_WRITE);
            $change();
            $entities->flush();
            $of = ['player' => $player, 'quantity' => $quantity];
            foreach ($this->findBy($of, ['id' => 'DESC'], null, self::MOST) as $old) {
                $entities->remove($old);
            }
            $entities->flush();
            $player->measured($quantity, $this->of($player, $quantity)->median());
        });
    }

    private function of(Player $player, Quantity $quantity): Readings
    {
        return Readings::of(
            array_map(
                static fn(Reading $reading): float => $reading->value,
                $this->findBy(['player' => $player, 'quantity' => $quantity], ['id' => 'ASC']),
            ),
        );
    }

    /** A reading of this team; null for an id that is not one, or is another team's. */
    public function inTeam(Team $team, string $id): ?Reading
    {
        $reading = Uuid::isValid($id) ? $this->find(Uuid::fromString($id)) : null;

        return $reading?->player->team === $team ? $reading : null;
    }
}
