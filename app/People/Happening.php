<?php

declare(strict_types=1);

namespace FoxCorner\App\People;

use Doctrine\ORM\Mapping as ORM;
use FoxCorner\App\Club\Team;
use FoxCorner\App\Shared\Identified;
use FoxCorner\App\Shared\Time\Instant;
use Symfony\Component\Uid\Uuid;

/** Who came, went or got another role in a team, as it was said then. */
#[ORM\Entity]
#[ORM\Index(columns: ['team_id', 'id'])]
class Happening
{
    use Identified;

    public function __construct(
        #[ORM\ManyToOne] #[ORM\JoinColumn(nullable: false, onDelete: 'CASCADE')] public readonly Team $team,
        #[ORM\Column(name: 'who', length: 120)] public readonly string $by,
        #[ORM\Column(length: 255)] public readonly string $what,
        #[ORM\Column(name: 'happened_at', type: Instant::NAME)] public readonly \DateTimeImmutable $at,
    ) {
        $this->id = Uuid::v7();
    }
}
