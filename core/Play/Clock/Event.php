<?php

declare(strict_types=1);

namespace FoxCorner\Core\Play\Clock;

/** A moment of a play worth stepping to. */
final readonly class Event
{
    /** @param float $seconds from contact */
    public function __construct(public EventKind $kind, public float $seconds, public string $words) {}
}
