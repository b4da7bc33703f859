<?php

declare(strict_types=1);

namespace FoxCorner\Core\Play\Grid;

/** The balls of a grid, each played by whoever has it, with whoever is behind him. */
final class GridPlays
{
    /** Who is behind a ball that is lost less often is not asked: it changes less than an out in five hundred. */
    private const HARDLY = 0.005;

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
                $who = GroundReach::foremost($this->reaches, $index);
                $cost += $this->balls->weights[$index] * $this->ball($direction, $speed, $who, $past[$index])->cost;
            }
        }

        return $cost;
    }

    /**
     * @param array{int, int} $who  has it, and is behind him
     * @param BallFielded     $past what becomes of it when nobody of the infield has it
     */
    public function ball(int $direction, int $speed, array $who, BallFielded $past): BallFielded
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
