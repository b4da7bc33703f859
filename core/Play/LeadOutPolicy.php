<?php

declare(strict_types=1);

namespace FoxCorner\Core\Play;

/** How sure the catcher must be of the lead out before calling it instead of the sure one. */
final readonly class LeadOutPolicy
{
    private function __construct(public float $atLeast)
    {
    }

    /** Four times in five; a coach's starting point, ours. */
    public static function ordinary(): self
    {
        return new self(0.8);
    }
}
