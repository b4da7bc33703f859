<?php

declare(strict_types=1);

namespace FoxCorner\Core\Practice\Need;

/** A need, what the schedule gives it, and what stands in the way of more. */
final readonly class MetNeed
{
    /**
     * @param string             $binds a sentence; empty when it is met
     * @param array<string, int> $lacks repetitions that each still wants, by player
     */
    public function __construct(
        public DrillNeed $need,
        public int $gained,
        public string $binds = '',
        public array $lacks = [],
    ) {}

    public function isMet(): bool
    {
        return $this->gained >= $this->need->reps;
    }
}
