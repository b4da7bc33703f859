<?php

declare(strict_types=1);

namespace FoxCorner\Core\Motion;

/** Out or safe: a margin in seconds as a chance, and how often the throw is a good one. */
final readonly class OutChance
{
    /** One throw of 90 ft in fifty goes astray at an execution factor of 1. Source: the project's model. */
    private const ASTRAY = 0.02;
    private const ASTRAY_OVER = 90.0;
    /** s; a throw that had less time than this to spare is rushed and goes astray half again as often. */
    private const RUSHED_UNDER = 0.15;
    private const RUSHED = 1.5;
    /** A throw wholly on the run goes astray so many times as often. Source: the project's model. */
    private const ON_THE_RUN = 2.0;

    /**
     * P(out) = 1/(1 + e^(−m/s)).
     *
     * @param float $margin the runner's arrival less the ball's (and the tag's), s
     * @param float $spread s: 0.08 on a force, 0.10 on a tag
     */
    public static function ofMargin(float $margin, float $spread): float
    {
        return 1 / (1 + exp(-$margin / $spread));
    }

    /**
     * The chance that a throw of so many feet is caught where it should be: 1 − 0.02 L (d/90)², times its hardships.
     *
     * @param float $margin   seconds that it has to spare
     * @param float $onTheRun how much of it is thrown without stopping, 0 to 1
     */
    public static function clean(float $feet, float $executionFactor, float $margin, float $onTheRun = 0.0): float
    {
        $far = $feet / self::ASTRAY_OVER;
        $astray = self::ASTRAY * $executionFactor * $far * $far;
        $hard = ($margin < self::RUSHED_UNDER ? self::RUSHED : 1.0) * (1 + (self::ON_THE_RUN - 1) * $onTheRun);

        return 1 - min(1.0, $astray * $hard);
    }
}
