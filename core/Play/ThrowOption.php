<?php

declare(strict_types=1);

namespace FoxCorner\Core\Play;

use FoxCorner\Core\Field\Base;
use FoxCorner\Core\People\Position;

/** One throw that could be made, and what would come of it. */
final readonly class ThrowOption
{
    /**
     * @param Position|null $cover        who takes it; null when nobody does
     * @param float         $ballThere    seconds at which the throw is at the bag
     * @param float         $coverThere   seconds at which the cover is
     * @param float         $runnerThere  seconds at which the runner is
     * @param float         $chance       of the out, a good throw included, 0 to 1
     * @param float         $chanceOnTime the same if the cover had been waiting
     */
    public function __construct(
        public Base $base,
        public ?Position $cover,
        public float $ballThere,
        public float $coverThere,
        public float $runnerThere,
        public float $chance,
        public float $chanceOnTime,
    ) {
    }

    /** Seconds by which the ball is held at the bag before the runner is there; negative: the runner is safe by that. */
    public function margin(): float
    {
        return $this->runnerThere - max($this->ballThere, $this->coverThere);
    }

    /** Seconds that the ball waits for the cover; 0 when the cover is on time. */
    public function coverLate(): float
    {
        return max(0.0, $this->coverThere - $this->ballThere);
    }
}
