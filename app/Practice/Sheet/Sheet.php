<?php

declare(strict_types=1);

namespace FoxCorner\App\Practice\Sheet;

use FoxCorner\Core\Practice\Build\Conflict;
use FoxCorner\Core\Practice\Drill\Shipped\ShippedDrills;
use FoxCorner\Core\Practice\Team\ScriptLine;

/** A solved practice as it is kept and printed; what changes later in roster or plan does not change it. */
final readonly class Sheet
{
    /**
     * @param list<SheetBlock>  $blocks
     * @param list<SheetNeed>   $needs     the heaviest first
     * @param list<SheetChoice> $choices   the drills that were to be had
     * @param list<Conflict>    $conflicts stations that are never in the same round
     * @param list<ScriptLine>  $script    of team defence
     */
    public function __construct(
        public array $blocks,
        public array $needs,
        public array $choices = [],
        public array $conflicts = [],
        public array $script = [],
        public float $objective = 0.0,
    ) {}

    /** What it works on, in the words of a calendar: "charge and throw, cover first on the run and 3 more" */
    public function focus(): string
    {
        $names = array_map(fn(string $drill): string => lcfirst($this->name($drill)), $this->drills());
        $most = \array_slice($names, 0, 2);

        return implode(', ', $most) . (\count($names) > 2 ? ' and ' . (\count($names) - 2) . ' more' : '');
    }

    public function name(string $drill): string
    {
        foreach ($this->choices as $choice) {
            if ($choice->drill === $drill) {
                return $choice->name;
            }
        }

        return ShippedDrills::all()[$drill]->name ?? ucfirst(str_replace('-', ' ', $drill));
    }

    /** @return iterable<array{int, SheetStation, SheetPlayer}> everybody at every station, with the block's index */
    public function turns(): iterable
    {
        foreach ($this->blocks as $index => $block) {
            foreach ($block->stations as $station) {
                foreach ($station->players as $player) {
                    yield [$index, $station, $player];
                }
            }
        }
    }

    /** The round that is the block with this index; null when it is none. */
    public function round(int $index): ?SheetBlock
    {
        $block = $this->blocks[$index] ?? null;

        return true === $block?->isRound() ? $block : null;
    }

    /** @return list<SheetBlock> */
    public function rounds(): array
    {
        return array_values(array_filter($this->blocks, static fn(SheetBlock $block): bool => $block->isRound()));
    }

    /** @return list<string> keys of the drills that run, each once, in order of first use */
    public function drills(): array
    {
        $keys = [];
        foreach ($this->rounds() as $round) {
            foreach ($round->stations as $station) {
                $keys[$station->drill] = $station->drill;
            }
        }

        return array_values($keys);
    }

    /** @return list<SheetNeed> */
    public function unmet(): array
    {
        return array_values(array_filter($this->needs, static fn(SheetNeed $need): bool => !$need->isMet()));
    }

    public function waitingMinutes(): int
    {
        return array_sum(
            array_map(static fn(SheetBlock $round): int => \count($round->waiting) * $round->minutes, $this->rounds()),
        );
    }

    /** "11 of 14 needs met, nobody waits" */
    public function result(): string
    {
        $needs = \count($this->needs);
        $waiting = $this->waitingMinutes();

        return \sprintf(
            '%d of %d needs met, %s',
            $needs - \count($this->unmet()),
            $needs,
            0 === $waiting ? 'nobody waits' : \sprintf('%d player-minutes of waiting', $waiting),
        );
    }
}
