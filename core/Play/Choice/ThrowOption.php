<?php

declare(strict_types=1);

namespace FoxCorner\Core\Play\Choice;

use FoxCorner\Core\Field\Base;
use FoxCorner\Core\People\Position;

/** One throw that could be made, and what would come of it; times and chances as {@see Race} and {@see Odds} say. */
final readonly class ThrowOption
{
    public bool $isForce;
    public float $released;
    public float $ballThere;
    public float $coverThere;
    public float $outAt;
    public float $runnerThere;
    public float $chance;
    public float $chanceOnTime;
    public float $inHand;
    public float $two;

    /**
     * @param Position|null $cover who takes it; null when nobody does
     * @param float|null    $cost  what the try costs us on average, in runs or chance to lose; null when nothing was
     *                             asked
     * @param self|null     $then  the throw on to first after it, where that is worth making
     */
    public function __construct(
        public Base $base,
        public ?Position $cover,
        private Race $race,
        private Odds $odds,
        public ?float $cost = null,
        public ?self $then = null,
    ) {
        [$this->released, $this->ballThere, $this->coverThere] = [$race->released, $race->ball, $race->cover];
        [$this->outAt, $this->runnerThere, $this->isForce] = [$race->out, $race->runner, $race->isForce];
        [$this->chance, $this->chanceOnTime] = [$odds->chance, $odds->onTime];
        [$this->inHand, $this->two] = [$odds->inHand, $odds->two];
    }

    /** The same throw from somebody who passes it on. */
    public function from(float $released): self
    {
        return $this->with($this->race->from($released), $this->odds);
    }

    /** The same throw, had whoever takes it been waiting. */
    public function onTime(): self
    {
        return $this->with($this->race->onTime(), $this->odds->onTime());
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

    private function with(Race $race, Odds $odds): self
    {
        return new self($this->base, $this->cover, $race, $odds, $this->cost, $this->then);
    }
}
