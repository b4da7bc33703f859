<?php

declare(strict_types=1);

namespace FoxCorner\App\Opponents;

use Doctrine\Common\Collections\ArrayCollection;
use Doctrine\Common\Collections\Collection;
use Doctrine\ORM\Mapping as ORM;
use FoxCorner\App\Club\Team;
use FoxCorner\App\Shared\Identified;
use FoxCorner\Core\Problem\Problem;
use FoxCorner\Core\Problem\WrongLength;
use Symfony\Component\Uid\Uuid;

/** A team that we play, with what we know of its batters and runners. */
#[ORM\Entity(repositoryClass: OpponentRepository::class)]
class Opponent
{
    use Identified;

    #[ORM\Version]
    #[ORM\Column(type: 'integer')]
    private int $version = 1;

    #[ORM\Column(length: 60)]
    private string $name;

    /** Goes up whenever a batter changes, so that the mapper counts a version of the whole. */
    #[ORM\Column]
    private int $revision = 1;

    /** @var Collection<int, OpponentBatter> */
    #[
        ORM\OneToMany(
            targetEntity: OpponentBatter::class,
            mappedBy: 'opponent',
            cascade: ['persist', 'remove'],
            orphanRemoval: true,
        ),
    ]
    #[ORM\OrderBy(['place' => 'ASC', 'number' => 'ASC'])]
    private Collection $batters;

    /** @throws Problem */
    public function __construct(
        #[ORM\ManyToOne] #[ORM\JoinColumn(nullable: false)] public readonly Team $team,
        string $name,
    ) {
        $this->id = Uuid::v7();
        $this->batters = new ArrayCollection();
        $this->rename($name);
    }

    /** @throws Problem when the name is empty or long */
    public function rename(string $name): void
    {
        $this->name = self::checkName($name);
    }

    /** @throws Problem as {@see rename} */
    public static function checkName(string $name): string
    {
        return WrongLength::unlessBetween('name', $name, 1, 60);
    }

    public function name(): string
    {
        return $this->name;
    }

    /** @return list<OpponentBatter> in batting order, then by number */
    public function batters(): array
    {
        return array_values($this->batters->toArray());
    }

    /**
     * The list as it now is: a number that is known stays the same batter.
     *
     * @param list<ScoutedBatter> $scouted
     */
    public function bats(array $scouted): void
    {
        $known = [];
        foreach ($this->batters as $batter) {
            $known[$batter->scouted()->number] = $batter;
        }
        $numbers = [];
        foreach ($scouted as $one) {
            $numbers[$one->number] = true;
            isset($known[$one->number])
                ? $known[$one->number]->change($one)
                : $this->batters->add(new OpponentBatter($this, $one));
        }
        foreach (array_diff_key($known, $numbers) as $gone) {
            $this->batters->removeElement($gone);
        }
        ++$this->revision;
    }

    public function version(): int
    {
        return $this->version;
    }
}
