<?php

declare(strict_types=1);

namespace FoxCorner\Core\Level;

/**
 * What a level's ordinary battery does about runners, each a value that a team's own measurements replace.
 *
 * Below professional our estimates. Set so that the steals of a level's ordinary runners, who choose when to go, come
 * out in the bands of docs/decisions/43; hands and throws are the level's own.
 */
final readonly class RunningSkills
{
    /** Seconds to the plate, seconds of the exchange, share of pitches that can be thrown on: by level. */
    private const ORDINARY = [
        'pro' => [1.36, 0.73, 0.97],
        'baseball-college' => [1.36, 0.73, 0.97],
        'baseball-high-school' => [1.42, 0.78, 0.95],
        'baseball-13-14' => [1.4, 0.82, 0.93],
        'baseball-10-12' => [1.3, 1.3, 0.82],
        'fastpitch-college' => [0.43, 0.8, 0.97],
        'fastpitch-14-16u' => [0.47, 0.97, 0.92],
        'fastpitch-12u' => [0.48, 1.4, 0.77],
    ];

    /**
     * @param float $toPlate         s to the catcher's glove: from the pitcher's first move, or from the release where
     *                               a runner may not leave before it
     * @param float $catcherExchange s, glove to release, on a steal
     * @param float $handled         share of pitches that the catcher has at once; the others get away or are in the
     *                               dirt
     */
    public function __construct(public float $toPlate, public float $catcherExchange, public float $handled) {}

    public static function at(Level $level): self
    {
        return new self(...self::ORDINARY[$level->value]);
    }
}
