<?php

declare(strict_types=1);

namespace FoxCorner\Core\Field;

/** When a runner may leave the base. Leagues differ: the league's rule book decides. */
enum LeadRule: string
{
    /** A lead before the pitch, as in baseball on the larger fields. */
    case Anytime = 'any time';
    /** Small-field baseball: not before the pitch has reached the batter. */
    case WhenPitchReachesBatter = 'when the pitch reaches the batter';
    /** Fastpitch softball: not before the pitch is released. */
    case OnRelease = 'on release';
    /** Slowpitch: only once the ball is hit. */
    case Never = 'never';

    public function allowsLeads(): bool
    {
        return self::Anytime === $this;
    }
}
