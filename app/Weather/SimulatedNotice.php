<?php

declare(strict_types=1);

namespace FoxCorner\App\Weather;

use Doctrine\ORM\Mapping as ORM;
use FoxCorner\App\Club\Team;
use FoxCorner\App\Shared\Identified;
use FoxCorner\App\Shared\Time\Instant;
use Symfony\Component\Uid\Uuid;

/** A notice that somebody has made the simulated weather service send. */
#[ORM\Entity]
class SimulatedNotice
{
    use Identified;

    public function __construct(
        #[ORM\ManyToOne] #[ORM\JoinColumn(nullable: false)] public readonly Team $team,
        #[ORM\Column(length: 20)] public readonly Notice $notice,
        #[ORM\Column(name: 'sent_at', type: Instant::NAME)] public readonly \DateTimeImmutable $at,
    ) {
        $this->id = Uuid::v7();
    }
}
