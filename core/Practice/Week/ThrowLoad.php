<?php

declare(strict_types=1);

namespace FoxCorner\Core\Practice\Week;

/** Throws at game distance of one arm in a week of practices; warm-up and games come on top. */
final readonly class ThrowLoad
{
    /** Throws after which we say something (ours, cautious; no medical limits). */
    private const DAY = 70;
    private const WEEK = 180;

    /** @param array<string, int> $days throws by date */
    public function __construct(public array $days) {}

    public function week(): int
    {
        return array_sum($this->days);
    }

    public function worstDay(): int
    {
        return [] === $this->days ? 0 : max($this->days);
    }

    /** What to mind, as a sentence; empty when there is nothing. */
    public function caution(): string
    {
        return match (true) {
            $this->worstDay() > self::DAY => \sprintf(
                '%d throws in one practice: fewer, or a day off the arm after it.',
                $this->worstDay(),
            ),
            $this->week() > self::WEEK => \sprintf('%d throws in a week: a lighter day.', $this->week()),
            default => '',
        };
    }
}
