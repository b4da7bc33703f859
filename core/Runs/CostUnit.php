<?php

declare(strict_types=1);

namespace FoxCorner\Core\Runs;

enum CostUnit: string
{
    case Runs = 'runs';
    /** Chance to win, 0 to 1. */
    case Chance = 'chance to win';

    /** "0.42 runs", "1.3 points of chance to win": what a hundred ground balls bring. */
    public function words(float $gain): string
    {
        return match ($this) {
            self::Runs => \sprintf('%.1f runs', $gain),
            self::Chance => \sprintf('%.2f points of chance to win', $gain),
        };
    }

    /** In names of files' fields, for what something costs us: a chance is one to lose. */
    public function costName(): string
    {
        return match ($this) {
            self::Runs => 'cost_runs',
            self::Chance => 'cost_chance_to_lose',
        };
    }

    /** Less than this in a hundred ground balls is not worth saying (ours). */
    public function worthSaying(): float
    {
        return match ($this) {
            self::Runs => 0.2,
            self::Chance => 0.04,
        };
    }
}
