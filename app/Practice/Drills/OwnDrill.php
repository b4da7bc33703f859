<?php

declare(strict_types=1);

namespace FoxCorner\App\Practice\Drills;

use Doctrine\ORM\Mapping as ORM;
use FoxCorner\App\Club\Team;
use FoxCorner\App\Shared\Identified;
use Symfony\Component\Uid\Uuid;

/** A drill that a team has written or copied. It is put away, never deleted: sheets and records go on naming it. */
#[ORM\Entity(repositoryClass: OwnDrillRepository::class)]
class OwnDrill
{
    use Identified;

    #[ORM\Version]
    #[ORM\Column(type: 'integer')]
    private int $version = 1;

    /** The draft as JSON, written by {@see DrillShelf}. */
    #[ORM\Column(type: 'text')]
    private string $document;

    #[ORM\Column]
    private bool $putAway = false;

    public function __construct(
        #[ORM\ManyToOne] #[ORM\JoinColumn(nullable: false)] public readonly Team $team,
        string $document,
    ) {
        $this->id = Uuid::v7();
        $this->document = $document;
    }

    public function change(string $document): void
    {
        $this->document = $document;
    }

    public function document(): string
    {
        return $this->document;
    }

    public function key(): string
    {
        return 'own-' . $this->id->toRfc4122();
    }

    public function putAway(bool $away): void
    {
        $this->putAway = $away;
    }

    public function isPutAway(): bool
    {
        return $this->putAway;
    }

    public function version(): int
    {
        return $this->version;
    }
}
