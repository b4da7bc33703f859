<?php

declare(strict_types=1);

namespace FoxCorner\App\Arms;

use Doctrine\ORM\Mapping as ORM;
use FoxCorner\App\Club\Player;
use FoxCorner\App\Club\Team;
use FoxCorner\App\Shared\Identified;
use FoxCorner\Core\Practice\Arm\Outing;
use FoxCorner\Core\Problem\Problem;
use Symfony\Component\Uid\Uuid;

/** Pitches of one player on one day, whatever the game. */
#[ORM\Entity(repositoryClass: PitchedDayRepository::class)]
#[ORM\UniqueConstraint(columns: ['player_id', 'day'])]
class PitchedDay
{
    use Identified;

    /** @throws Problem when nobody pitches so many */
    public function __construct(
        #[ORM\ManyToOne] #[ORM\JoinColumn(nullable: false, onDelete: 'CASCADE')] public readonly Team $team,
        #[ORM\ManyToOne] #[ORM\JoinColumn(nullable: false, onDelete: 'CASCADE')] public readonly Player $player,
        #[ORM\Column(type: 'date_immutable')] public readonly \DateTimeImmutable $day,
        #[ORM\Column(type: 'smallint')] private int $pitches,
    ) {
        Outing::check($pitches);
        $this->id = Uuid::v7();
    }

    public function pitches(): int
    {
        return $this->pitches;
    }

    /** @throws Problem when nobody pitches so many */
    public function recount(int $pitches): void
    {
        Outing::check($pitches);
        $this->pitches = $pitches;
    }

    public function asOf(\DateTimeImmutable $day): Outing
    {
        return new Outing((int) $this->day->setTime(0, 0)->diff($day->setTime(0, 0))->format('%r%a'), $this->pitches);
    }
}
