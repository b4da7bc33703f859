<?php

declare(strict_types=1);

namespace FoxCorner\Core\Practice\Time;

/** A piece of the practice on the clock, in minutes from its start. */
final readonly class Block
{
    public function __construct(public BlockKind $kind, public int $start, public int $minutes) {}

    public function end(): int
    {
        return $this->start + $this->minutes;
    }
}
