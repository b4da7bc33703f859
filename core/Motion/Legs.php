<?php

declare(strict_types=1);

namespace FoxCorner\Core\Motion;

/**
 * How one person runs from a standing start: after t seconds v(t − τ(1 − e^(−t/τ))) feet.
 *
 * Source: the project's model.
 */
final readonly class Legs
{
    /**
     * @param float $topSpeed         ft/s
     * @param float $accelerationTime τ, s
     */
    private function __construct(public float $topSpeed, public float $accelerationTime) {}

    public static function of(float $topSpeed, float $accelerationTime): self
    {
        return new self($topSpeed, $accelerationTime);
    }

    /**
     * The legs that make a measured home-to-first time come out.
     *
     * @param float $homeToFirst seconds from contact
     * @param float $startDelay  seconds from contact to the first step
     * @param float $basePath    feet
     */
    public static function fromHomeToFirst(
        float $homeToFirst,
        float $startDelay,
        float $basePath,
        float $accelerationTime,
    ): self {
        $running = $homeToFirst - $startDelay;

        return new self(
            $basePath / ($running - $accelerationTime * (1 - exp(-$running / $accelerationTime))),
            $accelerationTime,
        );
    }

    public function at(float $shareOfTopSpeed): self
    {
        return new self($this->topSpeed * $shareOfTopSpeed, $this->accelerationTime);
    }

    /** The share of the top speed after so many seconds of running, 0 to 1. */
    public function shareAfter(float $seconds): float
    {
        return 1 - exp(-max(0.0, $seconds) / $this->accelerationTime);
    }

    /** Feet covered after so many seconds of running; 0 before the start. */
    public function distanceAfter(float $seconds): float
    {
        return $seconds <= 0.0
            ? 0.0
            : $this->topSpeed * ($seconds - $this->accelerationTime * (1 - exp(-$seconds / $this->accelerationTime)));
    }

    /**
     * Seconds of running to cover so many feet. Newton's method; the curve is convex, so it cannot overshoot for good,
     * and each step leaves an error of about twice its square: after one below this none that anybody could see.
     */
    public function secondsFor(float $feet): float
    {
        if ($feet <= 0.0) {
            return 0.0;
        }
        $seconds = $feet / $this->topSpeed + $this->accelerationTime;
        for ($round = 0; $round < 8; ++$round) {
            $decay = exp(-$seconds / $this->accelerationTime);
            $step =
                ($this->topSpeed * ($seconds - $this->accelerationTime * (1 - $decay)) - $feet) /
                ($this->topSpeed * (1 - $decay));
            $seconds -= $step;
            if (abs($step) < 1e-4) {
                break;
            }
        }

        return $seconds;
    }
}
