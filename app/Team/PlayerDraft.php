<?php

declare(strict_types=1);

namespace FoxCorner\App\Team;

use FoxCorner\App\Club\Player;
use FoxCorner\Core\People\Bats;
use FoxCorner\Core\People\Hand;
use FoxCorner\Core\People\Limit;
use FoxCorner\Core\People\PitcherFielding;
use FoxCorner\Core\People\Pitching;
use FoxCorner\Core\People\Position;
use FoxCorner\Core\People\Quantity;
use FoxCorner\Core\People\RosterPlayer;
use FoxCorner\Core\People\ShirtNumber;
use FoxCorner\Core\People\Traits;
use FoxCorner\Core\Problem\Missing;
use FoxCorner\Core\Problem\Problem;
use FoxCorner\Core\Problem\Refused;
use FoxCorner\Core\Problem\WrongLength;
use Symfony\Component\Uid\Uuid;

/** A player as a form or a line of a file gives it, before it is known to make sense. */
final class PlayerDraft
{
    public ?string $name = null;
    public ?string $number = null;
    /** Position numbers as typed, the best first: "6 4". */
    public ?string $positions = null;
    public Hand $throws = Hand::Right;
    public Bats $bats = Bats::Right;
    /** @var array<string, float|null> by the quantity's value, in its unit */
    public array $measured = [];
    public Pitching $pitching = Pitching::Ordinary;
    public PitcherFielding $fielding = PitcherFielding::Ordinary;
    public Limit $limit = Limit::None;
    public ?\DateTimeImmutable $limitUntil = null;
    /** The version of the player that the form was opened with; 0 for a new one. */
    public int $version = 0;

    public static function of(Player $player): self
    {
        $known = $player->asRosterPlayer();
        $draft = new self();
        $draft->name = $known->name;
        $draft->number = $known->number;
        $draft->positions = implode(
            ' ',
            array_map(static fn(Position $position): int => $position->value, $known->positions),
        );
        $draft->throws = $known->traits->throws;
        $draft->bats = $known->traits->bats;
        foreach (Quantity::cases() as $quantity) {
            $draft->measured[$quantity->value] = $known->traits->measured($quantity);
        }
        [$draft->pitching, $draft->fielding] = [$known->traits->pitching, $known->traits->fielding];
        [$draft->limit, $draft->limitUntil] = [$known->limit, $known->limitUntil];
        $draft->version = $player->version();

        return $draft;
    }

    /**
     * @param list<string> $taken shirt numbers of the others
     *
     * @throws Problem naming the field by the core’s name
     */
    public function toRosterPlayer(?Uuid $id, array $taken): RosterPlayer
    {
        $name = WrongLength::unlessBetween('name', $this->name ?? '', 1, 60);
        $number = ShirtNumber::check($this->number ?? throw Missing::at('number', ShirtNumber::ALLOWED));
        if (\in_array($number, $taken, true)) {
            throw Refused::because(
                'number',
                "$number is worn by somebody else on the team",
                'a number that nobody else wears',
            );
        }

        return new RosterPlayer(
            ($id ?? Uuid::v7())->toRfc4122(),
            $name,
            $number,
            Position::read($this->positions ?? ''),
            Traits::measuring($this->throws, $this->bats, $this->measured, $this->pitching, $this->fielding),
            $this->limit,
            Limit::None === $this->limit ? null : $this->limitUntil,
        );
    }
}
