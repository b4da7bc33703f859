<?php

declare(strict_types=1);

namespace FoxCorner\Core\Game;

use FoxCorner\Core\Problem\OutOfRange;
use FoxCorner\Core\Problem\Problem;

/** How a coach weighs the signs of a bunt, and from how many points on the corners come in. */
final readonly class BuntPoints
{
    private const LIKELY_AT = 4;

    /**
     * Unchecked: {@see self::of()} checks.
     *
     * @param array<string, int> $points by the sign's value, where they differ from ours
     */
    public function __construct(private array $points = [], public int $likelyAt = self::LIKELY_AT) {}

    public static function ordinary(): self
    {
        return new self([], self::LIKELY_AT);
    }

    /**
     * @param array<string, int> $points by the sign's value
     *
     * @throws Problem when a sign weighs more than nine points or the line is not 1 to 12
     */
    public static function of(array $points, int $likelyAt): self
    {
        OutOfRange::unlessBetween('likely from', $likelyAt, 1, 12, 'points');
        $own = [];
        foreach (BuntSign::cases() as $sign) {
            $weight = $points[$sign->value] ?? $sign->points();
            OutOfRange::unlessBetween($sign->label(), $weight, -9, 9, 'points');
            if ($weight !== $sign->points()) {
                $own[$sign->value] = $weight;
            }
        }

        return new self($own, $likelyAt);
    }

    public function weigh(BuntSign $sign): int
    {
        return $this->points[$sign->value] ?? $sign->points();
    }

    public function isOrdinary(): bool
    {
        return [] === $this->points && self::LIKELY_AT === $this->likelyAt;
    }

    /** @return array<string, int> of every sign */
    public function all(): array
    {
        return array_combine(array_column(BuntSign::cases(), 'value'), array_map($this->weigh(...), BuntSign::cases()));
    }
}
