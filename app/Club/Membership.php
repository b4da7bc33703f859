<?php

declare(strict_types=1);

namespace FoxCorner\App\Club;

use Doctrine\ORM\Mapping as ORM;
use FoxCorner\App\Shared\Identified;
use Symfony\Component\Security\Core\Exception\AccessDeniedException;
use Symfony\Component\Uid\Uuid;

/** An account in a team. Every page of a team starts from one: without it the team does not exist for the visitor. */
#[ORM\Entity(repositoryClass: MembershipRepository::class)]
#[ORM\UniqueConstraint(columns: ['account_id', 'team_id'])]
class Membership
{
    use Identified;

    public function __construct(
        #[ORM\ManyToOne] #[ORM\JoinColumn(nullable: false)] public readonly Account $account,
        #[ORM\ManyToOne] #[ORM\JoinColumn(nullable: false)] public readonly Team $team,
        #[ORM\Column(length: 20)] public Role $role,
        /** Whom of the roster the account is, where it is one of them. */
        #[ORM\ManyToOne] #[ORM\JoinColumn(onDelete: 'SET NULL')] public ?Player $player = null,
    ) {
        $this->id = Uuid::v7();
    }

    public function may(May $what): bool
    {
        return $this->role->may($what);
    }

    /** @throws AccessDeniedException when the member may not */
    public function mustBe(May $what): void
    {
        if (!$this->may($what)) {
            throw new AccessDeniedException(
                \sprintf(
                    'This is for %s: %s.',
                    implode(
                        ' and ',
                        array_map(static fn(Role $role): string => lcfirst($role->label()), $what->roles()),
                    ),
                    lcfirst($what->label()),
                ),
            );
        }
    }

    public function canChange(): bool
    {
        return $this->may(May::Change);
    }

    /** @throws AccessDeniedException when the member may only read */
    public function mustBeAbleToChange(): void
    {
        if (!$this->canChange()) {
            throw new AccessDeniedException('Players read the plan; coaches change it.');
        }
    }

    /**
     * Whether the member may see what is measured, limited, graded and counted of a player: his own, or all as a
     * coach.
     */
    public function seesAllOf(string $player): bool
    {
        return $this->may(May::SeeAll) || $this->player?->id()->toRfc4122() === $player;
    }

    /** Whether an address that a page gives back to us is one of the team's own pages. */
    public function owns(string $path): bool
    {
        $team = explode('/', $path, 3)[1] ?? '';

        return str_starts_with($path, "/$team/") && $this->team->answersTo($team);
    }

    public function canRemove(): bool
    {
        return $this->may(May::Remove);
    }

    /** @throws AccessDeniedException when the member may not take off what others rely on */
    public function mustBeHeadCoach(): void
    {
        if (!$this->canRemove()) {
            throw new AccessDeniedException('The head coach takes players, opponents and practices that have run off.');
        }
    }
}
