<?php

declare(strict_types=1);

namespace FoxCorner\App\Practice\Sheet;

/** A solved practice as it is kept and printed; what changes later in roster or plan does not change it. */
final readonly class Sheet
{
    /**
     * @param string           $coverage that it drills, by name
     * @param string           $call     as called to the infield
     * @param list<SheetBlock> $blocks
     * @param list<SheetNeed>  $needs
     */
    public function __construct(public string $coverage, public string $call, public array $blocks, public array $needs)
    {
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
        return array_sum(array_map(static fn(SheetBlock $round): int => \count($round->waiting) * $round->minutes, $this->rounds()));
    }

    /** "11 of 14 needs met, nobody waits" */
    public function result(): string
    {
        $needs = \count($this->needs);
        $waiting = $this->waitingMinutes();

        return \sprintf('%d of %d needs met, %s', $needs - \count($this->unmet()), $needs, 0 === $waiting ? 'nobody waits' : \sprintf('%d player-minutes of waiting', $waiting));
    }
}
