<?php

declare(strict_types=1);

namespace FoxCorner\App\Club;

use Doctrine\Bundle\DoctrineBundle\Repository\ServiceEntityRepository;
use Doctrine\Persistence\ManagerRegistry;
use FoxCorner\Core\People\RosterPlayer;
use Psr\Clock\ClockInterface;
use Symfony\Component\Uid\Uuid;

/** @extends ServiceEntityRepository<Player> */
final class PlayerRepository extends ServiceEntityRepository
{
    public function __construct(ManagerRegistry $registry, private readonly ClockInterface $clock)
    {
        parent::__construct($registry, Player::class);
    }

    /** @return list<Player> by number */
    public function of(Team $team): array
    {
        return $this->findBy(['team' => $team], ['number' => 'ASC']);
    }

    /** @return list<RosterPlayer> by number, with the limits that hold today */
    public function rosterOf(Team $team): array
    {
        return array_map(
            fn(Player $player): RosterPlayer => $player->asRosterPlayer()->on($this->clock->now()),
            $this->of($team),
        );
    }

    /** @return list<RosterPlayer> by number, with every limit as it was entered */
    public function enteredFor(Team $team): array
    {
        return array_map(static fn(Player $player): RosterPlayer => $player->asRosterPlayer(), $this->of($team));
    }

    /** A player of this team; null for an id that is not one, or is another team's. */
    public function inTeam(Team $team, string $id): ?Player
    {
        return Uuid::isValid($id) ? $this->findOneBy(['team' => $team, 'id' => Uuid::fromString($id)]) : null;
    }
}
