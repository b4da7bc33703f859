<?php

declare(strict_types=1);

namespace FoxCorner\App\Practice\Live;

use FoxCorner\Core\Practice\Live\RunClock;

/** What phones ask for every second or two: where the clock is, and whether the page they show is still the latest. */
final readonly class RunSignal
{
    public int $index;
    /** ms of the block that runs. */
    public int $left;

    /**
     * @param int $now  ms since 1970 by the run's own clock
     * @param int $wall ms since 1970 by the clock on the wall
     */
    public function __construct(public RunClock $clock, public int $edition, public int $now, public int $wall)
    {
        $moment = $clock->at($now);
        [$this->index, $this->left] = [$moment->index, $moment->left];
    }

    public function isOver(): bool
    {
        return $this->clock->isOver($this->now);
    }

    public function runs(): bool
    {
        return $this->clock->isStarted() && !$this->clock->isPaused() && !$this->isOver();
    }

    /**
     * @return list<array{int, int}> blocks still to come, with the ms until each begins: a phone without a network
     *                               goes on by them
     */
    public function ahead(): array
    {
        $ahead = [];
        $until = $this->left;
        for ($index = $this->index + 1; $index <= \count($this->clock->lengths); ++$index) {
            $ahead[] = [$index, $until];
            $until += $this->clock->lengths[$index] ?? 0;
        }

        return $ahead;
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return [
            'edition' => $this->edition,
            'now' => $this->now,
            'runs' => $this->runs(),
            'index' => $this->index,
            'left' => $this->left,
            'ahead' => $this->ahead(),
        ];
    }
}
