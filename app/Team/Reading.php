<?php

declare(strict_types=1);

namespace FoxCorner\App\Team;

use Doctrine\ORM\Mapping as ORM;
use FoxCorner\App\Club\Account;
use FoxCorner\App\Club\Player;
use FoxCorner\App\Shared\Identified;
use FoxCorner\App\Shared\Time\Instant;
use FoxCorner\Core\People\Quantity;
use Symfony\Component\Uid\Uuid;

/** One try: what the stopwatch, the radar or the tape said, who took it, and when. */
#[ORM\Entity(repositoryClass: ReadingRepository::class)]
class Reading
{
    use Identified;

    public function __construct(
        #[ORM\ManyToOne] #[ORM\JoinColumn(nullable: false, onDelete: 'CASCADE')] public readonly Player $player,
        #[ORM\Column(length: 20)] public readonly Quantity $quantity,
        #[ORM\Column] public readonly float $value,
        #[ORM\ManyToOne] #[ORM\JoinColumn(nullable: false)] public readonly Account $takenBy,
        #[ORM\Column(type: Instant::NAME)] public readonly \DateTimeImmutable $takenAt,
    ) {
        $this->id = Uuid::v7();
    }

    /** The same for all tries at one quantity of one player. */
    public function key(): string
    {
        return $this->player->id()->toRfc4122() . ' ' . $this->quantity->value;
    }
}
