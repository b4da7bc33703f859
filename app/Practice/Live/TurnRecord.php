<?php

declare(strict_types=1);

namespace FoxCorner\App\Practice\Live;

use Doctrine\ORM\Mapping as ORM;
use FoxCorner\App\Practice\Book\Practice;
use FoxCorner\App\Shared\Identified;
use FoxCorner\Core\Practice\Need\Grade;
use Symfony\Component\Uid\Uuid;

/**
 * What one player did at one station in one round: counted with the thumb, graded.
 *
 * Written by {@see TurnRecords} without the mapper: two phones may write the same row in the same moment.
 */
#[ORM\Entity]
#[ORM\UniqueConstraint(columns: ['practice_id', 'block', 'drill', 'player'])]
class TurnRecord
{
    use Identified;

    public function __construct(
        #[ORM\ManyToOne] #[ORM\JoinColumn(nullable: false, onDelete: 'CASCADE')] public readonly Practice $practice,
        #[ORM\Column(type: 'smallint')] public readonly int $block,
        #[ORM\Column(length: 60)] public readonly string $drill,
        #[ORM\Column(length: 36)] public readonly string $player,
        #[ORM\Column(type: 'smallint', nullable: true)] public readonly ?int $counted = null,
        #[ORM\Column(length: 10, nullable: true)] public readonly ?Grade $grade = null,
    ) {
        $this->id = Uuid::v7();
    }
}
