<?php

declare(strict_types=1);

namespace FoxCorner\App\Club;

use Doctrine\Bundle\DoctrineBundle\Repository\ServiceEntityRepository;
use Doctrine\Persistence\ManagerRegistry;

/** @extends ServiceEntityRepository<Membership> */
final class MembershipRepository extends ServiceEntityRepository
{
    public function __construct(ManagerRegistry $registry)
    {
        parent::__construct($registry, Membership::class);
    }

    /**
     * All of an account's memberships, teams and clubs loaded with them, in order of the team's name.
     *
     * @return array<string, Membership> by the team's id
     */
    public function of(Account $account): array
    {
        /** @var list<Membership> $memberships */
        $memberships = $this->createQueryBuilder('membership')
            ->addSelect('team', 'club')
            ->join('membership.team', 'team')
            ->join('team.club', 'club')
            ->where('membership.account = :account')
            ->setParameter('account', $account->id(), 'uuid')
            ->orderBy('team.name')
            ->getQuery()
            ->getResult();
        $byTeam = [];
        foreach ($memberships as $membership) {
            $byTeam[$membership->team->id()->toRfc4122()] = $membership;
        }

        return $byTeam;
    }
}
