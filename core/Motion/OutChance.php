<?php

declare(strict_types=1);

namespace FoxCorner\Core\Motion;

/** Out or safe: a margin in seconds as a chance. */
final class OutChance
{
    /** Of the scatter of a level's batters, what a level's own batter brings. Source: the project's calibration. */
    private const OF_A_LEVEL = 0.55;
    /** The same of a batter whose time is known: his own times scatter less than a level's batters do (ours). */
    private const OF_ONE = 0.2;

    /**
     * P(out) = 1/(1 + e^(−m/s)).
     *
     * @param float $margin the runner's arrival less the ball's (and the tag's), s
     * @param float $spread s
     */
    public static function ofMargin(float $margin, float $spread): float
    {
        return 1 / (1 + exp(-$margin / $spread));
    }

    /**
     * How sharp the line between out and safe is.
     *
     * @param float $exact   s: 0.08 on a force, 0.10 on a tag
     * @param float $scatter s, standard deviation of the level's batters' times
     */
    public static function spread(float $exact, float $scatter, bool $isKnown = false): float
    {
        return hypot($exact, self::own($scatter, $isKnown));
    }

    /**
     * What the runner himself brings to it over a base path, s; less over less of it.
     *
     * @param float $scatter s, standard deviation of the level's batters' times
     */
    public static function own(float $scatter, bool $isKnown): float
    {
        return ($isKnown ? self::OF_ONE : self::OF_A_LEVEL) * $scatter;
    }
}
