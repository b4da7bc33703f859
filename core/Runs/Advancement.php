<?php

declare(strict_types=1);

namespace FoxCorner\Core\Runs;

use FoxCorner\Core\Game\Outs;

/** How far runners come on what happens: chances from 0 to 1. Source of the defaults: the project's model. */
final readonly class Advancement
{
    /**
     * @param array{float, float, float} $firstScoresOnDouble  by outs before the play
     * @param array{float, float, float} $secondScoresOnSingle by outs
     * @param array{float, float, float} $firstToThirdOnSingle by outs
     * @param float                      $groundShare          of outs in play
     * @param float                      $doublePlay           of ground outs with a runner on first and fewer than two
     *                                                         out
     * @param float                      $forceOut             the same
     */
    public function __construct(
        public array $firstScoresOnDouble = [0.36, 0.42, 0.6],
        public array $secondScoresOnSingle = [0.47, 0.58, 0.8],
        public array $firstToThirdOnSingle = [0.25, 0.27, 0.36],
        public float $groundShare = 0.52,
        public float $doublePlay = 0.44,
        public float $forceOut = 0.25,
        public float $secondToThirdOnGround = 0.55,
        public float $thirdScoresOnGround = 0.55,
        public float $thirdScoresOnAir = 0.62,
        public float $secondToThirdOnAir = 0.2,
    ) {}

    public function firstScoresOnDouble(Outs $outs): float
    {
        return $this->firstScoresOnDouble[$outs->value];
    }

    public function secondScoresOnSingle(Outs $outs): float
    {
        return $this->secondScoresOnSingle[$outs->value];
    }

    public function firstToThirdOnSingle(Outs $outs): float
    {
        return $this->firstToThirdOnSingle[$outs->value];
    }
}
