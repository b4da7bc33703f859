<?php

declare(strict_types=1);

namespace FoxCorner\App\Plan;

use Doctrine\ORM\Mapping as ORM;
use FoxCorner\App\Club\Account;
use FoxCorner\App\Team\Team;
use FoxCorner\Core\Game\Situation;
use FoxCorner\App\Shared\Identified;
use Symfony\Component\Uid\Uuid;

/** Which bunt coverage a team plays in a situation: who decided, and when. */
#[ORM\Entity(repositoryClass: PlanChoiceRepository::class)]
#[ORM\UniqueConstraint(columns: ['team_id', 'situation'])]
class PlanChoice
{
    use Identified;

    #[ORM\Version]
    #[ORM\Column(type: 'integer')]
    private int $version = 1;

    #[ORM\Column(length: 12)]
    public readonly string $situation;

    public function __construct(
        #[ORM\ManyToOne]
        #[ORM\JoinColumn(nullable: false)]
        public readonly Team $team,
        Situation $situation,
        #[ORM\Column(length: 40)]
        private string $coverage,
        #[ORM\ManyToOne]
        #[ORM\JoinColumn(nullable: false)]
        private Account $decidedBy,
        #[ORM\Column]
        private \DateTimeImmutable $decidedAt,
    ) {
        $this->id = Uuid::v7();
        $this->situation = $situation->key();
    }

    public function decide(string $coverage, Account $by, \DateTimeImmutable $at): void
    {
        [$this->coverage, $this->decidedBy, $this->decidedAt] = [$coverage, $by, $at];
    }

    public function coverage(): string
    {
        return $this->coverage;
    }

    public function decidedBy(): string
    {
        return $this->decidedBy->name;
    }

    public function decidedAt(): \DateTimeImmutable
    {
        return $this->decidedAt;
    }

    public function version(): int
    {
        return $this->version;
    }
}
