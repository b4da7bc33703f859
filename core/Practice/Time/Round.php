<?php

declare(strict_types=1);

namespace FoxCorner\Core\Practice\Time;

use FoxCorner\Core\People\RosterPlayer;

/** One round: who is at which station, and who waits. */
final readonly class Round
{
    /**
     * @param list<Turn>         $turns
     * @param list<RosterPlayer> $idle    who waits
     * @param list<RosterPlayer> $away    who has not come yet, or has left
     * @param list<HelpTurn>     $helping who is there for the others
     */
    public function __construct(
        public Block $block,
        public array $turns,
        public array $idle,
        public array $away = [],
        public array $helping = [],
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

    /** Why somebody waits in it, as a sentence. */
    public function whyWaits(RosterPlayer $player): string
    {
        return match (true) {
            $player->limit->forbidsRunning() => 'He may not run, and every count is kept.',
            [] === $this->turns => 'No station runs.',
            default => 'The stations that run are full or ask what he does not play or may not do.',
        };
    }

    /** @return list<HelpTurn> who is there for the others of a station */
    public function helpingAt(string $drill): array
    {
        return array_values(
            array_filter($this->helping, static fn(HelpTurn $turn): bool => $turn->drill->key === $drill),
        );
    }
}
