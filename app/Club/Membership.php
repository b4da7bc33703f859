<?php

declare(strict_types=1);

namespace FoxCorner\App\Club;

use Doctrine\ORM\Mapping as ORM;
use FoxCorner\App\Team\Team;
use Symfony\Component\Security\Core\Exception\AccessDeniedException;
use FoxCorner\App\Shared\Identified;
use Symfony\Component\Uid\Uuid;

/** An account in a team. Every page of a team starts from one: without it the team does not exist for the visitor. */
#[ORM\Entity(repositoryClass: MembershipRepository::class)]
#[ORM\UniqueConstraint(columns: ['account_id', 'team_id'])]
class Membership
{
    use Identified;

    public function __construct(
        #[ORM\ManyToOne]
        #[ORM\JoinColumn(nullable: false)]
        public readonly Account $account,
        #[ORM\ManyToOne]
        #[ORM\JoinColumn(nullable: false)]
        public readonly Team $team,
        #[ORM\Column(length: 20)]
        public Role $role,
    ) {
        $this->id = Uuid::v7();
    }

    public function canChange(): bool
    {
        return $this->role->canChange();
    }

    /** @throws AccessDeniedException when the member may only read */
    public function mustBeAbleToChange(): void
    {
        if (!$this->canChange()) {
            throw new AccessDeniedException('Players read the plan; coaches change it.');
        }
    }
}
