<?php

declare(strict_types=1);

namespace FoxCorner\Core\Play\Grid;

use FoxCorner\Core\Play\Ball\Hands;

/** The balls of a grid, each played by whoever has it, with whoever is behind him. */
final class GridPlays
{
    /** Who is behind a ball that is lost less often is not asked: it changes less than an out in five hundred. */
    private const HARDLY = 0.005;

    private const NEXT_TO_NOTHING = 1e-12;

    /** Of an out, the least that is left once a ball is picked up (ours). */
    private const LATE = 0.2;

    private readonly int $speeds;

    /**
     * @param array<int, GroundReach>             $reaches by position number
     * @param array<int, array<int, BallFielded>> $alone   what somebody makes of a ball when nobody is behind him; by
     *                                                     position number and ball, as far as it was asked
     */
    public function __construct(
        private readonly GroundTree $tree,
        private readonly GroundBalls $balls,
        private readonly array $reaches,
        public array $alone = [],
    ) {
        $this->speeds = \count($balls->speeds);
    }

    /**
     * What all of them cost on average.
     *
     * @param list<BallFielded> $past by direction, then speed: what becomes of each when nobody of the infield has it
     */
    public function cost(array $past): float
    {
        $cost = 0.0;
        foreach (array_keys($this->balls->sprays) as $direction) {
            foreach (array_keys($this->balls->speeds) as $speed) {
                $index = $direction * $this->speeds + $speed;
                $who = GroundReach::candidates($this->reaches, $index);
                $cost += $this->balls->weights[$index] * $this->best($direction, $speed, $who, $past[$index])->cost;
            }
        }

        return $cost;
    }

    /**
     * Of those whose ball it may be, what costs least.
     *
     * @param non-empty-list<array{int, int}> $candidates {@see GroundReach::candidates()}
     * @param BallFielded                     $past       what becomes of it when nobody of the infield has it
     */
    public function best(int $direction, int $speed, array $candidates, BallFielded $past): BallFielded
    {
        $best = $this->ball($direction, $speed, $candidates[0], $past);
        if (!isset($candidates[1])) {
            return $best;
        }
        $least = $this->saved($direction, $speed, $candidates[0], self::LATE);
        for ($next = 1; isset($candidates[$next]); ++$next) {
            if ($this->saved($direction, $speed, $candidates[$next], 1.0) > $least) {
                $other = $this->ball($direction, $speed, $candidates[$next], $past);
                $best = $other->cost < $best->cost ? $other : $best;
            }
        }

        return $best;
    }

    /**
     * What a pair saves, roughly.
     *
     * @param array{int, int} $who
     * @param float           $late of an out what is left once a misplayed ball is picked up
     */
    private function saved(int $direction, int $speed, array $who, float $late): float
    {
        $index = $direction * $this->speeds + $speed;
        [$first, $second] = $who;
        $met = $this->met($first, $direction, $speed);
        $saved = $this->reaches[$first]->saves[$index];
        $his = 0 === $second ? 0.0 : Hands::BEHIND * $this->reaches[$second]->saves[$index];

        return $saved +
            ($late * $met->inFront() * $saved) / max(self::NEXT_TO_NOTHING, $met->clean) +
            $met->gone() * $his;
    }

    /** @param array{int, int} $who has it, and is behind him */
    private function ball(int $direction, int $speed, array $who, BallFielded $past): BallFielded
    {
        $index = $direction * $this->speeds + $speed;
        [$first, $second] = $who;
        if (0 === $first) {
            return $past;
        }
        $met = $this->met($first, $direction, $speed);
        if (0 === $second || $met->gone() < self::HARDLY) {
            return $this->alone[$first][$index] ??= $this->tree->of($met, $past);
        }
        $this->alone[$second][$index] ??= $this->tree->of($this->met($second, $direction, $speed), $past);

        return $this->tree->of($met, GroundTree::behind($this->alone[$second][$index], $past));
    }

    private function met(int $number, int $direction, int $speed): Met
    {
        $reach = $this->reaches[$number];

        return Met::of(
            $reach->who,
            $this->balls->ways[$speed],
            $reach->along[$direction * $this->speeds + $speed],
            $this->balls->sines[$direction],
            $this->balls->cosines[$direction],
        ) ?? throw new \LogicException('Nobody is asked for a ball that he does not reach.');
    }
}
