<?php

declare(strict_types=1);

namespace FoxCorner\App\Runners\Log;

use Doctrine\ORM\Mapping as ORM;
use FoxCorner\App\Club\Player;
use FoxCorner\App\Club\Team;
use FoxCorner\App\Shared\Identified;
use FoxCorner\App\Shared\Time\Instant;
use FoxCorner\Core\Field\Base;
use Symfony\Component\Uid\Uuid;

/** Something that a runner or a pitcher did, counted by the thumb during a game or a scrimmage. */
#[ORM\Entity(repositoryClass: RunnerEventRepository::class)]
#[ORM\Index(columns: ['team_id', 'id'])]
class RunnerEvent
{
    use Identified;

    public function __construct(
        #[ORM\ManyToOne] #[ORM\JoinColumn(nullable: false, onDelete: 'CASCADE')] public readonly Team $team,
        #[ORM\Column(length: 10)] public readonly EventKind $kind,
        /** Where it ended: the base that was run for or thrown to. */
        #[ORM\Column(type: 'smallint', enumType: Base::class)] public readonly Base $base,
        /** Whether the runner was out; null where nobody can be. */
        #[ORM\Column(nullable: true)] public readonly ?bool $isOut,
        #[ORM\ManyToOne] #[ORM\JoinColumn(onDelete: 'SET NULL')] public readonly ?Player $pitcher,
        #[ORM\ManyToOne] #[ORM\JoinColumn(onDelete: 'SET NULL')] public readonly ?Player $catcher,
        #[ORM\ManyToOne] #[ORM\JoinColumn(onDelete: 'SET NULL')] public readonly ?Player $fielder,
        /** ft off the base before the pitch. */
        #[ORM\Column(nullable: true)] public readonly ?float $leadFeet,
        #[ORM\Column(type: 'smallint', nullable: true)] public readonly ?int $looks,
        #[ORM\Column(length: 120)] public readonly string $countedBy,
        #[ORM\Column(type: Instant::NAME)] public readonly \DateTimeImmutable $countedAt,
    ) {
        $this->id = Uuid::v7();
    }

    public function words(): string
    {
        $where = $this->base->word();
        $what = match ($this->kind) {
            EventKind::Steal => "Steal of $where: " . (true === $this->isOut ? 'caught' : 'safe'),
            EventKind::Pick => "Pick to $where: " . (true === $this->isOut ? 'out' : 'back'),
            EventKind::Away => "Throw to $where got by",
            EventKind::Looks => \sprintf('%d %s', $this->looks ?? 0, 1 === $this->looks ? 'look' : 'looks'),
        };

        return $what . (null === $this->leadFeet ? '' : \sprintf(', lead %g ft', $this->leadFeet));
    }
}
