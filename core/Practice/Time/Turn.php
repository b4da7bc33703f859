<?php

declare(strict_types=1);

namespace FoxCorner\Core\Practice\Time;

use FoxCorner\Core\People\Position;
use FoxCorner\Core\People\RosterPlayer;
use FoxCorner\Core\Practice\Drill\Drill;
use FoxCorner\Core\Practice\Drill\Receiver;

/** One player at one station in one round, working at one position; so often. */
final readonly class Turn
{
    public function __construct(
        public RosterPlayer $player,
        public Drill $drill,
        public Position $position,
        public ?Receiver $receiver = null,
        public int $reps = 0,
    ) {}
}
