<?php

declare(strict_types=1);

namespace FoxCorner\App\People;

use Doctrine\ORM\EntityManagerInterface;
use FoxCorner\App\Club\Account;
use FoxCorner\App\Club\Team;
use Psr\Clock\ClockInterface;

/** What has happened among the people of a team: written down, and read by the head coach. */
final readonly class Happenings
{
    private const SHOWN = 50;
    private const LONGEST = 250;

    public function __construct(private EntityManagerInterface $entities, private ClockInterface $clock) {}

    /** Is kept with whatever is flushed next. */
    public function note(Team $team, Account $by, string $what): void
    {
        $words = mb_strimwidth($what, 0, self::LONGEST, '…');
        $this->entities->persist(new Happening($team, $by->name, $words, $this->clock->now()));
    }

    /** @return list<Happening> the latest first */
    public function of(Team $team): array
    {
        return $this->entities
            ->getRepository(Happening::class)
            ->findBy(['team' => $team], ['id' => 'DESC'], self::SHOWN);
    }
}
