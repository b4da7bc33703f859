<?php

declare(strict_types=1);

namespace FoxCorner\Core\Play\Clock;

use FoxCorner\Core\Field\Base;
use FoxCorner\Core\People\Position;

/** One throw that could be made, and what would come of it. */
final readonly class ThrowOption
{
    /**
     * @param Position|null $cover        who takes it; null when nobody does
     * @param bool          $isForce      a force; else the runner must be tagged
     * @param float         $released     seconds at which it leaves the hand, turning to that base included
     * @param float         $ballThere    seconds at which the throw is at the bag
     * @param float         $coverThere   seconds at which the cover is; INF when nobody ever is
     * @param float         $outAt        seconds at which the runner is out if he is not there yet: ball held, tag made
     * @param float         $runnerThere  seconds at which the runner is
     * @param float         $chance       of the out, a good throw included, 0 to 1
     * @param float         $chanceOnTime the same if the cover had been waiting
     * @param float         $inHand       the chance once he has the ball: what he decides by
     * @param float         $two          of this out and a second one after it
     * @param float|null    $cost         what the try costs us on average, in runs or chance to lose; null when
     *                                    nothing was asked
     * @param self|null     $then         the throw on to first after it, where that is worth making
     */
    public function __construct(
        public Base $base,
        public ?Position $cover,
        public bool $isForce,
        public float $released,
        public float $ballThere,
        public float $coverThere,
        public float $outAt,
        public float $runnerThere,
        public float $chance,
        public float $chanceOnTime,
        public float $inHand,
        public ?float $cost = null,
        public float $two = 0.0,
        public ?self $then = null,
    ) {}

    /** The same throw from somebody who passes it on. */
    public function from(float $released): self
    {
        return new self(
            $this->base,
            $this->cover,
            $this->isForce,
            $released,
            $this->ballThere,
            $this->coverThere,
            $this->outAt,
            $this->runnerThere,
            $this->chance,
            $this->chanceOnTime,
            $this->inHand,
            $this->cost,
            $this->two,
            $this->then,
        );
    }

    /** The same throw, had whoever takes it been waiting. */
    public function onTime(): self
    {
        $sooner = $this->coverLate();
        $clean = $this->chance > 0.0 && $this->inHand > 0.0 ? $this->chance / $this->inHand : 1.0;

        return new self(
            $this->base,
            $this->cover,
            $this->isForce,
            $this->released,
            $this->ballThere,
            $this->ballThere,
            $this->outAt - $sooner,
            $this->runnerThere,
            $this->chanceOnTime,
            $this->chanceOnTime,
            min(1.0, $this->chanceOnTime / $clean),
            $this->cost,
            $this->two,
            $this->then,
        );
    }

    /** Seconds by which the out comes before the runner is there; negative: the runner is safe by that. */
    public function margin(): float
    {
        return $this->runnerThere - $this->outAt;
    }

    /** Seconds that the ball waits for the cover; 0 when the cover is on time. */
    public function coverLate(): float
    {
        return max(0.0, $this->coverThere - $this->ballThere);
    }
}
