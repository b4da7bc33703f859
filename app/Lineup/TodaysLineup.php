<?php

declare(strict_types=1);

namespace FoxCorner\App\Lineup;

use Doctrine\ORM\Mapping as ORM;
use FoxCorner\App\Club\Team;
use FoxCorner\App\Shared\Identified;
use Symfony\Component\Uid\Uuid;

/** Who plays where today, as far as the coach has said; the rest follows from the roster. */
#[ORM\Entity]
class TodaysLineup
{
    use Identified;

    #[ORM\Version]
    #[ORM\Column(type: 'integer')]
    private int $version = 1;

    /** @param array<int, string> $wanted players' ids by position number */
    public function __construct(
        #[ORM\OneToOne] #[ORM\JoinColumn(nullable: false)] public readonly Team $team,
        #[ORM\Column(type: 'json')] private array $wanted,
    ) {
        $this->id = Uuid::v7();
    }

    /** @param array<int, string> $wanted */
    public function want(array $wanted): void
    {
        $this->wanted = $wanted;
    }

    /** @return array<int, string> players' ids by position number */
    public function wanted(): array
    {
        return $this->wanted;
    }

    public function version(): int
    {
        return $this->version;
    }
}
