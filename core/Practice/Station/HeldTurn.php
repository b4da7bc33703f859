<?php

declare(strict_types=1);

namespace FoxCorner\Core\Practice\Station;

/** Where a player is in a round, whatever the search would rather have: decided, already done, or not there at all. */
final readonly class HeldTurn
{
    /**
     * @param int      $round   from 0
     * @param int      $player  index among the problem's players
     * @param int|null $station index among its stations; null: at none, as somebody who has not come yet or has left
     */
    public function __construct(
        public int $round,
        public int $player,
        public ?int $station = null,
        public int $position = 0,
    ) {}
}
