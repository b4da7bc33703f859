<?php

declare(strict_types=1);

namespace FoxCorner\Core\Practice;

/** A need, and what the schedule gives it. */
final readonly class MetNeed
{
    public function __construct(public Need $need, public int $gained)
    {
    }

    public function isMet(): bool
    {
        return $this->gained >= $this->need->reps;
    }
}
