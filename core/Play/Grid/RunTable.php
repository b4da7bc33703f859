<?php

declare(strict_types=1);

namespace FoxCorner\Core\Play\Grid;

use FoxCorner\Core\Motion\Legs;

/**
 * How long somebody's legs take over a distance, tabulated by the root of it, in which running is smooth. The first
 * foot is leaned for, each inch of it as long: an inch beyond the reach does not cost a tenth of a second.
 */
final readonly class RunTable
{
    /** Entries for a foot at one foot. */
    private const BY_ROOT = 8.0;
    private const AT_ONE = 8;
    private const FARTHEST = 150.0;

    /**
     * @param list<float> $seconds from the first step
     * @param list<float> $shares  of the top speed after that run
     */
    private function __construct(public array $seconds, public array $shares) {}

    public static function of(Legs $legs): self
    {
        $runs = $shares = [];
        $entries = (int) ceil(self::BY_ROOT * sqrt(self::FARTHEST)) + 1;
        for ($entry = 0; $entry <= $entries; ++$entry) {
            $seconds = $legs->secondsFor(($entry / self::BY_ROOT) ** 2);
            $runs[] = $seconds;
            $shares[] = $legs->shareAfter($seconds);
        }

        return new self($runs, $shares);
    }

    /** INF when it is farther than anybody goes for a ground ball. */
    public function seconds(float $feet): float
    {
        if ($feet < 1.0) {
            return $feet <= 0.0 ? 0.0 : $feet * $this->seconds[self::AT_ONE];
        }
        $entry = self::BY_ROOT * sqrt($feet);
        $low = (int) $entry;

        return isset($this->seconds[$low + 1])
            ? $this->seconds[$low] + ($entry - $low) * ($this->seconds[$low + 1] - $this->seconds[$low])
            : \INF;
    }

    public function share(float $feet): float
    {
        if ($feet < 1.0) {
            return $feet <= 0.0 ? 0.0 : $feet * $this->shares[self::AT_ONE];
        }
        $entry = self::BY_ROOT * sqrt($feet);
        $low = (int) $entry;

        return isset($this->shares[$low + 1])
            ? $this->shares[$low] + ($entry - $low) * ($this->shares[$low + 1] - $this->shares[$low])
            : 1.0;
    }
}
