<?php

declare(strict_types=1);

namespace FoxCorner\Core\Practice\Team;

use FoxCorner\Core\People\Position;
use FoxCorner\Core\People\RosterPlayer;
use FoxCorner\Core\Practice\Build\FieldPart;

/** Who stands where in team defence: everybody where he plays, who is left over where nobody does. */
final readonly class TeamPlaces
{
    /** Fielders with whom a situation with runners can be played (ours). */
    private const LIVE = 7;
    /** A throw needs somebody there. */
    private const BAGS_FIRST = [
        Position::Catcher,
        Position::FirstBase,
        Position::SecondBase,
        Position::ThirdBase,
        Position::Shortstop,
        Position::Pitcher,
    ];

    /**
     * @param array<int, RosterPlayer> $at       by position's number
     * @param array<int, RosterPlayer> $standIns likewise, of whom none plays there
     */
    private function __construct(private array $at, private array $standIns, private FieldPart $part) {}

    /** @param list<RosterPlayer> $players who come */
    public static function of(array $players, FieldPart $part = FieldPart::Whole): self
    {
        $free = array_filter($players, static fn(RosterPlayer $one): bool => !$one->limit->forbidsRunning());
        $wanted = self::wanted($part);
        $at = [];
        for ($rank = 0; $rank < \count(Position::cases()); ++$rank) {
            foreach ($free as $key => $player) {
                $position = $player->positions[$rank] ?? null;
                if (null !== $position && !isset($at[$position->value]) && \in_array($position, $wanted, true)) {
                    $at[$position->value] = $player;
                    unset($free[$key]);
                }
            }
        }
        $standIns = [];
        foreach ($wanted as $position) {
            if (!isset($at[$position->value]) && [] !== $free) {
                $standIns[$position->value] = array_shift($free);
            }
        }

        return new self($at, $standIns, $part);
    }

    /** @return list<Position> for which there is room, in the order in which they are filled */
    private static function wanted(FieldPart $part): array
    {
        return FieldPart::Whole === $part ? [...self::BAGS_FIRST, ...Position::OUTFIELD] : self::BAGS_FIRST;
    }

    /** Whether somebody is there, who plays it or stands in. */
    public function has(Position $position): bool
    {
        return isset($this->at[$position->value]) || isset($this->standIns[$position->value]);
    }

    /** @return list<Position> of those asked, where somebody is */
    public function among(Position ...$positions): array
    {
        return array_values(array_filter($positions, $this->has(...)));
    }

    /** Whether there are enough for runners and a whole situation. */
    public function isLive(): bool
    {
        return $this->hasOutfield() && \count($this->at) + \count($this->standIns) >= self::LIVE;
    }

    public function hasOutfield(): bool
    {
        return FieldPart::Whole === $this->part;
    }

    public function isInHall(): bool
    {
        return FieldPart::Hall === $this->part;
    }

    /** "Fenn stands in at 3. Nobody at 8, 9." Empty when everybody is where he plays and no place is empty. */
    public function words(): string
    {
        $words = [];
        foreach ($this->standIns as $number => $player) {
            $words[] = "$player->name stands in at $number.";
        }
        $room = self::wanted($this->part);
        $empty = array_filter(
            Position::cases(),
            fn(Position $one): bool => \in_array($one, $room, true) && !$this->has($one),
        );
        if ([] !== $empty) {
            $words[] =
                'Nobody at ' . implode(', ', Position::numbers(array_values($empty))) . ': a helper or a net at a bag.';
        }

        return implode(' ', $words);
    }
}
