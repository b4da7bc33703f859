<?php

declare(strict_types=1);

namespace FoxCorner\Core\Play\Clock;

use FoxCorner\Core\Field\Base;

/** A runner caught between two bases: how one play may end in another. */
final readonly class CaughtBetween
{
    /**
     * @param Base  $from     the base that he comes from
     * @param float $off      ft off it
     * @param bool  $isBehind whoever has the ball is on the side of the base that he comes from
     * @param float $gap      ft from him to whoever has the ball
     */
    public function __construct(public Base $from, public float $off, public bool $isBehind, public float $gap) {}
}
