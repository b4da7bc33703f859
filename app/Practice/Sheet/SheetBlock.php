<?php

declare(strict_types=1);

namespace FoxCorner\App\Practice\Sheet;

use FoxCorner\Core\Practice\Time\BlockKind;

/** A piece of the practice, minutes from its start; stations in a round, and one after the other in the daily core. */
final readonly class SheetBlock
{
    /**
     * @param string             $kind     as in {@see BlockKind}
     * @param list<SheetStation> $stations
     * @param list<SheetPlayer>  $waiting
     * @param list<SheetPlayer>  $away     not there yet, or gone
     */
    public function __construct(
        public string $kind,
        public int $start,
        public int $minutes,
        public array $stations = [],
        public array $waiting = [],
        public array $away = [],
    ) {}

    public function isRound(): bool
    {
        return BlockKind::Round->value === $this->kind;
    }

    /**
     * Its stations as they follow each other: those in one part run at the same time.
     *
     * @return list<non-empty-list<SheetStation>>
     */
    public function parts(): array
    {
        $parts = $busy = [];
        foreach ($this->stations as $station) {
            $who = array_map(static fn(SheetPlayer $player): string => $player->id, $station->players);
            if ([] === $parts || [] !== array_intersect($who, $busy)) {
                $parts[] = [];
                $busy = [];
            }
            $parts[\count($parts) - 1][] = $station;
            array_push($busy, ...$who);
        }

        return $parts;
    }

    /** "everybody", or the names of those at one of its stations */
    public function who(SheetStation $station): string
    {
        $ids = [];
        foreach ($this->stations as $one) {
            foreach ($one->players as $player) {
                $ids[$player->id] = true;
            }
        }

        return \count($station->players) === \count($ids)
            ? 'everybody'
            : implode(', ', array_map(static fn(SheetPlayer $player): string => $player->name, $station->players));
    }

    public function station(string $drill): ?SheetStation
    {
        foreach ($this->stations as $station) {
            if ($station->drill === $drill) {
                return $station;
            }
        }

        return null;
    }
}
