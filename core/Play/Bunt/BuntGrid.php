<?php

declare(strict_types=1);

namespace FoxCorner\Core\Play\Bunt;

use FoxCorner\Core\Field\Surface;
use FoxCorner\Core\Motion\RollingBall;
use FoxCorner\Core\Motion\Speed;

/** The bunts that a coverage is tried against: five directions, three lengths. */
final class BuntGrid
{
    /** Degrees from straight away, third-base side first. */
    public const DIRECTIONS = [-40.0, -20.0, 0.0, 20.0, 40.0];
    /** ft from home to where the bunt would rest: dropped dead, well placed, firm. */
    public const REST_DISTANCES = [15.0, 30.0, 50.0];

    /** mph; the limits of what still is a bunt. Source: the project's model. */
    private const SLOWEST = 12.0;
    private const FASTEST = 40.0;

    /**
     * The bunt that would come to rest at a point, as near to it as a bunt can.
     *
     * @param float $feet    from home
     * @param float $degrees from straight away, negative toward third; fouls count as on the line
     */
    public static function restingAt(float $feet, float $degrees, Surface $surface): RollingBall
    {
        $mph = RollingBall::buntSpeedToRestAt($feet, $surface)->mph();

        return RollingBall::bunt(Speed::ofMph(min(self::FASTEST, max(self::SLOWEST, $mph))), $surface, min(45.0, max(-45.0, $degrees)));
    }

    /** @return non-empty-list<RollingBall> */
    public static function balls(Surface $surface): array
    {
        $balls = [];
        foreach (self::DIRECTIONS as $direction) {
            foreach (self::REST_DISTANCES as $feet) {
                $balls[] = RollingBall::bunt(RollingBall::buntSpeedToRestAt($feet, $surface), $surface, $direction);
            }
        }

        return $balls;
    }
}
