<?php

declare(strict_types=1);

namespace FoxCorner\App\Plan;

use Doctrine\ORM\Mapping as ORM;
use FoxCorner\App\Club\Account;
use FoxCorner\App\Club\Team;
use FoxCorner\App\Shared\Identified;
use FoxCorner\App\Shared\Time\Instant;
use Symfony\Component\Uid\Uuid;

/** One change of a team's plan, with what was there before and after, so that it can be undone and done again. */
#[ORM\Entity]
#[ORM\UniqueConstraint(columns: ['team_id', 'number'])]
class PlanStep
{
    use Identified;

    #[ORM\Column]
    private bool $undone = false;

    /** @param int $number in the order in which the team's steps were taken, whatever a clock said */
    public function __construct(
        #[ORM\ManyToOne] #[ORM\JoinColumn(nullable: false)] public readonly Team $team,
        #[ORM\Column] public readonly int $number,
        #[ORM\Column(length: 160)] public readonly string $words,
        #[ORM\Column(name: 'document_before', type: 'text', length: 16777215)] public readonly string $before,
        #[ORM\Column(name: 'document_after', type: 'text', length: 16777215)] public readonly string $after,
        #[ORM\ManyToOne] #[ORM\JoinColumn(nullable: false)] public readonly Account $by,
        #[ORM\Column(name: 'taken_at', type: Instant::NAME)] public readonly \DateTimeImmutable $at,
    ) {
        $this->id = Uuid::v7();
    }

    public function isUndone(): bool
    {
        return $this->undone;
    }

    public function turn(bool $undone): void
    {
        $this->undone = $undone;
    }
}
