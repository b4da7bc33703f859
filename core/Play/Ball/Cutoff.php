<?php

declare(strict_types=1);

namespace FoxCorner\Core\Play\Ball;

/** A place on the line from the ball to where it goes, and how long the ball takes over it. */
final readonly class Cutoff
{
    /**
     * @param float $fromBall ft
     * @param float $seconds  from the moment at which the outfielder has it until it is there
     */
    public function __construct(public float $fromBall, public float $seconds) {}
}
