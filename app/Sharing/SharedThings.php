<?php

declare(strict_types=1);

namespace FoxCorner\App\Sharing;

use Doctrine\ORM\EntityManagerInterface;
use FoxCorner\App\Club\PlayerRepository;
use FoxCorner\App\Club\Team;
use FoxCorner\App\Practice\Book\Practice;
use FoxCorner\App\Practice\Book\PracticeRepository;
use FoxCorner\Core\Game\Situation;
use FoxCorner\Core\Runs\RunChain;
use Psr\Clock\ClockInterface;
use Symfony\Component\Uid\Uuid;

/** What there is to share of a team, and the links to it that are open. */
final readonly class SharedThings
{
    /** What a link to the board is of. */
    public const ALL = 'all';

    public function __construct(
        private EntityManagerInterface $entities,
        private PlayerRepository $players,
        private PracticeRepository $practices,
        private ClockInterface $clock,
    ) {}

    /** @return array<string, string> names by what a link is of, for a kind */
    public function of(Team $team, SharedKind $kind): array
    {
        $things = [];
        switch ($kind) {
            case SharedKind::Situation:
                foreach (RunChain::situations() as $situation) {
                    $things[$situation->key()] = $situation->label();
                }
                break;
            case SharedKind::Board:
                $things[self::ALL] = 'All 24 situations';
                break;
            case SharedKind::Sheet:
                foreach ($this->practices->labels($team) as $practice) {
                    $things[$practice->id->toRfc4122()] = $practice->startsAt->format('l j F Y, H:i');
                }
                break;
            case SharedKind::Player:
                foreach ($this->players->rosterOf($team) as $player) {
                    $things[$player->id] = "$player->number $player->name";
                }
        }

        return $things;
    }

    public function situation(SharedLink $link): Situation
    {
        return Situation::fromKey($link->of);
    }

    public function practice(SharedLink $link): ?Practice
    {
        return Uuid::isValid($link->of)
            ? $this->practices->findOneBy(['team' => $link->team, 'id' => Uuid::fromString($link->of)])
            : null;
    }

    /** @return list<SharedLink> the newest first */
    public function links(Team $team): array
    {
        $now = $this->clock->now();

        return array_values(
            array_filter(
                $this->entities
                    ->getRepository(SharedLink::class)
                    ->findBy(['team' => $team, 'revokedAt' => null], ['id' => 'DESC']),
                static fn(SharedLink $link): bool => $link->isOpen($now),
            ),
        );
    }

    public function link(string $secret): ?SharedLink
    {
        $link = $this->entities->getRepository(SharedLink::class)->findOneBy(['secret' => $secret]);

        return true === $link?->isOpen($this->clock->now()) ? $link : null;
    }
}
