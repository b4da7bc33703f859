<?php

declare(strict_types=1);

namespace FoxCorner\Core\Play\Grid;

use FoxCorner\Core\Field\Base;

/** One way to play a ball that somebody has: which outs, by hand or on his own feet, when, and how likely. */
final readonly class Attempt
{
    /**
     * @param bool                $carried  he takes the bag himself
     * @param float               $feet     of the first throw; 0 when carried
     * @param float               $released s from contact at which the ball leaves his hand; carried: at which he runs
     * @param float               $there    s at which ball and foot are at the bag
     * @param int                 $cover    number of whoever takes it there; his own when carried; 0: nobody
     * @param float               $coverAt  s at which that one is there; INF: never
     * @param float               $first    chance of the first out
     * @param float               $caught   chance that the first throw is caught; 1 when carried
     * @param float               $past     chance that the first throw goes past
     * @param float               $again    s at which the second throw leaves
     * @param float               $second   s at which it is at its bag
     * @param float               $both     chance of both outs
     * @param int                 $receiver number of whoever takes the second throw
     * @param array{float, float} $costs    when the free runner stays, and goes
     */
    public function __construct(
        public Aim $aim,
        public bool $carried,
        public float $feet,
        public float $released,
        public float $there,
        public int $cover,
        public float $coverAt,
        public float $first,
        public float $caught,
        public float $past,
        public float $again,
        public float $second,
        public float $both,
        public int $receiver,
        public array $costs,
    ) {}

    /** The chance that the runner on third scores on it. */
    public function thirdScores(int $goes): float
    {
        $third = $this->aim->third[$goes];
        $one = $this->first - $this->both;

        return (1 - $this->first) * $third[0] + $one * $third[1] + $this->both * $third[2];
    }

    /** The chance that a runner is out and nobody else. */
    public function leadOnly(): float
    {
        return Base::First === $this->aim->bag ? 0.0 : $this->first - $this->both;
    }

    /** The chance of an out while the runner who need not go moves up. */
    public function moves(int $goes): float
    {
        return 0 === $goes || $this->aim->needsGoing ? 0.0 : $this->first;
    }
}
