<?php

declare(strict_types=1);

namespace FoxCorner\Core\Known;

/** Of a level's ground outs, how many are what; and errors for each of them with nobody on. */
final readonly class GroundShares
{
    /**
     * @param float $doublePlay    with a runner on first and fewer than two out
     * @param float $forceOut      the runner alone, likewise
     * @param float $secondToThird a runner on second, first empty, moves up
     * @param float $thirdScores   a runner on third, first empty, scores
     * @param float $errorsForEach errors for each out
     */
    public function __construct(
        public float $doublePlay,
        public float $forceOut,
        public float $secondToThird,
        public float $thirdScores,
        public float $errorsForEach,
    ) {}
}
