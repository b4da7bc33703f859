<?php

declare(strict_types=1);

namespace FoxCorner\Core\Family\GroundBall;

/** What is called on one ball against one batter. */
final readonly class TwoOrOneCall
{
    /**
     * @param string $word "two", "lead" or "first"
     * @param float  $two  the chance of two, the ball in hand
     */
    public function __construct(public string $word, public float $two) {}
}
