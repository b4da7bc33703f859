<?php

declare(strict_types=1);

namespace FoxCorner\Bench;

/**
 * How long something takes, over many times: ms of the processor at least (of the clock, where another process works),
 * of the clock in the middle and late.
 */
final readonly class Timing
{
    /** ns that each measure runs before it counts, and that it is measured for at least. */
    private const WARM_UP = 200_000_000;
    private const LONG_ENOUGH = 500_000_000;

    private function __construct(public float $least, public float $middle, public float $late) {}

    /** @param callable(): mixed $measure */
    public static function of(callable $measure, int $times = 15): self
    {
        $until = hrtime(true) + self::WARM_UP;
        do {
            $measure();
        } while (hrtime(true) < $until);
        $least = \INF;
        $clock = [];
        $from = hrtime(true);
        while (\count($clock) < $times || hrtime(true) - $from < self::LONG_ENOUGH) {
            [$start, $spent] = [hrtime(true), self::spent()];
            $measure();
            $least = min($least, self::spent() - $spent);
            $clock[] = (hrtime(true) - $start) / 1e6;
        }

        return new self($least, self::quantile($clock, 0.5), self::quantile($clock, 0.95));
    }

    /** @param list<float> $clock ms, of what was measured where the processor's time is not known */
    public static function measured(array $clock): self
    {
        return new self(self::quantile($clock, 0.0), self::quantile($clock, 0.5), self::quantile($clock, 0.95));
    }

    /** @param list<float> $values */
    public static function quantile(array $values, float $share): float
    {
        sort($values);

        return $values[(int) floor($share * (\count($values) - 1))] ?? \NAN;
    }

    /** ms of the processor that this process has had. */
    private static function spent(): float
    {
        /** @var array<string, int>|false $usage */
        $usage = getrusage();
        if (false === $usage) {
            throw new \RuntimeException('The system does not say what time a process has had.');
        }

        return 1e3 * ($usage['ru_utime.tv_sec'] + $usage['ru_stime.tv_sec']) +
            ($usage['ru_utime.tv_usec'] + $usage['ru_stime.tv_usec']) / 1e3;
    }
}
