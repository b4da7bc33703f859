<?php

declare(strict_types=1);

namespace FoxCorner\Core\Motion;

use FoxCorner\Core\Field\Point;

/** The earliest moment at which a fielder can have a rolling ball. */
final readonly class Intercept
{
    /** s between two looks at the ball; the interval in which it comes within reach is then halved. */
    private const LOOK = 0.1;
    private const HALVINGS = 4;
    private const LATEST = 8.0;

    private function __construct(public float $seconds, public Point $point) {}

    /**
     * @param float $reaction seconds before the first step; a ball that is past by then is missed
     * @param float $reach    feet
     *
     * @return self|null null when the fielder cannot have it within eight seconds
     */
    public static function of(Point $from, Legs $legs, float $reaction, float $reach, RollingBall $ball): ?self
    {
        $late = $reaction;
        $over = self::missing($from, $legs, $reaction, $reach, $ball, $late);
        $under = 0.0;
        while ($over > 0.0) {
            // Nobody closes in faster than he and the ball run at each other: looks before that can be left out.
            $closest = ($legs->topSpeed + $ball->speedAfter($late)) * self::LOOK;
            $late += max(1, (int) ($over / $closest) - 1) * self::LOOK;
            if ($late > self::LATEST) {
                return null;
            }
            $under = $over;
            $over = self::missing($from, $legs, $reaction, $reach, $ball, $late);
        }
        $early = max($reaction, $late - self::LOOK);
        for ($halving = 0; $halving < self::HALVINGS && $late > $early; ++$halving) {
            $middle = ($early + $late) / 2;
            $missing = self::missing($from, $legs, $reaction, $reach, $ball, $middle);
            [$early, $late, $under, $over] =
                $missing <= 0.0 ? [$early, $middle, $under, $missing] : [$middle, $late, $missing, $over];
        }
        // Between two looks this close the distance changes evenly.
        $seconds = $under > 0.0 ? $early + (($late - $early) * $under) / ($under - $over) : $late;

        return new self($seconds, $ball->at($seconds));
    }

    /** Feet between the fielder's reach and the ball at a moment; not positive when the fielder has it. */
    private static function missing(
        Point $from,
        Legs $legs,
        float $reaction,
        float $reach,
        RollingBall $ball,
        float $seconds,
    ): float {
        $feet = $ball->distanceAfter($seconds);

        return hypot($feet * $ball->directionX - $from->x, $feet * $ball->directionY - $from->y) -
            $reach -
            $legs->distanceAfter($seconds - $reaction);
    }
}
