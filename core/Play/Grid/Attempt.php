<?php

declare(strict_types=1);

namespace FoxCorner\Core\Play\Grid;

/**
 * One way to play a ball that somebody has: which outs, by hand or on his own feet, when, and how likely.
 *
 * Many are weighed as plain numbers only, in the order of the constructor:
 *
 * @phpstan-type Tried array{
 *     float, float, float, float, float, float, int, float, float, float, int, float, float, float, int
 * }
 */
final readonly class Attempt
{
    /** He takes the bag himself. */
    public bool $carried;
    /** @var array{float, float} costs when the free runner stays, and goes */
    public array $costs;

    /**
     * @param float $stays    what it costs when the free runner stays
     * @param float $goes     likewise when he goes
     * @param float $first    chance of the first out
     * @param float $both     chance of both outs
     * @param float $caught   chance that the first throw is caught; 1 when carried
     * @param float $past     chance that the first throw goes past
     * @param int   $alone    number of the fielder when he takes the bag himself; 0: he throws
     * @param float $feet     of the first throw; 0 when carried
     * @param float $released s from contact at which the ball leaves his hand; carried: at which he runs
     * @param float $there    s at which ball and foot are at the bag
     * @param int   $cover    number of whoever takes it there; his own when carried; 0: nobody
     * @param float $coverAt  s at which that one is there; INF: never
     * @param float $again    s at which the second throw leaves
     * @param float $second   s at which it is at its bag
     * @param int   $receiver number of whoever takes the second throw
     */
    public function __construct(
        public Aim $aim,
        float $stays,
        float $goes,
        public float $first,
        public float $both,
        public float $caught,
        public float $past,
        int $alone,
        public float $feet,
        public float $released,
        public float $there,
        public int $cover,
        public float $coverAt,
        public float $again,
        public float $second,
        public int $receiver,
    ) {
        $this->carried = 0 !== $alone;
        $this->costs = [$stays, $goes];
    }
}
