<?php

declare(strict_types=1);

namespace FoxCorner\App\Club;

use Doctrine\ORM\Mapping as ORM;
use FoxCorner\App\Shared\Identified;
use FoxCorner\Core\People\Bats;
use FoxCorner\Core\People\Hand;
use FoxCorner\Core\People\Limit;
use FoxCorner\Core\People\PitcherFielding;
use FoxCorner\Core\People\Pitching;
use FoxCorner\Core\People\Position;
use FoxCorner\Core\People\Quantity;
use FoxCorner\Core\People\RosterPlayer;
use FoxCorner\Core\People\Traits;
use Symfony\Component\Uid\Uuid;

/** A player on a team's roster: only what the work needs. */
#[ORM\Entity(repositoryClass: PlayerRepository::class)]
#[ORM\UniqueConstraint(columns: ['team_id', 'number'])]
class Player
{
    use Identified;

    #[ORM\Version]
    #[ORM\Column(type: 'integer')]
    private int $version = 1;

    #[ORM\Column(length: 60)]
    private string $name;

    #[ORM\Column(type: ShirtNumberType::NAME)]
    private string $number;

    /** @var list<int> position numbers, the best first */
    #[ORM\Column(type: 'json')]
    private array $positions;

    #[ORM\Column(length: 1)]
    private Hand $throws;

    #[ORM\Column(length: 2)]
    private Bats $bats;

    /** Seconds. */
    #[ORM\Column(nullable: true)]
    private ?float $homeToFirst;

    /** Miles per hour. */
    #[ORM\Column(nullable: true)]
    private ?float $arm;

    /** Feet. */
    #[ORM\Column(nullable: true)]
    private ?float $pace;

    /** Seconds. */
    #[ORM\Column(nullable: true)]
    private ?float $exchange;
    /** Seconds. */
    #[ORM\Column(nullable: true)]
    private ?float $timeToPlate;
    #[ORM\Column(length: 20)]
    private Pitching $pitching;
    #[ORM\Column(length: 20)]
    private PitcherFielding $fielding;
    #[ORM\Column(name: 'today_limit', length: 20)]
    private Limit $limit;
    /** The last day of the limit. */
    #[ORM\Column(type: 'date_immutable', nullable: true)]
    private ?\DateTimeImmutable $limitUntil;

    public function __construct(
        #[ORM\ManyToOne] #[ORM\JoinColumn(nullable: false)] public readonly Team $team,
        RosterPlayer $player,
    ) {
        $this->id = Uuid::fromString($player->id);
        $this->change($player);
    }

    public function change(RosterPlayer $player): void
    {
        $this->name = $player->name;
        $this->number = $player->number;
        $this->positions = array_map(static fn(Position $position): int => $position->value, $player->positions);
        $this->throws = $player->traits->throws;
        $this->bats = $player->traits->bats;
        foreach (Quantity::cases() as $quantity) {
            $this->measured($quantity, $player->traits->measured($quantity));
        }
        $this->pitching = $player->traits->pitching;
        $this->fielding = $player->traits->fielding;
        $this->limit = $player->limit;
        $this->limitUntil = $player->limitUntil;
    }

    public function asRosterPlayer(): RosterPlayer
    {
        return new RosterPlayer(
            $this->id->toRfc4122(),
            $this->name,
            $this->number,
            array_map(Position::ofNumber(...), $this->positions),
            Traits::of(
                $this->throws,
                $this->bats,
                $this->homeToFirst,
                $this->arm,
                $this->pace,
                $this->exchange,
                $this->timeToPlate,
                $this->pitching,
                $this->fielding,
            ),
            $this->limit,
            $this->limitUntil,
        );
    }

    /** @param float|null $value what counts of the readings; null when the last one was taken back */
    public function measured(Quantity $quantity, ?float $value): void
    {
        match ($quantity) {
            Quantity::HomeToFirst => ($this->homeToFirst = $value),
            Quantity::Arm => ($this->arm = $value),
            Quantity::Pace => ($this->pace = $value),
            Quantity::Exchange => ($this->exchange = $value),
            Quantity::TimeToPlate => ($this->timeToPlate = $value),
        };
    }

    public function version(): int
    {
        return $this->version;
    }
}
