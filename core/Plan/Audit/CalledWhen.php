<?php

declare(strict_types=1);

namespace FoxCorner\Core\Plan\Audit;

use FoxCorner\Core\Play\Choice\OutPolicy;
use FoxCorner\Core\Play\Choice\Reasons;

/**
 * How sure one must be that the ball comes that a coverage is drawn up for, before that coverage is the cheapest.
 *
 * A coverage costs p · met + (1 − p) · else. Of several the cheapest changes with p where two such lines cross.
 */
final readonly class CalledWhen
{
    /** Steps of p that are looked at. */
    private const STEPS = 100;

    /**
     * @param float $from the smallest chance from which it is the cheapest, 0 to 1
     * @param float $to   the largest
     */
    private function __construct(public CoverageReport $report, public float $from, public float $to) {}

    /**
     * @param list<CoverageReport> $reports of one situation
     *
     * @return list<self> those that are the cheapest somewhere, by rising chance
     */
    public static function among(array $reports, OutPolicy $policy): array
    {
        $parted = array_map(static fn(CoverageReport $report): ?array => $report->parted($policy), $reports);
        $known = array_filter($parted, is_array(...));
        if ([] === $reports || \count($known) < \count($reports)) {
            return [];
        }
        $cheapest = [];
        for ($step = 0; $step <= self::STEPS; ++$step) {
            $best = $reports[self::best($known, $step / self::STEPS)];
            $last = array_pop($cheapest);
            if (null !== $last && $last->report !== $best) {
                $cheapest[] = $last;
                $last = null;
            }
            $cheapest[] = new self($best, $last->from ?? $step / self::STEPS, $step / self::STEPS);
        }

        return $cheapest;
    }

    /**
     * Whether they cost the same, as far as that can be known: what they differ in is on which balls.
     *
     * @param list<CoverageReport> $reports of one situation
     */
    public static function areEven(array $reports, OutPolicy $policy): bool
    {
        $costs = array_map(
            static fn(CoverageReport $report): ?float => $report->costs[$policy->value] ?? null,
            $reports,
        );

        return \count($costs) > 1 && !\in_array(null, $costs, true) && Reasons::areEven(max($costs), min($costs));
    }

    /** @param array<int, array{float, float}> $parted by report, as {@see CoverageReport::parted()} */
    private static function best(array $parted, float $chance): int
    {
        [$best, $least] = [0, \INF];
        foreach ($parted as $report => [$met, $else]) {
            $cost = $chance * $met + (1 - $chance) * $else;
            [$best, $least] = $cost < $least ? [$report, $cost] : [$best, $least];
        }

        return $best;
    }
}
