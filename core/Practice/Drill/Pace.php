<?php

declare(strict_types=1);

namespace FoxCorner\Core\Practice\Drill;

use FoxCorner\Core\Level\AgeGroup;

/** How repetitions come about in a round that people play: slower than by the clock, explained, collected, capped. */
final readonly class Pace
{
    /** s of a round for explaining what is new to these players, and what they know. Source: the project's practice. */
    public const NEW = 120;
    public const KNOWN = 30;
    /** Balls of a bucket, and seconds in which they are collected. Source: the project's practice. */
    private const BUCKET = 30;
    private const COLLECTING = 60;
    /** Of one player in one round at most: hard throws, full sprints, anything else. Source: the project's practice. */
    private const THROWS = 16;
    private const SPRINTS = 8;
    private const MOST = 40;
    private const PIECE = 'bucket of balls';

    /**
     * @param float    $slow      how much longer a repetition takes than by the clock
     * @param int      $explained seconds before the first
     * @param int|null $bucket    balls after which they are collected; null: never
     * @param int|null $most      repetitions of one player; null: as many as there is time for
     */
    private function __construct(
        private float $slow = 1.0,
        private int $explained = 0,
        private ?int $bucket = null,
        private ?int $most = null,
    ) {}

    /** By the clock alone. */
    public static function plain(): self
    {
        return new self();
    }

    /** @param bool $isNew to most of those who come */
    public static function of(Drill $drill, AgeGroup $age, bool $isNew): self
    {
        $buckets = $drill->equipment[self::PIECE] ?? 0;

        return new self(
            $age->slow() / $age->yield(),
            $isNew ? self::NEW : self::KNOWN,
            $buckets > 0 ? $buckets * self::BUCKET : null,
            match (true) {
                $drill->throwsPerRep > 0 => intdiv(self::THROWS, $drill->throwsPerRep),
                $drill->sprintsPerRep > 0 => intdiv(self::SPRINTS, $drill->sprintsPerRep),
                default => self::MOST,
            },
        );
    }

    /**
     * Repetitions of each: {@see Repetitions::each()} in what explaining and collecting leave of the round.
     *
     * @param int $seconds for one player's repetition
     */
    public function each(int $group, int $atOnce, int $seconds, float $minutes, bool $oneReceives = false): int
    {
        $in = fn(float $left): int => Repetitions::each(
            $group,
            $atOnce,
            $seconds * $this->slow,
            max(0.0, $left) / 60,
            $oneReceives,
        );
        $left = 60 * $minutes - $this->explained;
        $each = $in($left);
        if (null !== $this->bucket && $each * $group > $this->bucket) {
            // Never fewer than one bucket holds: they need not hit the ball that has to be collected.
            $each = max(intdiv($this->bucket, $group), $in($left - self::COLLECTING));
        }

        return min($each, $this->most ?? $each);
    }

    /**
     * Of a round, what each spends in a line: what is beyond half a minute between two of his turns.
     *
     * @param int $seconds for one player's repetition
     */
    public static function inLine(int $group, int $atOnce, int $seconds): float
    {
        $gap = $seconds * ceil($group / $atOnce);

        return $group <= $atOnce ? 0.0 : max(0.0, ($gap - self::KNOWN) / $gap);
    }
}
