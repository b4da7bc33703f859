<?php

declare(strict_types=1);

namespace FoxCorner\App\Plan;

use Doctrine\ORM\Mapping as ORM;
use FoxCorner\App\Club\Account;
use FoxCorner\App\Shared\Identified;
use FoxCorner\App\Team\Team;
use FoxCorner\Core\Alignment\KeptSpot;
use FoxCorner\Core\Alignment\NamedDepth;
use FoxCorner\Core\Field\Point;
use FoxCorner\Core\Game\Situation;
use FoxCorner\Core\People\Position;
use Symfony\Component\Uid\Uuid;

/** Where a team's infielder stands in a situation instead of where the rule says: who decided, and when. */
#[ORM\Entity(repositoryClass: SpotChoiceRepository::class)]
#[ORM\UniqueConstraint(columns: ['team_id', 'situation', 'position'])]
class SpotChoice
{
    use Identified;

    #[ORM\Column(length: 12)]
    public readonly string $situation;

    #[ORM\Column(type: 'smallint')]
    private int $position;

    #[ORM\Column(length: 20)]
    private NamedDepth $depth;

    /** Feet to the right of home. */
    #[ORM\Column]
    private float $x;

    /** Feet out from home. */
    #[ORM\Column]
    private float $y;

    public function __construct(
        #[ORM\ManyToOne]
        #[ORM\JoinColumn(nullable: false)]
        public readonly Team $team,
        Situation $situation,
        Position $position,
        NamedDepth $depth,
        Point $point,
        #[ORM\ManyToOne]
        #[ORM\JoinColumn(nullable: false)]
        private Account $decidedBy,
        #[ORM\Column]
        private \DateTimeImmutable $decidedAt,
    ) {
        $this->id = Uuid::v7();
        $this->situation = $situation->key();
        $this->position = $position->value;
        $this->decide($depth, $point, $decidedBy, $decidedAt);
    }

    public function decide(NamedDepth $depth, Point $point, Account $by, \DateTimeImmutable $at): void
    {
        [$this->depth, $this->x, $this->y, $this->decidedBy, $this->decidedAt] = [$depth, $point->x, $point->y, $by, $at];
    }

    public function position(): int
    {
        return $this->position;
    }

    public function asKeptSpot(): KeptSpot
    {
        return new KeptSpot(Position::ofNumber($this->position), $this->depth, Point::of($this->x, $this->y), $this->decidedBy->name);
    }

    public function decidedAt(): \DateTimeImmutable
    {
        return $this->decidedAt;
    }
}
