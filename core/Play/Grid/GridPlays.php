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
    /** @var array<int, array<int, Met>> by position number and ball, as far as it was asked */
    private array $met = [];
    /** @var array<int, array<int, InHand>> likewise: what somebody makes of a ball */
    private array $had = [];
    /** @var array<int, array<int, BallFielded>> likewise, when nobody is behind him */
    private array $alone = [];

    /**
     * @param array<int, GroundReach> $reaches by position number
     */
    public function __construct(
        private readonly GroundTree $tree,
        private readonly GroundBalls $balls,
        private readonly array $reaches,
    ) {
        $this->speeds = \count($balls->speeds);
    }

    /**
     * Takes over what became of balls before, as far as nothing of it has changed.
     *
     * @param array<int, float> $covered by the number of those who stand where they stood,
     *                                   {@see GroundSetting::covered()}
     */
    public function takeOver(self $before, array $covered): void
    {
        foreach ($covered as $number => $until) {
            [$reach, $was] = [$this->reaches[$number], $before->reaches[$number]];
            if ($reach === $was && 0.0 === $until) {
                $this->met[$number] = $before->met[$number] ?? [];
                $this->had[$number] = $before->had[$number] ?? [];
                $this->alone[$number] = $before->alone[$number] ?? [];
                continue;
            }
            foreach ($before->met[$number] ?? [] as $index => $met) {
                if ($reach->along[$index] === $was->along[$index]) {
                    $this->met[$number][$index] = $met;
                }
            }
            foreach ($before->had[$number] ?? [] as $index => $had) {
                if ($reach->along[$index] === $was->along[$index] && $had->isFreeOf($until)) {
                    $this->had[$number][$index] = $had;
                    if (isset($before->alone[$number][$index])) {
                        $this->alone[$number][$index] = $before->alone[$number][$index];
                    }
                }
            }
        }
    }

    /**
     * Whether those whose ball it may be make of it what they made before, their reaches being the same there.
     *
     * @param list<array{int, int}> $candidates
     */
    public function isAsBefore(self $before, int $index, array $candidates): bool
    {
        foreach ($candidates as $pair) {
            foreach ($pair as $number) {
                if (
                    0 !== $number &&
                    ($this->reaches[$number]->who !== $before->reaches[$number]->who ||
                        isset($before->had[$number][$index]) !== isset($this->had[$number][$index]))
                ) {
                    return false;
                }
            }
        }

        return true;
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
        [$first, $second] = $who;
        if (0 === $first) {
            return $past;
        }
        $index = $direction * $this->speeds + $speed;
        $his = $this->had[$first][$index] ??= $this->tree->inHand($this->met($first, $direction, $speed));
        if (0 === $second || $his->gone < self::HARDLY) {
            return $this->alone[$first][$index] ??= $his->with($past);
        }
        $this->had[$second][$index] ??= $this->tree->inHand($this->met($second, $direction, $speed));
        $this->alone[$second][$index] ??= $this->had[$second][$index]->with($past);

        return $his->with(GroundTree::behind($this->alone[$second][$index], $past));
    }

    private function met(int $number, int $direction, int $speed): Met
    {
        $reach = $this->reaches[$number];
        $index = $direction * $this->speeds + $speed;

        return $this->met[$number][$index] ??=
            Met::of(
                $reach->who,
                $this->balls->ways[$speed],
                $reach->along[$index],
                $this->balls->sines[$direction],
                $this->balls->cosines[$direction],
            ) ?? throw new \LogicException('Nobody is asked for a ball that he does not reach.');
    }
}
