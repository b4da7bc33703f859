<?php

declare(strict_types=1);

namespace FoxCorner\Core\Practice\Time;

use FoxCorner\Core\People\RosterPlayer;
use FoxCorner\Core\Practice\Drill\Drill;
use FoxCorner\Core\Practice\Drill\Repetitions;

/** One round: who is at which station, and who waits. */
final readonly class Round
{
    /**
     * @param list<Turn>         $turns
     * @param list<RosterPlayer> $idle  who waits
     * @param list<RosterPlayer> $away  who has not come yet, or has left
     */
    public function __construct(
        public Block $block,
        public array $turns,
        public array $idle,
        public array $away = [],
    ) {}

    /** @return array<string, non-empty-list<Turn>> by the drill's key */
    public function stations(): array
    {
        $stations = [];
        foreach ($this->turns as $turn) {
            $stations[$turn->drill->key][] = $turn;
        }

        return $stations;
    }

    /** Repetitions that each player of a station gets. */
    public function repetitions(Drill $drill): int
    {
        $turns = $this->stations()[$drill->key] ?? [];

        return [] === $turns ? 0 : $drill->repetitions(\count($turns), $this->block->minutes, $turns[0]->receiver);
    }
}
