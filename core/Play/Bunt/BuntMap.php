<?php

declare(strict_types=1);

namespace FoxCorner\Core\Play\Bunt;

use FoxCorner\Core\Field\Point;
use FoxCorner\Core\Play\PlayQuestion;

/** Where a bunt beats a coverage: the ground in front of the plate, evenly spaced, and what is made of a bunt that rests there. */
final readonly class BuntMap
{
    /** ft between two spots, to the side and out: about as many as 30 directions by 12 speeds. */
    public const GRID = 3.0;
    /** Degrees from straight away of the outermost spots; a bunter keeps it this fair. */
    private const WIDEST = 43.5;
    /** ft from home to the nearest and the farthest resting place. */
    private const NEAREST = 10.0;
    private const FARTHEST = 65.0;

    /** @param non-empty-list<BuntSpot> $spots row by row from near to far, each from left to right */
    private function __construct(public array $spots)
    {
    }

    public static function of(PlayQuestion $question, BuntCoverage $coverage): self
    {
        $spots = [];
        $surface = $question->rules->buntSurface();
        foreach (self::ground() as $point) {
            [$degrees, $feet] = [$point->sprayDegrees(), $point->distanceTo(Point::home())];
            $options = BuntOptions::of($question->withBall(BuntGrid::restingAt($feet, $degrees, $surface)), $coverage);
            $all = $options->all();
            $spots[] = new BuntSpot($degrees, $feet, $point, $options->fielding->position(), $question->policy->choose($all), $all);
        }

        return new self([] === $spots ? throw new \LogicException('There is ground in front of the plate.') : $spots);
    }

    /** @return list<Point> */
    private static function ground(): array
    {
        $points = [];
        for ($y = self::NEAREST / 2; $y <= self::FARTHEST; $y += self::GRID) {
            $across = floor($y * tan(deg2rad(self::WIDEST)) / self::GRID);
            for ($step = -$across; $step <= $across; ++$step) {
                $point = Point::of($step * self::GRID, $y);
                $feet = $point->distanceTo(Point::home());
                if ($feet >= self::NEAREST && $feet <= self::FARTHEST) {
                    $points[] = $point;
                }
            }
        }

        return $points;
    }

    /** The share of the ground that comes to an outcome, 0 to 1. */
    public function share(BuntOutcome $outcome): float
    {
        return \count(array_filter($this->spots, static fn(BuntSpot $spot): bool => $spot->outcome() === $outcome)) / \count($this->spots);
    }

    /** The bunt with which they beat us most surely: the smallest chance of any out, and of those the one that costs most. */
    public function worst(): BuntSpot
    {
        $worst = $this->spots[0];
        foreach ($this->spots as $spot) {
            if ([$spot->called->chance, -($spot->called->cost ?? 0.0)] < [$worst->called->chance, -($worst->called->cost ?? 0.0)]) {
                $worst = $spot;
            }
        }

        return $worst;
    }

    /** What a bunt of this ground costs on average; null when nothing was asked of cost. */
    public function cost(): ?float
    {
        $costs = array_map(static fn(BuntSpot $spot): ?float => $spot->called->cost, $this->spots);

        return \in_array(null, $costs, true) ? null : array_sum($costs) / \count($costs);
    }
}
