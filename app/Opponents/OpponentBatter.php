<?php

declare(strict_types=1);

namespace FoxCorner\App\Opponents;

use Doctrine\ORM\Mapping as ORM;
use FoxCorner\App\Club\ShirtNumberType;
use FoxCorner\App\Shared\Identified;
use FoxCorner\Core\Field\RuleSet;
use FoxCorner\Core\Game\Batter;
use FoxCorner\Core\Game\Tendency;
use FoxCorner\Core\Level\LevelProfile;
use FoxCorner\Core\People\Bats;
use Symfony\Component\Uid\Uuid;

/** A batter of an opponent. */
#[ORM\Entity]
#[ORM\UniqueConstraint(columns: ['opponent_id', 'number'])]
class OpponentBatter
{
    use Identified;

    #[ORM\Column(type: ShirtNumberType::NAME)]
    private string $number;

    #[ORM\Column(length: 60)]
    private string $name;

    #[ORM\Column(type: 'smallint', nullable: true)]
    private ?int $place;

    #[ORM\Column(length: 2)]
    private Bats $bats;

    /** Seconds. */
    #[ORM\Column(nullable: true)]
    private ?float $homeToFirst;

    #[ORM\Column(length: 10)]
    private Tendency $tendency;

    #[ORM\Column]
    private bool $power;

    #[ORM\Column]
    private bool $bunts;

    #[ORM\Column]
    private bool $goes;

    public function __construct(
        #[ORM\ManyToOne(inversedBy: 'batters')] #[ORM\JoinColumn(nullable: false)] public readonly Opponent $opponent,
        ScoutedBatter $scouted,
    ) {
        $this->id = Uuid::v7();
        $this->change($scouted);
    }

    public function change(ScoutedBatter $scouted): void
    {
        [$this->number, $this->name, $this->place, $this->bats, $this->homeToFirst] = [
            $scouted->number,
            $scouted->name,
            $scouted->place,
            $scouted->bats,
            $scouted->homeToFirst,
        ];
        [$this->tendency, $this->power, $this->bunts, $this->goes] = [
            $scouted->tendency,
            $scouted->power,
            $scouted->bunts,
            $scouted->goes,
        ];
    }

    public function scouted(): ScoutedBatter
    {
        return new ScoutedBatter(
            $this->number,
            $this->name,
            $this->place,
            $this->bats,
            $this->homeToFirst,
            $this->tendency,
            $this->power,
            $this->bunts,
            $this->goes,
        );
    }

    public function asBatter(RuleSet $rules, LevelProfile $level): Batter
    {
        return Batter::named(
            $this->id->toRfc4122(),
            $this->name,
            $this->bats,
            $this->place,
            $this->tendency,
            $this->power,
            $this->bunts,
            $this->homeToFirst,
            $level->homeToFirstOver($rules->basePath),
        );
    }
}
