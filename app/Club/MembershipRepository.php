<?php

declare(strict_types=1);

namespace FoxCorner\App\Club;

use Doctrine\Bundle\DoctrineBundle\Repository\ServiceEntityRepository;
use Doctrine\Persistence\ManagerRegistry;
use Symfony\Component\Uid\Uuid;

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

    /** @return list<Membership> of a team, the head coaches first, by name */
    public function in(Team $team): array
    {
        /** @var list<Membership> $all */
        $all = $this->createQueryBuilder('membership')
            ->addSelect('account', 'player')
            ->join('membership.account', 'account')
            ->leftJoin('membership.player', 'player')
            ->where('membership.team = :team')
            ->setParameter('team', $team->id(), 'uuid')
            ->orderBy('account.name')
            ->getQuery()
            ->getResult();
        $rank = array_flip(array_column(Role::cases(), 'value'));
        usort(
            $all,
            static fn(Membership $one, Membership $other): int => $rank[$one->role->value] <=>
                $rank[$other->role->value],
        );

        return $all;
    }

    public function inTeam(Team $team, string $id): ?Membership
    {
        return Uuid::isValid($id) ? $this->findOneBy(['team' => $team, 'id' => Uuid::fromString($id)]) : null;
    }

    public function hasEmail(Team $team, string $email): bool
    {
        foreach ($this->in($team) as $one) {
            if ($one->account->getUserIdentifier() === $email) {
                return true;
            }
        }

        return false;
    }

    /** @return list<Team> of the club in which he is no head coach */
    public function ledByOthers(Membership $membership): array
    {
        $mine = $this->of($membership->account);

        return array_values(
            array_filter(
                $this->getEntityManager()
                    ->getRepository(Team::class)
                    ->findBy(['club' => $membership->team->club], ['name' => 'ASC']),
                static fn(Team $team): bool => Role::HeadCoach !== ($mine[$team->id()->toRfc4122()] ?? null)?->role,
            ),
        );
    }

    /** Whether the team would have no head coach without him. */
    public function isLastHeadCoach(Membership $membership): bool
    {
        return Role::HeadCoach === $membership->role &&
            1 === $this->count(['team' => $membership->team, 'role' => Role::HeadCoach]);
    }
}
