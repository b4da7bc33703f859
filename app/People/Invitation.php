<?php

declare(strict_types=1);

namespace FoxCorner\App\People;

use Doctrine\ORM\Mapping as ORM;
use FoxCorner\App\Club\Account;
use FoxCorner\App\Club\Player;
use FoxCorner\App\Club\Role;
use FoxCorner\App\Club\Team;
use FoxCorner\App\Shared\Identified;
use FoxCorner\App\Shared\Time\Instant;
use Symfony\Component\Uid\Uuid;

/** A place in a team that waits for somebody. It is used once. */
#[ORM\Entity(repositoryClass: InvitationRepository::class)]
class Invitation
{
    use Identified;

    #[ORM\Column(type: Instant::NAME, nullable: true)]
    private ?\DateTimeImmutable $usedAt;
    #[ORM\Column(type: Instant::NAME, nullable: true)]
    private ?\DateTimeImmutable $revokedAt = null;

    /** @param string|null $email for whom alone; null: for whoever has the link */
    public function __construct(
        #[ORM\ManyToOne] #[ORM\JoinColumn(nullable: false, onDelete: 'CASCADE')] public readonly Team $team,
        #[ORM\Column(length: 20)] public readonly Role $role,
        /** Whom of the roster he is, or stands for. */
        #[ORM\ManyToOne] #[ORM\JoinColumn(onDelete: 'CASCADE')] public readonly ?Player $player,
        #[ORM\Column(length: 180, nullable: true)] public readonly ?string $email,
        #[ORM\ManyToOne] #[ORM\JoinColumn(nullable: false)] public readonly Account $by,
        #[ORM\Column(length: 64, unique: true)] public readonly string $fingerprint,
        #[ORM\Column(type: Instant::NAME)] public readonly \DateTimeImmutable $until,
    ) {
        $this->id = Uuid::v7();
        $this->hold(null);
    }

    /** Its use is written by {@see InvitationRepository::use} in one statement, so that it is used once. */
    private function hold(?\DateTimeImmutable $usedAt): void
    {
        $this->usedAt = $usedAt;
    }

    public function isOpen(\DateTimeImmutable $now): bool
    {
        return null === $this->usedAt && null === $this->revokedAt && $now < $this->until;
    }

    /** Why it opens nothing any more, as a sentence; null when it does. */
    public function whyClosed(\DateTimeImmutable $now): ?string
    {
        return match (true) {
            null !== $this->usedAt => 'It has been used already. Everybody needs an invitation of his own.',
            null !== $this->revokedAt => 'It was taken back.',
            $now >= $this->until => \sprintf('It ended on %s.', $this->until->format('j F')),
            default => null,
        };
    }

    /** Whether an account may use it. */
    public function isFor(string $email): bool
    {
        return null === $this->email || $this->email === Account::normal($email);
    }

    public function revoke(\DateTimeImmutable $now): void
    {
        $this->revokedAt = $now;
    }

    /** "player: 8 Quist", "assistant" */
    public function words(): string
    {
        $as = lcfirst($this->role->label());
        if (null === $this->player) {
            return $as;
        }
        $player = $this->player->asRosterPlayer();

        return "$as: $player->number $player->name";
    }
}
