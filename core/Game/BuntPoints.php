<?php

declare(strict_types=1);

namespace FoxCorner\Core\Game;

use FoxCorner\Core\Problem\NoNumber;
use FoxCorner\Core\Problem\OutOfRange;
use FoxCorner\Core\Problem\Problem;
use FoxCorner\Core\Problem\Unknown;
use FoxCorner\Core\Value\Settings;

/**
 * How a coach weighs the signs of a bunt, from how many points on the corners come in, and how often the batter then
 * does what.
 */
final readonly class BuntPoints implements Settings
{
    private const LIKELY_AT = 5;
    private const MOST_TIMES = 9.0;
    /** Names of the values: the line, and before an intent how many times as often it is done. */
    private const LINE = 'likely_at';
    private const TIMES = 'times_';

    /**
     * Unchecked: {@see self::of()} checks.
     *
     * @param array<string, int>   $points  by the sign's value, where they differ from ours
     * @param array<string, float> $factors by the intent's value: how many times as often as we think; 1 left out
     */
    public function __construct(
        private array $points = [],
        public int $likelyAt = self::LIKELY_AT,
        public array $factors = [],
    ) {}

    public static function ordinary(): static
    {
        return new self();
    }

    /**
     * @param array<string, int>   $points  by the sign's value
     * @param array<string, float> $factors by the intent's value
     *
     * @throws Problem when a sign weighs more than nine points, the line is not 1 to 12 or a factor not 0 to 9
     */
    public static function of(array $points, int $likelyAt, array $factors = []): self
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

        $more = [];
        foreach (Intent::cases() as $intent) {
            $factor = $factors[$intent->value] ?? 1.0;
            OutOfRange::unlessBetween($intent->label(), $factor, 0.0, self::MOST_TIMES, 'times');
            if (1.0 !== $factor) {
                $more[$intent->value] = $factor;
            }
        }

        return new self($own, $likelyAt, $more);
    }

    public static function ofValues(array $values): static
    {
        $line = self::LIKELY_AT;
        $points = $factors = [];
        foreach ($values as $name => $value) {
            if (self::LINE === $name) {
                $line = self::whole($name, $value);
            } elseif (str_starts_with($name, self::TIMES)) {
                $intent = Unknown::oneOf(Intent::class, substr($name, \strlen(self::TIMES)), 'times');
                $factors[$intent->value] = \is_string($value) ? throw NoNumber::at($name) : (float) $value;
            } else {
                $points[Unknown::oneOf(BuntSign::class, $name, 'sign')->value] = self::whole($name, $value);
            }
        }

        return self::of($points, $line, $factors);
    }

    private static function whole(string $name, float|int|string $value): int
    {
        return \is_int($value) ? $value : throw NoNumber::whole($name);
    }

    public function values(): array
    {
        $values = $this->points;
        if (self::LIKELY_AT !== $this->likelyAt) {
            $values[self::LINE] = $this->likelyAt;
        }
        foreach ($this->factors as $intent => $times) {
            $values[self::TIMES . $intent] = $times;
        }

        return $values;
    }

    /** How many times as often as we think the batter does it. */
    public function factor(Intent $intent): float
    {
        return $this->factors[$intent->value] ?? 1.0;
    }

    public function weigh(BuntSign $sign): int
    {
        return $this->points[$sign->value] ?? $sign->points();
    }

    public function isOrdinary(): bool
    {
        return $this->weighsAsShipped() && [] === $this->factors;
    }

    public function weighsAsShipped(): bool
    {
        return [] === $this->points && self::LIKELY_AT === $this->likelyAt;
    }

    /**
     * The same signs with other things that a batter does.
     *
     * @param array<string, float> $factors by the intent's value
     *
     * @throws Problem
     */
    public function withFactors(array $factors): self
    {
        return self::of($this->all(), $this->likelyAt, $factors);
    }

    /**
     * The same habits with other weights of the signs.
     *
     * @param array<string, int> $points by the sign's value
     *
     * @throws Problem
     */
    public function withPoints(array $points, int $likelyAt): self
    {
        return self::of($points, $likelyAt, $this->factors);
    }

    /** @return array<string, int> of every sign */
    public function all(): array
    {
        return array_combine(array_column(BuntSign::cases(), 'value'), array_map($this->weigh(...), BuntSign::cases()));
    }
}
