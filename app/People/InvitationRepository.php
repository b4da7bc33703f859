<?php

declare(strict_types=1);

namespace FoxCorner\App\People;

use Doctrine\Bundle\DoctrineBundle\Repository\ServiceEntityRepository;
use Doctrine\Persistence\ManagerRegistry;
use FoxCorner\App\Access\Secret;
use FoxCorner\App\Club\Team;
use FoxCorner\App\Shared\Time\Instant;
use Symfony\Component\Uid\Uuid;

/** @extends ServiceEntityRepository<Invitation> */
final class InvitationRepository extends ServiceEntityRepository
{
    public function __construct(ManagerRegistry $registry)
    {
        parent::__construct($registry, Invitation::class);
    }

    /** @return list<Invitation> that still open something, the newest first */
    public function open(Team $team, \DateTimeImmutable $now): array
    {
        return array_values(
            array_filter(
                $this->findBy(['team' => $team, 'usedAt' => null, 'revokedAt' => null], ['id' => 'DESC']),
                static fn(Invitation $one): bool => $one->isOpen($now),
            ),
        );
    }

    public function inTeam(Team $team, string $id): ?Invitation
    {
        return Uuid::isValid($id) ? $this->findOneBy(['team' => $team, 'id' => Uuid::fromString($id)]) : null;
    }

    /** Whether it was still open, and is used now: of those who come at the same moment it lets one in. */
    public function use(Invitation $invitation, \DateTimeImmutable $now): bool
    {
        $used = $this->createQueryBuilder('one')
            ->update()
            ->set('one.usedAt', ':now')
            ->where('one.id = :id AND one.usedAt IS NULL AND one.revokedAt IS NULL AND one.until > :now')
            ->setParameter('now', $now, Instant::NAME)
            ->setParameter('id', $invitation->id(), 'uuid')
            ->getQuery()
            ->execute();

        return 1 === $used;
    }

    public function by(Secret $secret): ?Invitation
    {
        return $this->findOneBy(['fingerprint' => $secret->fingerprint()]);
    }
}
