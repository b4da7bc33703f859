<?php

declare(strict_types=1);

namespace FoxCorner\Core\Motion;

/**
 * How long throws of one ball take. Short ones by the closed formula, long ones from a table that is
 * computed once for each release speed.
 */
final class Throws
{
    /** ft; farther than this a throw must arc and gravity is reckoned with. Source: the project's model. */
    public const FLAT_UP_TO = 100.0;

    /** @var array<string, CarryTable> by release speed */
    private array $tables = [];

    private readonly float $drag;

    public function __construct(Ball $ball)
    {
        $this->drag = $ball->dragPerFoot();
    }

    /**
     * @param Speed $speed    at release, greater than zero
     * @param float $distance feet, not negative
     */
    public function over(float $distance, Speed $speed): ThrowFlight
    {
        if ($distance <= self::FLAT_UP_TO) {
            return $this->flat($distance, $speed);
        }
        $key = number_format($speed->feetPerSecond, 2, '.', '').' ft/s';

        return ($this->tables[$key] ??= CarryTable::of($this->drag, $speed->feetPerSecond))->flight($distance);
    }

    /** Seconds only, for the inner loops. */
    public function seconds(float $distance, Speed $speed): float
    {
        return $distance <= self::FLAT_UP_TO
            ? (exp($this->drag * $distance) - 1.0) / ($this->drag * $speed->feetPerSecond)
            : $this->over($distance, $speed)->seconds;
    }

    /** The closed formula (e^(kd) − 1)/(k u); the launch angle is what makes up for the drop. */
    private function flat(float $distance, Speed $speed): ThrowFlight
    {
        $seconds = (exp($this->drag * $distance) - 1.0) / ($this->drag * $speed->feetPerSecond);
        $drop = CarryTable::GRAVITY / 2 * $seconds ** 2 - (CarryTable::RELEASE_HEIGHT - CarryTable::CATCH_HEIGHT);

        return new ThrowFlight($seconds, $distance > 0.0 ? rad2deg(atan2($drop, $distance)) : 0.0, 0);
    }
}
