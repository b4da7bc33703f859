<?php

declare(strict_types=1);

namespace FoxCorner\Core\Range;

use FoxCorner\Core\Field\Point;
use FoxCorner\Core\People\Position;
use FoxCorner\Core\Play\Cast\Cast;
use FoxCorner\Core\Play\Grid\GroundBalls;

/** The holes of an alignment: directions in a row in which fewer than half of the balls are out. */
final class Holes
{
    /** A direction with a smaller chance of an out belongs to a hole. */
    public const BELOW = 0.5;

    /**
     * @param list<float> $outChance
     *
     * @return list<Hole>
     */
    public static function of(GroundBalls $balls, Cast $cast, array $outChance): array
    {
        $standing = [];
        foreach (Position::INFIELDERS as $position) {
            $standing[$position->value] = $cast->at($position)->start;
        }
        uasort($standing, static fn(Point $a, Point $b): int => $a->sprayDegrees() <=> $b->sprayDegrees());
        $holes = [];
        $from = null;
        foreach ([...$outChance, 1.0] as $direction => $chance) {
            if ($chance < self::BELOW) {
                $from ??= $direction;
                continue;
            }
            if (null !== $from) {
                $holes[] = self::hole($balls, $standing, $from, $direction - 1, $outChance);
                $from = null;
            }
        }
        usort($holes, static fn(Hole $a, Hole $b): int => $b->through <=> $a->through);

        return $holes;
    }

    /**
     * @param array<int, Point> $standing  left to right, by position number
     * @param list<float>       $outChance
     */
    private static function hole(GroundBalls $balls, array $standing, int $from, int $to, array $outChance): Hole
    {
        $sprays = $balls->sprays;
        $middle = ($sprays[$from] + $sprays[$to]) / 2;
        $left = $right = null;
        foreach ($standing as $number => $point) {
            if ($point->sprayDegrees() <= $middle) {
                $left = $number;
            } else {
                $right ??= $number;
            }
        }
        $depth =
            array_sum(
                array_map(
                    static fn(?int $number): float => null === $number
                        ? 0.0
                        : $standing[$number]->distanceTo(Point::home()),
                    [$left, $right],
                ),
            ) / max(1, (int) (null !== $left) + (int) (null !== $right));
        $speeds = \count($balls->speeds);
        $through = 0.0;
        for ($direction = $from; $direction <= $to; ++$direction) {
            $weight = array_sum(\array_slice($balls->weights, $direction * $speeds, $speeds));
            $through += 100 * $weight * (1 - $outChance[$direction]);
        }

        return new Hole(
            $sprays[$from],
            $sprays[$to],
            null === $left ? null : Position::from($left),
            null === $right ? null : Position::from($right),
            deg2rad($sprays[$to] - $sprays[$from] + GroundBalls::DEGREES) * $depth,
            $through,
        );
    }
}
