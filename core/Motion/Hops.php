<?php

declare(strict_types=1);

namespace FoxCorner\Core\Motion;

/**
 * Throws of one release speed that reach their target on one bounce: flown once for each launch angle, then only
 * looked up.
 */
final readonly class Hops
{
    /** Share of its speed that a ball keeps in a bounce. Source: the project's model. */
    private const BOUNCE_KEEPS = 0.75;
    /** s that a hop costs whoever takes it, against a throw that is caught in the air (ours). */
    private const TAKEN_LATER = 0.04;
    /** s of the integration's step. */
    private const STEP = 0.02;
    /** Launch angles, degrees. */
    private const ANGLES = [-2.0, 0.0, 1.0, 2.0, 3.0, 4.5, 6.0, 8.0, 10.0, 12.5, 15.0, 18.0, 20.0, 22.0, 24.0];

    /**
     * @param list<array{float, float, float, float}> $launched degrees; feet and seconds to the ground, ft/s along it
     *                                                          there
     */
    private function __construct(private float $drag, private array $launched) {}

    /**
     * @param float $drag  per foot
     * @param float $speed ft/s at release
     */
    public static function of(float $drag, float $speed): self
    {
        return new self(
            $drag,
            array_map(
                static fn(float $degrees): array => [$degrees, ...self::launch($drag, $speed, $degrees)],
                self::ANGLES,
            ),
        );
    }

    /** The quickest of the throws that reach the target on one bounce. */
    public function over(float $distance): ThrowFlight
    {
        [$angle, $best] = [0.0, \INF];
        foreach ($this->launched as [$degrees, $ground, $seconds, $speed]) {
            $rest = max(0.0, $distance - $ground);
            $total = $seconds + (exp($this->drag * $rest) - 1.0) / ($this->drag * $speed * self::BOUNCE_KEEPS);
            if ($total < $best) {
                [$angle, $best] = [$degrees, $total];
            }
        }

        return new ThrowFlight($best + self::TAKEN_LATER, $angle, 1);
    }

    /**
     * Flies one ball to the ground (midpoint rule).
     *
     * @return array{float, float, float} feet, seconds, ft/s along the ground
     */
    private static function launch(float $drag, float $speed, float $degrees): array
    {
        [$x, $y, $t] = [0.0, Throws::RELEASE_HEIGHT, 0.0];
        [$vx, $vy] = [$speed * cos(deg2rad($degrees)), $speed * sin(deg2rad($degrees))];
        while (true) {
            $v = hypot($vx, $vy);
            $midX = $vx - (self::STEP / 2) * $drag * $v * $vx;
            $midY = $vy - (self::STEP / 2) * ($drag * $v * $vy + Ball::GRAVITY);
            $midV = hypot($midX, $midY);
            [$nextX, $nextY] = [$x + self::STEP * $midX, $y + self::STEP * $midY];
            if ($nextY <= 0.0) {
                $share = $y / ($y - $nextY);

                return [$x + $share * ($nextX - $x), $t + $share * self::STEP, $midX];
            }
            $vx -= self::STEP * $drag * $midV * $midX;
            $vy -= self::STEP * ($drag * $midV * $midY + Ball::GRAVITY);
            [$x, $y, $t] = [$nextX, $nextY, $t + self::STEP];
        }
    }
}
