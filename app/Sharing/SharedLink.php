<?php

declare(strict_types=1);

namespace FoxCorner\App\Sharing;

use Doctrine\ORM\Mapping as ORM;
use FoxCorner\App\Club\Account;
use FoxCorner\App\Club\Team;
use FoxCorner\App\Shared\Identified;
use FoxCorner\App\Shared\Time\Instant;
use Symfony\Component\Uid\Uuid;

/** Lets whoever has it read one thing of a team, without an account, until a day. */
#[ORM\Entity]
#[ORM\Index(columns: ['team_id', 'id'])]
class SharedLink
{
    use Identified;

    #[ORM\Column(type: Instant::NAME, nullable: true)]
    private ?\DateTimeImmutable $revokedAt = null;

    /**
     * @param string $of     the situation's key, the practice's or the player's id
     * @param string $secret kept in words: what it opens is read-only, and the coach wants to see the link again
     * @param bool   $names  whether names are shown, or numbers alone
     */
    public function __construct(
        #[ORM\ManyToOne] #[ORM\JoinColumn(nullable: false, onDelete: 'CASCADE')] public readonly Team $team,
        #[ORM\Column(length: 12)] public readonly SharedKind $kind,
        #[ORM\Column(name: 'what', length: 40)] public readonly string $of,
        #[ORM\Column] public readonly bool $names,
        #[ORM\Column(length: 32, unique: true)] public readonly string $secret,
        #[ORM\ManyToOne] #[ORM\JoinColumn(nullable: false)] public readonly Account $by,
        #[ORM\Column(type: Instant::NAME)] public readonly \DateTimeImmutable $until,
    ) {
        $this->id = Uuid::v7();
    }

    public function isOpen(\DateTimeImmutable $now): bool
    {
        return null === $this->revokedAt && $now < $this->until;
    }

    public function revoke(\DateTimeImmutable $now): void
    {
        $this->revokedAt = $now;
    }
}
