<?php

declare(strict_types=1);

namespace FoxCorner\Core\Play\Scheme;

use FoxCorner\Core\Field\Base;

/** The tasks about runners while nobody has hit the ball. */
final class RunnersJob
{
    /**
     * The pitcher or the catcher, behind a runner.
     *
     * @param string $skill what is practised of it
     */
    public static function pick(Base $base, string $skill): Job
    {
        return Job::named(JobKind::Field, null, "On the sign, throw to {$base->word()}", 'pick', $skill);
    }

    /** The catcher, when a runner goes; the pitcher, when it is home. */
    public static function throwDown(Base $base): Job
    {
        return Base::Home === $base
            ? Job::named(JobKind::Field, null, 'Low strike, no windup', 'pitch', 'vary-looks')
            : Job::named(JobKind::Field, null, "Up and through to {$base->word()}", 'throw-down', 'throw-to-second');
    }

    /** Whoever has the ball as a runner is caught between two bases. */
    public static function runAtHim(): Job
    {
        return Job::named(JobKind::Field, null, 'Run him hard, ball high, one throw', 'run-at-him', 'rundown');
    }

    /** Holds a runner on a base, and is there when the throw comes. */
    public static function hold(Base $base): Job
    {
        return Job::named(
            JobKind::Hold,
            $base,
            'Hold him at ' . $base->word(),
            'hold',
            Base::First === $base ? 'hold-at-first' : 'hold-and-read',
        );
    }

    /** At the bag before the throw, as a runner comes to it. */
    public static function takeThrow(Base $base): Job
    {
        return Job::named(
            JobKind::Cover,
            $base,
            "Take the throw at {$base->word()}; tag down, then up",
            'take-throw',
            'take-throw-on-steal',
        );
    }

    /** In front of a bag, where he can stop the throw there when the runner on third breaks. */
    public static function cutShort(Base $base): Job
    {
        return Job::named(
            JobKind::Cut,
            $base,
            "In front of {$base->word()}: cut it when he breaks",
            'cut-short',
            'first-and-third',
        );
    }

    /** The pitcher, out of the catcher’s way; the ball may still be his. */
    public static function duck(): Job
    {
        return Job::named(JobKind::RelayReady, null, 'Pitch; down, out of the lane', 'duck', 'loose-ball');
    }

    /** Takes the catcher’s throw as if it were meant for the bag behind him. */
    public static function cutAsPitcher(): Job
    {
        return Job::named(JobKind::Cut, null, 'Take it as if it were the throw', 'pitcher-cut', 'first-and-third');
    }

    /**
     * The catcher’s part with runners on first and third.
     *
     * @param string $key stays the same for ever
     */
    public static function firstThird(string $key, string $words): Job
    {
        return Job::named(JobKind::Field, null, $words, $key, 'first-and-third');
    }

    /** @return list<Job> */
    public static function catchers(): array
    {
        return [
            self::firstThird('first-third-through', 'Look at third; through to second'),
            self::firstThird('first-third-read-cut', 'Look at third; head high, so that it can be cut'),
            self::firstThird('first-third-short-cut', 'Look at third; to the cut man’s chest'),
            self::firstThird('first-third-feint-third', 'Arm up for second, then to third'),
            self::firstThird('first-third-to-pitcher', 'Hard at the pitcher’s head'),
            self::firstThird('first-third-concede', 'Look at third, hold the ball'),
        ];
    }

    /** Waits at the end of the way on which a runner is caught. */
    public static function receive(Base $base): Job
    {
        return Job::named(JobKind::Cover, $base, "Off {$base->word()} to the ball; say when", 'receive', 'rundown');
    }

    /** Behind whoever goes to the ball: takes his bag when he has left it. */
    public static function fill(Base $base): Job
    {
        return Job::named(JobKind::BackUp, $base, "Fill {$base->word()} behind", 'fill', 'rundown');
    }

    /** @return list<Job> that a line of a coverage can ask */
    public static function all(): array
    {
        $jobs = [];
        foreach (
            [self::hold(...), self::takeThrow(...), self::cutShort(...), self::receive(...), self::fill(...)] as $of
        ) {
            array_push($jobs, ...array_map(static fn(Base $base): Job => $of($base), Base::cases()));
        }

        return [...$jobs, ...self::catchers(), self::duck(), self::cutAsPitcher()];
    }
}
