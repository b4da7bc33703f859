<?php

declare(strict_types=1);

namespace FoxCorner\Core\Motion;

/**
 * Where throws of one release speed come down, by launch angle: gravity and quadratic drag, integrated
 * once and then only looked up.
 */
final readonly class CarryTable
{
    /** ft/s² */
    public const GRAVITY = 32.174;
    /** ft */
    public const RELEASE_HEIGHT = 6.0;
    /** ft */
    public const CATCH_HEIGHT = 4.0;

    /** Share of its speed that a ball keeps in a bounce. Source: the project's model. */
    private const BOUNCE_KEEPS = 0.75;
    /** s of the integration's step. */
    private const STEP = 0.02;
    /** Launch angles of the table, degrees; closer where flat throws live. Steeper than the last is a lob, which a hop beats (ours). */
    private const ANGLES = [-2.0, 0.0, 1.0, 2.0, 3.0, 4.5, 6.0, 8.0, 10.0, 12.5, 15.0, 18.0, 20.0, 22.0, 24.0];

    /**
     * @param list<array{float, float, float}>        $carries degrees, feet, seconds at catch height; feet rising
     * @param list<array{float, float, float, float}> $hops    degrees, feet, seconds, feet per second at the ground
     */
    private function __construct(private float $drag, private array $carries, private array $hops)
    {
    }

    /**
     * @param float $drag  per foot
     * @param float $speed ft/s at release
     */
    public static function of(float $drag, float $speed): self
    {
        $carries = $hops = [];
        foreach (self::ANGLES as $degrees) {
            [$catch, $ground] = self::launch($drag, $speed, $degrees);
            $hops[] = [$degrees, ...$ground];
            if ([] === $carries || $catch[0] > $carries[\count($carries) - 1][1]) {
                $carries[] = [$degrees, ...$catch];
            }
        }

        return new self($drag, $carries, $hops);
    }

    /** The flattest throw that arrives over $distance feet; on one bounce when only a lob would carry that far. */
    public function flight(float $distance): ThrowFlight
    {
        $last = \count($this->carries) - 1;
        if ($distance > $this->carries[$last][1]) {
            return $this->bounced($distance);
        }
        $upper = 1;
        while ($upper < $last && $this->carries[$upper][1] < $distance) {
            ++$upper;
        }
        [$from, $to] = [$this->carries[$upper - 1], $this->carries[$upper]];
        $share = ($distance - $from[1]) / ($to[1] - $from[1]);

        return new ThrowFlight($from[2] + $share * ($to[2] - $from[2]), $from[0] + $share * ($to[0] - $from[0]), 0);
    }

    /** The quickest of the throws that reach the target on one bounce. */
    private function bounced(float $distance): ThrowFlight
    {
        $best = null;
        foreach ($this->hops as [$degrees, $ground, $seconds, $speed]) {
            $rest = max(0.0, $distance - $ground);
            $total = $seconds + (exp($this->drag * $rest) - 1.0) / ($this->drag * $speed * self::BOUNCE_KEEPS);
            if (null === $best || $total < $best->seconds) {
                $best = new ThrowFlight($total, $degrees, 1);
            }
        }

        return $best ?? throw new \LogicException('The table has no angles.');
    }

    /**
     * Flies one ball (midpoint rule).
     *
     * @return array{array{float, float}, array{float, float, float}} at catch height, falling: feet, seconds;
     *                                                                at the ground: feet, seconds, ft/s along the ground
     */
    private static function launch(float $drag, float $speed, float $degrees): array
    {
        [$x, $y, $t] = [0.0, self::RELEASE_HEIGHT, 0.0];
        [$vx, $vy] = [$speed * cos(deg2rad($degrees)), $speed * sin(deg2rad($degrees))];
        $catch = null;
        while (true) {
            $v = hypot($vx, $vy);
            $midX = $vx - self::STEP / 2 * $drag * $v * $vx;
            $midY = $vy - self::STEP / 2 * ($drag * $v * $vy + self::GRAVITY);
            $midV = hypot($midX, $midY);
            [$nextX, $nextY] = [$x + self::STEP * $midX, $y + self::STEP * $midY];
            if ($y > self::CATCH_HEIGHT && $nextY <= self::CATCH_HEIGHT) {
                $share = ($y - self::CATCH_HEIGHT) / ($y - $nextY);
                $catch = [$x + $share * ($nextX - $x), $t + $share * self::STEP];
            }
            if ($nextY <= 0.0) {
                $share = $y / ($y - $nextY);

                return [$catch ?? [$x, $t], [$x + $share * ($nextX - $x), $t + $share * self::STEP, $midX]];
            }
            $vx -= self::STEP * $drag * $midV * $midX;
            $vy -= self::STEP * ($drag * $midV * $midY + self::GRAVITY);
            [$x, $y, $t] = [$nextX, $nextY, $t + self::STEP];
        }
    }
}
