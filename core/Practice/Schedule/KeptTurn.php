<?php

declare(strict_types=1);

namespace FoxCorner\Core\Practice\Schedule;

use FoxCorner\Core\People\Position;
use FoxCorner\Core\Practice\Drill\Receiver;

/** Where a player stays in a round: locked by the coach, already done, or not there at all. */
final readonly class KeptTurn
{
    /**
     * @param int           $round    from 0
     * @param string|null   $drill    null: at no station
     * @param bool          $isAway   whether he has not come yet, or has left
     * @param Receiver|null $receiver who takes the throws of that group
     */
    public function __construct(
        public int $round,
        public string $player,
        public ?string $drill,
        public ?Position $position = null,
        public bool $isAway = false,
        public ?Receiver $receiver = null,
    ) {}
}
