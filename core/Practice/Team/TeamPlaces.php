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

    /**
     * @param array<int, RosterPlayer> $at       by position's number
     * @param array<int, RosterPlayer> $standIns likewise, of whom none plays there
     */
    private function __construct(private array $at, private array $standIns, private FieldPart $part) {}

    /** @param list<RosterPlayer> $players who come */
    public static function of(array $players, FieldPart $part = FieldPart::Whole): self
    {
        $isWhole = FieldPart::Whole === $part;
        $free = array_filter($players, static fn(RosterPlayer $one): bool => !$one->limit->forbidsRunning());
        $wanted = array_filter(
            Position::cases(),
            static fn(Position $one): bool => $isWhole || !\in_array($one, Position::OUTFIELD, true),
        );
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
        $empty = array_filter($wanted, static fn(Position $one): bool => !isset($at[$one->value]));
        // The bags first: a throw needs somebody there.
        $order = [
            Position::FirstBase,
            Position::SecondBase,
            Position::Catcher,
            Position::ThirdBase,
            Position::Shortstop,
        ];
        usort(
            $empty,
            static fn(Position $a, Position $b): int => (int) !\in_array($a, $order, true) <=>
                (int) !\in_array($b, $order, true),
        );
        $standIns = [];
        foreach ($empty as $position) {
            $next = array_shift($free);
            if (null !== $next) {
                $standIns[$position->value] = $next;
            }
        }

        return new self($at, $standIns, $part);
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
        $empty = array_filter(
            Position::cases(),
            fn(Position $one): bool => !$this->has($one) &&
                ($this->hasOutfield() || !\in_array($one, Position::OUTFIELD, true)),
        );
        if ([] !== $empty) {
            $words[] =
                'Nobody at ' . implode(', ', Position::numbers(array_values($empty))) . ': a helper or a net at a bag.';
        }

        return implode(' ', $words);
    }
}
