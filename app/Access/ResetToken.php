<?php

declare(strict_types=1);

namespace FoxCorner\App\Access;

use Doctrine\ORM\Mapping as ORM;
use FoxCorner\App\Club\Account;
use FoxCorner\App\Shared\Identified;
use FoxCorner\App\Shared\Time\Instant;
use Symfony\Component\Uid\Uuid;

/** Lets its holder choose a new password for an account, once and soon. */
#[ORM\Entity]
class ResetToken
{
    use Identified;

    #[ORM\Column(type: Instant::NAME, nullable: true)]
    private ?\DateTimeImmutable $usedAt = null;

    public function __construct(
        #[ORM\ManyToOne] #[ORM\JoinColumn(nullable: false, onDelete: 'CASCADE')] public readonly Account $account,
        #[ORM\Column(length: 64, unique: true)] public readonly string $fingerprint,
        #[ORM\Column(type: Instant::NAME)] public readonly \DateTimeImmutable $until,
    ) {
        $this->id = Uuid::v7();
    }

    public function isOpen(\DateTimeImmutable $now): bool
    {
        return null === $this->usedAt && $now < $this->until;
    }

    public function use(\DateTimeImmutable $now): void
    {
        $this->usedAt = $now;
    }
}
