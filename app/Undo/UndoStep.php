<?php

declare(strict_types=1);

namespace FoxCorner\App\Undo;

use Doctrine\ORM\Mapping as ORM;
use FoxCorner\App\Club\Account;
use FoxCorner\App\Club\Team;
use FoxCorner\App\Shared\Identified;
use FoxCorner\App\Shared\Time\Instant;
use Symfony\Component\Uid\Uuid;

/**
 * Something that was changed or taken off, with the rows as they were before and after, so that it can be taken back.
 */
#[ORM\Entity(repositoryClass: UndoStepRepository::class)]
#[ORM\Index(columns: ['team_id', 'at'])]
class UndoStep
{
    use Identified;

    #[ORM\Column]
    private bool $undone = false;

    public function __construct(
        #[ORM\ManyToOne] #[ORM\JoinColumn(nullable: false)] public readonly Team $team,
        #[ORM\Column(length: 160)] public readonly string $words,
        /** JSON by {@see RowChange}. */
        #[ORM\Column(type: 'text', length: 16777215)] public readonly string $changes,
        #[ORM\ManyToOne] #[ORM\JoinColumn(nullable: false)] public readonly Account $by,
        #[ORM\Column(type: Instant::NAME)] public readonly \DateTimeImmutable $at,
    ) {
        $this->id = Uuid::v7();
    }

    public function isUndone(): bool
    {
        return $this->undone;
    }

    public function takeBack(): void
    {
        $this->undone = true;
    }
}
