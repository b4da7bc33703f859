<?php

declare(strict_types=1);

namespace FoxCorner\Core\Range;

use FoxCorner\Core\Field\Base;
use FoxCorner\Core\Field\RuleSet;
use FoxCorner\Core\Game\Batter;
use FoxCorner\Core\Game\Outs;
use FoxCorner\Core\Game\Situation;
use FoxCorner\Core\Motion\Ball;
use FoxCorner\Core\Motion\Throws;
use FoxCorner\Core\People\LevelProfile;
use FoxCorner\Core\Play\BaseRunner;
use FoxCorner\Core\Play\BatterRunner;

/** What does not change when fielders move: the balls, the runners' times, whether two are on. */
final readonly class Setting
{
    private function __construct(
        public RuleSet $rules,
        public LevelProfile $level,
        public GroundBalls $balls,
        public Throws $throws,
        public float $batterAtFirst,
        public float $firstAtSecond,
        public bool $isTwoOn,
    ) {
    }

    public static function of(RuleSet $rules, LevelProfile $level, Situation $situation, Batter $batter): self
    {
        $runner = BaseRunner::ofLevel(Base::First, $rules, $level);

        return new self(
            $rules, $level, GroundBalls::of($batter, $rules, $level), new Throws(Ball::for($rules->sport)),
            BatterRunner::of($batter, $rules, $level)->secondsFor($rules->basePath),
            // On a ground ball he goes with the crack of the bat.
            $level->motion->stealStart + $runner->legs->secondsFor($rules->basePath - $runner->lead),
            $situation->bases->has(Base::First) && Outs::Two !== $situation->outs,
        );
    }
}
