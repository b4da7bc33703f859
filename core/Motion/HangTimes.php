<?php

declare(strict_types=1);

namespace FoxCorner\Core\Motion;

/**
 * How long a batted ball of one launch angle is in the air, by where it lands.
 *
 * Gravity and quadratic drag, lift neglected; flown once for each speed off the bat, then only looked up.
 */
final readonly class HangTimes
{
    /** Drag coefficient of a batted ball, as a share of a thrown one's. Source: the project's model (0.33 and 0.38). */
    private const DRAG_SHARE = 0.33 / 0.38;
    /** ft above the ground at which it is hit, and is caught. */
    private const CONTACT = 3.0;
    private const CAUGHT = 4.0;
    private const STEP = 0.01;
    private const SLOWEST = 18.0;

    /** @param list<array{float, float, float}> $landings feet, seconds, ft/s along the ground; feet rising */
    private function __construct(private array $landings) {}

    /** @param float $fastest mph off the bat of the hardest ball that is looked at */
    public static function of(FlyKind $kind, Ball $ball, float $fastest): self
    {
        $landings = [];
        for ($mph = self::SLOWEST; $mph <= $fastest + 1e-9; $mph += 2.0) {
            $landing = self::fly(
                $ball->dragPerFoot() * self::DRAG_SHARE,
                Speed::ofMph($mph)->feetPerSecond,
                deg2rad($kind->degrees()),
            );
            if (null !== $landing && ([] === $landings || $landing[0] > $landings[\count($landings) - 1][0])) {
                $landings[] = $landing;
            }
        }

        return new self($landings);
    }

    /** Seconds in the air of the ball that comes down so many feet out; null when none of this kind does. */
    public function secondsTo(float $feet): ?float
    {
        return $this->landing($feet)[0] ?? null;
    }

    /**
     * @return array{float, float}|null seconds in the air, and ft/s along the ground as it comes down; null likewise
     */
    public function landing(float $feet): ?array
    {
        $before = null;
        foreach ($this->landings as $landing) {
            if ($landing[0] >= $feet) {
                if (null === $before) {
                    return null;
                }
                $share = ($feet - $before[0]) / ($landing[0] - $before[0]);

                return [
                    $before[1] + $share * ($landing[1] - $before[1]),
                    $before[2] + $share * ($landing[2] - $before[2]),
                ];
            }
            $before = $landing;
        }

        return null;
    }

    /** Feet to the farthest landing. */
    public function farthest(): float
    {
        return [] === $this->landings ? 0.0 : $this->landings[\count($this->landings) - 1][0];
    }

    /**
     * @return array{float, float, float}|null feet, seconds and ft/s along the ground at catching height, falling; null
     *                                         when it never rises to it
     */
    private static function fly(float $drag, float $speed, float $angle): ?array
    {
        [$x, $y, $t] = [0.0, self::CONTACT, 0.0];
        [$vx, $vy] = [$speed * cos($angle), $speed * sin($angle)];
        while (true) {
            $v = hypot($vx, $vy);
            $vx -= self::STEP * $drag * $v * $vx;
            $vy -= self::STEP * ($drag * $v * $vy + Ball::GRAVITY);
            $next = $y + self::STEP * $vy;
            $x += self::STEP * $vx;
            $t += self::STEP;
            if ($vy < 0.0 && $next <= self::CAUGHT) {
                return $y > self::CAUGHT ? [$x, $t, $vx] : null;
            }
            $y = $next;
        }
    }
}
