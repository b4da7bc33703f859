<?php

declare(strict_types=1);

namespace FoxCorner\Core\Range;

use FoxCorner\Core\Field\Base;
use FoxCorner\Core\Field\RuleSet;
use FoxCorner\Core\Game\Bases;
use FoxCorner\Core\Game\GameState;
use FoxCorner\Core\Level\LevelProfile;
use FoxCorner\Core\Play\Cast\BaseRunner;
use FoxCorner\Core\Play\Cast\BatterRunner;
use FoxCorner\Core\Play\Cast\RunnerMind;
use FoxCorner\Core\Play\Clock\Throwing;
use FoxCorner\Core\Runs\PlayCost;

/** What does not change when fielders move: the balls, the runners' times, whether two are on. */
final readonly class Setting
{
    private function __construct(
        public RuleSet $rules,
        public LevelProfile $level,
        public GroundBalls $balls,
        public Throwing $throwing,
        public float $batterAtFirst,
        public float $firstAtSecond,
        public float $thirdAtHome,
        public bool $isTwoOn,
        public bool $isRunOn,
        public bool $isHomeForced,
        public GroundCost $costs,
    ) {}

    public static function of(GameState $state, LevelProfile $level, PlayCost $cost): self
    {
        [$rules, $situation, $batter] = [$state->rules, $state->situation, $state->context->batter];
        $runner = BaseRunner::ofLevel(Base::First, $rules, $level, $state->context->runners, RunnerMind::OnContact);
        $third = BaseRunner::ofLevel(Base::Third, $rules, $level, $state->context->runners, RunnerMind::OnContact);

        return new self(
            $rules,
            $level,
            GroundBalls::of($batter, $rules, $level),
            Throwing::at($level, $rules->sport),
            BatterRunner::of($batter, $rules, $level)->secondsFor($rules->basePath),
            $runner->secondsOver(1),
            $third->secondsOver(1) - $level->motion->movingLead,
            $state->doublePlayIsInOrder(),
            $situation->bases->has(Base::Third) && $state->hasFewerThanTwoOuts(),
            Bases::Loaded === $situation->bases,
            GroundCost::of($cost, $situation, $level->rates),
        );
    }
}
