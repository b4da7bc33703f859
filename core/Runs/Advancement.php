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
     * @param float                      $doublePlay           of ground outs with a runner on first and fewer than two out
     * @param float                      $forceOut             the same
     */
    public function __construct(
        public array $firstScoresOnDouble = [.36, .42, .60],
        public array $secondScoresOnSingle = [.47, .58, .80],
        public array $firstToThirdOnSingle = [.25, .27, .36],
        public float $groundShare = .52,
        public float $doublePlay = .36,
        public float $forceOut = .28,
        public float $secondToThirdOnGround = .55,
        public float $thirdScoresOnGround = .55,
        public float $thirdScoresOnAir = .62,
        public float $secondToThirdOnAir = .20,
    ) {
    }

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
