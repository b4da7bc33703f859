<?php

declare(strict_types=1);

namespace FoxCorner\Core\Family\Outfield;

use FoxCorner\Core\Field\Point;
use FoxCorner\Core\Field\RuleSet;

/** Balls all over the outfield: ten directions, three depths, on the ground and in the air. */
final class SixtyBalls
{
    private const DIRECTIONS = [-43.0, -34.0, -25.0, -16.0, -6.0, 6.0, 16.0, 25.0, 34.0, 43.0];
    /** Of the way to the fence. */
    private const DEPTHS = [0.55, 0.75, 0.93];

    /** @return list<OutfieldTrial> */
    public static function of(RuleSet $rules): array
    {
        $trials = [];
        foreach (self::DIRECTIONS as $degrees) {
            foreach (self::DEPTHS as $share) {
                $point = Point::polar($share * $rules->fence->distanceAt($degrees), $degrees);
                $trials[] = OutfieldTrial::near($point, Flight::Ground, $rules);
                $trials[] = OutfieldTrial::near($point, $share < 0.7 ? Flight::Line : Flight::Fly, $rules);
            }
        }

        return $trials;
    }
}
