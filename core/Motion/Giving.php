<?php

declare(strict_types=1);

namespace FoxCorner\Core\Motion;

use FoxCorner\Core\Field\Base;

/** How hard a ball is given from hand to hand, and how surely it is caught. Source: the project's calibration. */
final class Giving
{
    /** s more when the target is on the side of the arm, so that he must turn around himself first (ours). */
    private const HAND_TURNS = 0.1;
    /** ft up to which it is given underhand, from which with the arm's full strength, and a firm feed in between. */
    public const UNDERHAND_UP_TO = 20.0;
    public const FEED_UP_TO = 45.0;
    public const FULL_FROM = 60.0;
    private const UNDERHAND_MPH = 28.0;
    private const FEED_MPH = 45.0;

    /** Of the exchange that a feed takes; ft around the longest feed over which it turns into a throw (ours). */
    public const FEED_EXCHANGE = 0.92;
    private const FEED_BLUR = 10.0;
    /** ft from which all of it is a throw. */
    public const THROWN_FROM = self::FEED_UP_TO + self::FEED_BLUR / 2;

    /** Feet on the run, or back the way he came: throws scatter up to half wider. */
    public const MOVING = 0.5;
    /** Out of a pivot they do by this factor. */
    public const PIVOT = 1.15;
    /** Of caught throws those dropped, for each step of a level's awkwardness at the bag. */
    private const DROPPED = 0.008;
    /** Of throws that are not caught those that go past the bag (ours). */
    public const PAST = 0.5;

    /** Of the speed that the arm has, what is used over so many feet. */
    public static function speed(float $feet, Speed $arm): Speed
    {
        $mph = match (true) {
            $feet <= self::UNDERHAND_UP_TO => self::UNDERHAND_MPH,
            $feet <= self::FEED_UP_TO => self::between(
                $feet,
                self::UNDERHAND_UP_TO,
                self::FEED_UP_TO,
                self::UNDERHAND_MPH,
                self::FEED_MPH,
            ),
            $feet < self::FULL_FROM => self::between(
                $feet,
                self::FEED_UP_TO,
                self::FULL_FROM,
                self::FEED_MPH,
                $arm->mph(),
            ),
            default => \INF,
        };

        return $mph < $arm->mph() ? Speed::ofMph($mph) : $arm;
    }

    /** Of the exchange, what a throw or a feed over so many feet takes. */
    public static function exchangeShare(float $feet): float
    {
        $feeds = min(1.0, max(0.0, 0.5 + (self::FEED_UP_TO - $feet) / self::FEED_BLUR));

        return 1 - $feeds * (1 - self::FEED_EXCHANGE);
    }

    /**
     * The chance that a throw is caught: within reach of the bag, in a bell of so many degrees, and not dropped.
     *
     * @param float $reach   ft that whoever takes it can stretch, {@see reach()}
     * @param float $degrees standard deviation of the direction
     * @param float $moving  how much of it is thrown without standing, 0 to 1
     * @param float $wider   the scatter by another factor
     */
    public static function caught(
        float $feet,
        float $reach,
        float $degrees,
        float $bag,
        float $moving = 0.0,
        float $wider = 1.0,
    ): float {
        return self::held($bag) * self::within($reach, $feet * self::scatter($degrees) * $wider, $moving);
    }

    /**
     * Seconds lost in turning to a target on the side of the arm: who fields faces home, and short feeds need no turn.
     *
     * @param float $armSide −1 when the throwing arm is on third's side, a right-hander's; 1 a left-hander's
     * @param float $across  the target's direction: −1 all the way to third's side, 1 to first's
     */
    public static function handTurn(float $armSide, float $across, float $feet): float
    {
        $side = $across * $armSide;
        if ($side <= 0.0 || $feet <= self::UNDERHAND_UP_TO) {
            return 0.0;
        }
        $full = min(1.0, ($feet - self::UNDERHAND_UP_TO) / (self::FULL_FROM - self::UNDERHAND_UP_TO));

        return self::HAND_TURNS * $side * $full;
    }

    /**
     * Seconds that it costs him more than a right-hander, whose turn is in the exchange already; negative: less.
     *
     * @param float $across as for {@see handTurn()}
     */
    public static function unlikeRight(float $armSide, float $across, float $feet): float
    {
        return self::handTurn($armSide, $across, $feet) - self::handTurn(-1.0, $across, $feet);
    }

    /** ft to the side for each foot of a throw. */
    public static function scatter(float $degrees): float
    {
        return tan(deg2rad($degrees));
    }

    /** Of throws that can be reached, those that are not dropped. */
    public static function held(float $bag): float
    {
        return 1 - self::DROPPED * $bag;
    }

    /** @param float $scatter ft, of a throw made standing */
    public static function within(float $reach, float $scatter, float $moving): float
    {
        $wide = $scatter * (1 + self::MOVING * $moving);

        return $wide < 1e-6 ? 1.0 : 1 - exp((-$reach * $reach) / (2 * $wide * $wide));
    }

    /** ft around a bag within which whoever takes a throw there can catch it. */
    public static function reach(Base $base): float
    {
        return match ($base) {
            Base::First, Base::Third => 4.0,
            Base::Second => 3.5,
            Base::Home => 3.0,
        };
    }

    private static function between(float $feet, float $from, float $to, float $low, float $high): float
    {
        return $low + (($feet - $from) / ($to - $from)) * ($high - $low);
    }
}
