<?php

declare(strict_types=1);

namespace FoxCorner\Core\Play\Map;

use FoxCorner\Core\Play\Contract\PlayFamily;
use FoxCorner\Core\Play\Scene\Scene;
use FoxCorner\Core\Play\Scheme\Coverage;
use FoxCorner\Core\Play\Scheme\PlacedTrial;

/** Where a coverage is beaten: the ground, evenly spaced, and what is made of a ball that is there. */
final readonly class PlayMap
{
    /** @param non-empty-list<MapSpot> $spots row by row from near to far, each from left to right */
    private function __construct(public array $spots) {}

    /** @param non-empty-list<PlacedTrial> $placed */
    public static function of(PlayFamily $family, Scene $scene, Coverage $coverage, array $placed): self
    {
        $against = $family->against($scene, $coverage);

        return new self(
            array_map(static function (PlacedTrial $one) use ($against, $scene): MapSpot {
                $play = $against($one->trial);
                $options = $play->options();

                return new MapSpot($one->at, $one->trial, $play->firstBy(), $scene->choose($options), $options);
            }, $placed),
        );
    }

    /** The share of the ground that comes to an outcome, 0 to 1. */
    public function share(MapOutcome $outcome): float
    {
        return \count(array_filter($this->spots, static fn(MapSpot $spot): bool => $spot->outcome() === $outcome)) /
            \count($this->spots);
    }

    /** The share of the ground on which it may as well come otherwise, 0 to 1. */
    public function thin(): float
    {
        return \count(array_filter($this->spots, static fn(MapSpot $spot): bool => $spot->isThin())) /
            \count($this->spots);
    }

    /**
     * The ball with which they beat us most surely: the smallest chance of any out, and of those the one that costs
     * most.
     */
    public function worst(): MapSpot
    {
        $worst = $this->spots[0];
        foreach ($this->spots as $spot) {
            if (
                [$spot->called->chance, -($spot->called->cost ?? 0.0)] < [
                    $worst->called->chance,
                    -($worst->called->cost ?? 0.0),
                ]
            ) {
                $worst = $spot;
            }
        }

        return $worst;
    }

    /** What a ball of this ground costs on average; null when nothing was asked of cost. */
    public function cost(): ?float
    {
        $costs = array_map(static fn(MapSpot $spot): ?float => $spot->called->cost, $this->spots);

        return \in_array(null, $costs, true) ? null : array_sum($costs) / \count($costs);
    }
}
