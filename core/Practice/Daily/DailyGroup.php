<?php

declare(strict_types=1);

namespace FoxCorner\Core\Practice\Daily;

use FoxCorner\Core\People\RosterPlayer;
use FoxCorner\Core\Practice\Drill\Drill;

/** Who works at what in a part of the daily core. */
final readonly class DailyGroup
{
    /**
     * @param list<RosterPlayer> $players at their first positions
     * @param int                $reps    of each
     */
    public function __construct(public Drill $drill, public array $players, public float $minutes, public int $reps) {}
}
