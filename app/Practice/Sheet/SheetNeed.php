<?php

declare(strict_types=1);

namespace FoxCorner\App\Practice\Sheet;

/** What was to be practised, and what the schedule gives it. */
final readonly class SheetNeed
{
    /**
     * @param array<string, int> $lacks   repetitions that each still wants, by player; by name on
     *                                    sheets of earlier
     * @param bool               $isFloor whether it is of the week's floors; else the plan asks for it
     * @param string             $what    "bunts"; empty on sheets of earlier: the drill's name
     */
    public function __construct(
        public int $position,
        public string $drill,
        public int $wanted,
        public int $gained,
        public string $reason,
        public string $binds = '',
        public array $lacks = [],
        public string $what = '',
        public bool $isFloor = true,
    ) {}
}
