<?php

declare(strict_types=1);

namespace FoxCorner\App\Arms;

use FoxCorner\Core\People\RosterPlayer;
use FoxCorner\Core\Practice\Arm\Outing;

/** An arm that has not had its rest on a day. */
final readonly class RestingArm
{
    /**
     * @param Outing             $outing that binds, as of the day
     * @param int                $left   hard throws for the day
     * @param \DateTimeImmutable $whole  the first day on which it pitches again
     */
    public function __construct(
        public RosterPlayer $player,
        public Outing $outing,
        public int $left,
        public \DateTimeImmutable $whole,
    ) {}
}
