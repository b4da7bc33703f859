<?php

declare(strict_types=1);

namespace FoxCorner\Core\Family\GroundBall;

use FoxCorner\Core\Value\ButFor;

/** A step of whoever makes the pivot: which foot, where it comes down, and what it does there. */
final readonly class PivotStep
{
    use ButFor;

    /**
     * @param string $foot "L" or "R"
     * @param float  $x    lengths of a bag from its middle, to the right toward first
     * @param float  $y    likewise, up toward center field
     */
    public function __construct(public string $foot, public float $x, public float $y, public string $says) {}

    /** The same step of a left-hander. */
    public function otherFoot(): self
    {
        return $this->but(foot: 'L' === $this->foot ? 'R' : 'L');
    }
}
