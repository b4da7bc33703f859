<?php

declare(strict_types=1);

namespace FoxCorner\Core\Family\Outfield;

use FoxCorner\Core\Field\Point;
use FoxCorner\Core\Field\RuleSet;

/** The balls that matter: what a team walks through, and what a coverage is tried against. */
final class TwelveBalls
{
    /** Degrees from straight away, the share of the way to the fence, and how it gets there. */
    private const BALLS = [
        [-24.0, 0.8, Flight::Ground],
        [2.0, 0.8, Flight::Ground],
        [24.0, 0.8, Flight::Ground],
        [-30.0, 0.5, Flight::Line],
        [-42.0, 0.72, Flight::Line],
        [-13.0, 0.78, Flight::Line],
        [-14.0, 0.95, Flight::Fly],
        [13.0, 0.8, Flight::Line],
        [42.0, 0.72, Flight::Line],
        [-25.0, 0.78, Flight::Fly],
        [0.0, 0.86, Flight::Fly],
        [26.0, 0.7, Flight::Fly],
    ];

    /** @return non-empty-list<OutfieldTrial> */
    public static function of(RuleSet $rules): array
    {
        $trials = [];
        foreach (self::BALLS as [$degrees, $share, $flight]) {
            $trials[] = OutfieldTrial::near(
                Point::polar($share * $rules->fence->distanceAt($degrees), $degrees),
                $flight,
                $rules,
            );
        }

        return $trials;
    }
}
