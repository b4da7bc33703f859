<?php

declare(strict_types=1);

namespace FoxCorner\Core\People;

/** Several tries at one quantity of one player: the median counts, and what lies far from it is marked. */
final readonly class Readings
{
    /** Share of the median beyond which a try is suspicious: a stopwatch started late (ours). */
    private const FAR = 0.12;
    /** Fewer tries than this have no outliers. */
    private const ENOUGH = 3;

    /** @param list<float> $values in the order they were taken */
    private function __construct(public array $values) {}

    /** @param list<float> $values in the order they were taken */
    public static function of(array $values): self
    {
        return new self($values);
    }

    /** The middle one, or the mean of the two in the middle; null without tries. */
    public function median(): ?float
    {
        if ([] === $this->values) {
            return null;
        }
        $sorted = $this->values;
        sort($sorted);
        $middle = intdiv(\count($sorted), 2);

        return 1 === \count($sorted) % 2 ? $sorted[$middle] : ($sorted[$middle - 1] + $sorted[$middle]) / 2;
    }

    /** Whether a try lies so far from the others that it should be looked at again. It still counts. */
    public function isOutlier(float $value): bool
    {
        $median = $this->median();

        return null !== $median && \count($this->values) >= self::ENOUGH && abs($value - $median) > self::FAR * $median;
    }
}
