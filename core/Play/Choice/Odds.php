<?php

declare(strict_types=1);

namespace FoxCorner\Core\Play\Choice;

/** How likely what may come of a throw is, 0 to 1. */
final readonly class Odds
{
    /**
     * @param float $chance of the out, a good throw included
     * @param float $onTime the same if whoever takes it had been waiting
     * @param float $inHand the chance once he has the ball: what he decides by
     * @param float $two    of this out and a second one after it
     */
    public function __construct(
        public float $chance,
        public float $onTime,
        public float $inHand,
        public float $two = 0.0,
    ) {}

    /** He has the ball, and whoever takes it is there. */
    public static function sure(float $chance, float $two = 0.0): self
    {
        return new self($chance, $chance, $chance, $two);
    }

    /** The same, had whoever takes it been waiting. */
    public function onTime(): self
    {
        $clean = $this->chance > 0.0 && $this->inHand > 0.0 ? $this->chance / $this->inHand : 1.0;

        return new self($this->onTime, $this->onTime, min(1.0, $this->onTime / $clean), $this->two);
    }
}
