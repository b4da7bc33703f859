<?php

declare(strict_types=1);

namespace FoxCorner\App\Field;

use FoxCorner\Core\Field\Point;
use FoxCorner\Core\Field\RuleSet;
use FoxCorner\Core\Play\Grid\GroundBalls;
use FoxCorner\Core\Range\RangeSummary;

/** The chance of an out by direction, as arcs along the edge of the infield: sure, even, hole. */
final class RangePicture
{
    /** ft beyond the skin at which the arcs are drawn. */
    private const BEYOND = 6.0;

    /**
     * @return list<array{grade: string, path: string, words: string}> neighbouring directions of the same grade
     *                                                                 together
     */
    public static function stretches(RangeSummary $map, RuleSet $rules): array
    {
        $runs = [];
        foreach ($map->outChance as $direction => $chance) {
            $last = array_key_last($runs);
            if (null !== $last && $runs[$last]['grade'] === self::grade($chance)) {
                $runs[$last]['chances'][] = $chance;
            } else {
                $runs[] = ['grade' => self::grade($chance), 'from' => $map->sprays[$direction], 'chances' => [$chance]];
            }
        }

        return array_map(
            static fn(array $run): array => [
                'grade' => $run['grade'],
                'path' => self::arc(
                    $run['from'] - GroundBalls::DEGREES / 2,
                    $run['from'] + GroundBalls::DEGREES * (\count($run['chances']) - 0.5),
                    $rules,
                ),
                'words' => \sprintf(
                    '%d outs in a hundred hit this way',
                    round((100 * array_sum($run['chances'])) / \count($run['chances'])),
                ),
            ],
            $runs,
        );
    }

    private static function grade(float $chance): string
    {
        return match (true) {
            $chance >= 0.8 => 'sure',
            $chance >= 0.5 => 'even',
            default => 'hole',
        };
    }

    private static function arc(float $from, float $to, RuleSet $rules): string
    {
        $points = [];
        for ($degrees = $from; $degrees <= $to + 0.01; $degrees += GroundBalls::DEGREES) {
            $point = self::onEdge(max(-45.0, min(45.0, $degrees)), $rules);
            $points[] = \sprintf('%.1f %.1f', $point->x, -$point->y);
        }

        return 'M' . implode('L', $points);
    }

    /** Where a direction from home leaves the circle around the rubber that bounds the skin. */
    private static function onEdge(float $degrees, RuleSet $rules): Point
    {
        $radius = $rules->skinRadius + self::BEYOND;
        $along = $rules->pitchingDistance * cos(deg2rad($degrees));
        $across = $rules->pitchingDistance * sin(deg2rad($degrees));

        return Point::polar($along + sqrt($radius ** 2 - $across ** 2), $degrees);
    }
}
