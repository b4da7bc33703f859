<?php

declare(strict_types=1);

namespace FoxCorner\Core\Family\Bunt;

use FoxCorner\Core\Field\Point;
use FoxCorner\Core\Field\RuleSet;
use FoxCorner\Core\Play\Scheme\PlacedTrial;

/** The bunts that a coverage is tried against: a few for the audit, the ground in front of the plate for the map. */
final class BuntGrid
{
    /** Degrees from straight away, third-base side first. */
    public const DIRECTIONS = [-40.0, -20.0, 0.0, 20.0, 40.0];
    /** ft from home to where the bunt would rest: dropped dead, well placed, firm. */
    public const REST_DISTANCES = [15.0, 30.0, 50.0];

    /** ft between two spots of the map, to the side and out: about as many as 30 directions by 12 speeds. */
    public const SPACING = 3.0;
    /** Degrees from straight away of the outermost spots; a bunter keeps it this fair. */
    private const WIDEST = 43.5;
    /** ft from home to the nearest and the farthest resting place. */
    private const NEAREST = 10.0;
    private const FARTHEST = 65.0;

    /** @return non-empty-list<BuntTrial> five directions, three lengths */
    public static function sample(RuleSet $rules, BuntKind $kind = BuntKind::Sacrifice): array
    {
        $trials = [];
        foreach (self::DIRECTIONS as $degrees) {
            foreach (self::REST_DISTANCES as $feet) {
                $trials[] = BuntTrial::restingAt($feet, $degrees, $rules, $kind);
            }
        }

        return $trials;
    }

    /** @return list<PlacedTrial> row by row from near to far, each from left to right */
    public static function ground(RuleSet $rules, BuntKind $kind): array
    {
        $placed = [];
        for ($y = self::NEAREST / 2; $y <= self::FARTHEST; $y += self::SPACING) {
            $across = floor(($y * tan(deg2rad(self::WIDEST))) / self::SPACING);
            for ($step = -$across; $step <= $across; ++$step) {
                $point = Point::of($step * self::SPACING, $y);
                $feet = $point->distanceTo(Point::home());
                if ($feet >= self::NEAREST && $feet <= self::FARTHEST) {
                    $placed[] = new PlacedTrial(
                        $point,
                        BuntTrial::restingAt($feet, $point->sprayDegrees(), $rules, $kind),
                    );
                }
            }
        }

        return $placed;
    }
}
