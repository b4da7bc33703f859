<?php

declare(strict_types=1);

namespace FoxCorner\App\Practice\Sheet;

/** What was to be practised, and what the schedule gives it. */
final readonly class SheetNeed
{
    /**
     * @param array<string, int> $lacks repetitions that each still wants, by player's name
     * @param string             $what  "bunts"; empty on sheets of earlier: the drill's name
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
    ) {}

    public function isMet(): bool
    {
        return $this->gained >= $this->wanted;
    }

    /** "Fenn 8, Hale 3" */
    public function who(): string
    {
        return implode(
            ', ',
            array_map(
                static fn(string $name, int $reps): string => "$name $reps",
                array_keys($this->lacks),
                $this->lacks,
            ),
        );
    }
}
