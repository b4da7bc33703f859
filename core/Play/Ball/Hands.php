<?php

declare(strict_types=1);

namespace FoxCorner\Core\Play\Ball;

use FoxCorner\Core\Level\Skills;

/**
 * How often a ground ball is fielded clean: e^−μ, with.
 *
 * μ = hands × [(.011 + .22 e^(−s/.13)) √(v/75) + 1.3 e^(−T/.40) (v/75)^1.5]
 *
 * for s seconds to spare, a ball that is v ft/s fast there (at least 15 in the root) T seconds after contact: plain
 * bad hops, hurry, and a ball that is there before anybody can read it. Source: the project's calibration.
 */
final class Hands
{
    /** s to spare with which he stands as he throws. */
    public const SET = 0.5;
    /** Pivots that come to a throw: e^(−.14 bag) (fitted to the level's twos). */
    private const PIVOT_LOST = 0.14;
    public const STEADY = 0.011;
    public const HURRY = 0.22;
    /** s to spare by which hurry fades. */
    public const HURRY_FADES = 0.13;
    private const SHARP = 1.3;
    private const SHARP_FADES = 0.4;
    private const ORDINARY = 75.0;
    private const SLOW = 15.0;
    /** √(15/75) */
    private const SLOWEST = 0.44721359549995793;

    /**
     * s by which a fielder who dives may be late, and those over which fewer and fewer dives get there, to none: half
     * at the 0.30 s of the project's calibration, so that an inch does not decide.
     */
    private const DIVES = 0.3;
    public const STRETCH = 0.1;
    /** s more to the throw for each second that a dive made up. */
    public const DIVE_COSTS = 2.5;

    /**
     * Of misplayed balls those that stay in front of a fielder, and of a fielder who dives; from one to the other over
     * so many s to both sides of having none to spare (ours).
     */
    public const IN_FRONT = 0.45;
    private const IN_FRONT_DIVING = 0.15;
    private const UPRIGHT = 0.1;
    /** s that such a ball costs, for an exchange of 0.75 s. */
    public const PICKED_UP = 0.8 / 0.75;
    /** What the man behind keeps of his chance when somebody in front has missed the ball. */
    public const BEHIND = 0.6;

    /** s that somebody who expected the ball has as good as to spare (ours). */
    public const CONTROLLED = 0.11;

    /** s to spare from which a scorer rather calls it an error, and how sharply. */
    private const CHARGED_FROM = 0.2;
    private const CHARGED_WITHIN = 0.07;

    /** The chance that whoever takes a feed at a bag gets his throw away. */
    public static function pivotKept(Skills $skills): float
    {
        return $skills->perfect ? 1.0 : exp(-self::PIVOT_LOST * $skills->bag);
    }

    /**
     * @param float $speed   ft/s of the ball there
     * @param float $seconds since contact
     *
     * @return array{float, float, float} the three terms of μ for hands of 1, the second one with nothing to spare
     */
    public static function awkwardness(float $speed, float $seconds): array
    {
        $share = $speed / self::ORDINARY;
        $root = sqrt($share);
        $steady = $speed < self::SLOW ? self::SLOWEST : $root;

        return [
            self::STEADY * $steady,
            self::HURRY * $steady,
            self::SHARP * exp(-$seconds / self::SHARP_FADES) * $share * $root,
        ];
    }

    /** Of misplayed balls those that stay in front of somebody with so many s to spare. */
    public static function inFront(float $spare): float
    {
        $upright = min(1.0, max(0.0, ($spare + self::UPRIGHT) / (2 * self::UPRIGHT)));

        return self::IN_FRONT_DIVING + $upright * (self::IN_FRONT - self::IN_FRONT_DIVING);
    }

    /** s by which somebody may be late and get there yet; where nothing is misplayed all of them do. */
    public static function latest(Skills $skills): float
    {
        return self::DIVES + ($skills->perfect ? 0.0 : self::STRETCH / 2);
    }

    /** Of dives those that get there, with so many s to spare: negative where he is late. */
    public static function reached(float $spare): float
    {
        return min(1.0, max(0.0, ($spare + self::DIVES) / self::STRETCH + 0.5));
    }

    /**
     * The chance that a ball is fielded clean.
     *
     * @param float $hands   1: professional
     * @param float $speed   ft/s of the ball there
     * @param float $seconds since contact
     * @param float $spare   s that he is there before the ball
     */
    public static function clean(float $hands, float $speed, float $seconds, float $spare): float
    {
        [$hop, $hurried, $sharp] = self::awkwardness($speed, $seconds);

        return self::reached($spare) * exp(-$hands * ($hop + $sharp + $hurried * exp(-$spare / self::HURRY_FADES)));
    }

    /** The chance that a misplayed ball is the fielder's error and not a hit, but for its share of sharp balls. */
    public static function charged(float $spare): float
    {
        return 1 / (1 + exp((self::CHARGED_FROM - $spare) / self::CHARGED_WITHIN));
    }
}
