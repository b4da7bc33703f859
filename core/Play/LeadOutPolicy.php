<?php

declare(strict_types=1);

namespace FoxCorner\Core\Play;

use FoxCorner\Core\InvalidValue;

/** How sure the catcher must be of the lead out before calling it instead of the sure one. */
final readonly class LeadOutPolicy
{
    private function __construct(public float $atLeast)
    {
    }

    /** @throws InvalidValue unless the share is between a half and one */
    public static function whenSure(float $share): self
    {
        return new self(InvalidValue::unlessBetween('lead out when sure', $share, 0.5, 1.0, '(share of one)'));
    }

    /** Four times in five; a coach's starting point, ours. */
    public static function ordinary(): self
    {
        return new self(0.8);
    }

    /** First base, no matter what. */
    public static function sureOut(): self
    {
        return new self(1.0);
    }
}
