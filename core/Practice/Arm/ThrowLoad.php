<?php

declare(strict_types=1);

namespace FoxCorner\Core\Practice\Arm;

use FoxCorner\Core\Level\AgeGroup;

/** Throws at game distance of one arm in a week of practices; warm-up and games come on top. */
final readonly class ThrowLoad
{
    /** Full days of throwing in a week after which we say something (ours, cautious; no medical limits). */
    private const DAYS = 2.5;

    /** @param array<string, int> $days throws by date */
    public function __construct(public array $days, private AgeGroup $age) {}

    /** Throws of a week after which we say something. */
    public static function most(AgeGroup $age): int
    {
        return (int) (self::DAYS * $age->throws());
    }

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
            $this->worstDay() > $this->age->throws() => \sprintf(
                '%d throws in one practice: fewer, or a day off the arm after it.',
                $this->worstDay(),
            ),
            $this->week() > self::most($this->age) => \sprintf('%d throws in a week: a lighter day.', $this->week()),
            default => '',
        };
    }
}
