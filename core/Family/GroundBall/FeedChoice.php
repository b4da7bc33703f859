<?php

declare(strict_types=1);

namespace FoxCorner\Core\Family\GroundBall;

/** One way to feed the ball to a bag: how long it takes and how surely it is caught. */
final readonly class FeedChoice
{
    /** s that a hundredth of reliability is worth when feeds are compared (ours). */
    private const SURE = 0.02;
    /** s that a stunt must save before it is preferred to a plain feed (ours). */
    private const STUNT = 0.2;

    /**
     * @param float $seconds     from the ball in hand to the catch, or to his own foot on the bag
     * @param float $reliability chance that it is caught and held
     * @param float $onward      s from then until the ball can leave for the next bag
     * @param float $kept        chance that it does
     */
    public function __construct(
        public FeedKind $kind,
        public float $feet,
        public float $seconds,
        public float $reliability,
        private float $onward,
        private float $kept,
    ) {}

    /** Smaller is better: seconds until it can go on, with what is unsure counted in. */
    public function worth(): float
    {
        return $this->seconds +
            $this->onward +
            100 * (1 - $this->reliability * $this->kept) * self::SURE +
            ($this->kind->isAStunt() ? self::STUNT : 0.0);
    }
}
