<?php

declare(strict_types=1);

namespace FoxCorner\Core\Play\Ball;

/** A ball on its way from a hand to a bag. */
final readonly class Delivery
{
    /**
     * @param float $released seconds from contact at which it leaves the hand, the turn to the target included
     * @param float $arrives  seconds at which it is there
     * @param float $moving   how fast he runs as he throws, as a share of his top speed
     */
    public function __construct(
        public float $feet,
        public float $released,
        public float $arrives,
        public float $moving,
    ) {}

    /** The same, so many s later. */
    public function later(float $seconds): self
    {
        return new self($this->feet, $this->released + $seconds, $this->arrives + $seconds, $this->moving);
    }
}
