<?php

declare(strict_types=1);

namespace FoxCorner\Core\Motion;

use FoxCorner\Core\Field\Point;

/** The earliest moment at which a fielder can have a rolling ball. */
final readonly class Intercept
{
    /** s between two looks at the ball, then halved down to a ten-thousandth. */
    private const LOOK = 0.1;
    private const LATEST = 8.0;

    private function __construct(public float $seconds, public Point $point)
    {
    }

    /**
     * @param float $reaction seconds before the first step; a ball that is past by then is missed
     * @param float $reach    feet
     *
     * @return self|null null when the fielder cannot have it within eight seconds
     */
    public static function of(Point $from, Legs $legs, float $reaction, float $reach, RollingBall $ball): ?self
    {
        $has = static fn(float $seconds): bool => $from->distanceTo($ball->at($seconds)) <= $reach + $legs->distanceAfter($seconds - $reaction);
        $late = $reaction;
        while (!$has($late)) {
            $late += self::LOOK;
            if ($late > self::LATEST) {
                return null;
            }
        }
        $early = max($reaction, $late - self::LOOK);
        while ($late - $early > 1e-4) {
            $middle = ($early + $late) / 2;
            [$early, $late] = $has($middle) ? [$early, $middle] : [$middle, $late];
        }

        return new self($late, $ball->at($late));
    }
}
