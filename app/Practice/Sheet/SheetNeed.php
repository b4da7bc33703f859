<?php

declare(strict_types=1);

namespace FoxCorner\App\Practice\Sheet;

/** What was to be practised, and what the schedule gives it. */
final readonly class SheetNeed
{
    public function __construct(
        public int $position,
        public string $drill,
        public int $wanted,
        public int $gained,
        public string $reason,
        public string $binds = '',
    ) {}

    public function isMet(): bool
    {
        return $this->gained >= $this->wanted;
    }
}
