<?php

declare(strict_types=1);

namespace FoxCorner\Core\Play;

use FoxCorner\Core\Field\Base;
use FoxCorner\Core\Play\Bunt\BuntKind;
use FoxCorner\Core\Game\RunnerSpeed;
use FoxCorner\Core\Runs\PlayCost;
use FoxCorner\Core\Field\RuleSet;
use FoxCorner\Core\Game\Batter;
use FoxCorner\Core\Game\Situation;
use FoxCorner\Core\Motion\Ball;
use FoxCorner\Core\Motion\RollingBall;
use FoxCorner\Core\Motion\Throws;
use FoxCorner\Core\People\LevelProfile;

/** What the clock needs to know to run one play. */
final readonly class PlayQuestion
{
    /**
     * @param list<BaseRunner> $runners
     */
    private function __construct(
        public RuleSet $rules,
        public LevelProfile $level,
        public Situation $situation,
        public Cast $cast,
        public Coverage $coverage,
        public RollingBall $ball,
        public BatterRunner $batter,
        public array $runners,
        public LeadOutPolicy $policy,
        public Throws $throws,
        public ?PlayCost $cost,
    ) {
    }

    public static function of(RuleSet $rules, LevelProfile $level, Situation $situation, Cast $cast, Coverage $coverage, RollingBall $ball, Batter $batter, LeadOutPolicy $policy, ?PlayCost $cost = null, RunnerSpeed $speed = RunnerSpeed::Ordinary): self
    {
        $runners = [];
        foreach ($situation->bases->occupied() as $base) {
            $runners[] = BaseRunner::ofLevel($base, $rules, $level, $speed);
        }

        return new self($rules, $level, $situation, $cast, $coverage, $ball, BatterRunner::of($batter, $rules, $level), $runners, $policy, new Throws(Ball::for($rules->sport)), $cost);
    }

    public function withBall(RollingBall $ball): self
    {
        return new self($this->rules, $this->level, $this->situation, $this->cast, $this->coverage, $ball, $this->batter, $this->runners, $this->policy, $this->throws, $this->cost);
    }

    /** The same play, bunted in another way. */
    public function bunted(BuntKind $kind): self
    {
        $motion = $this->level->motion;
        $runners = BuntKind::Squeeze === $kind ? array_map(static fn(BaseRunner $runner): BaseRunner => Base::Third === $runner->base ? $runner->leavingBefore($motion->squeezeStart) : $runner, $this->runners) : $this->runners;

        return new self(
            $this->rules, $this->level, $this->situation, $kind->isSurprise() ? $this->cast->surprised($motion->infieldReaction + $motion->surprise) : $this->cast, $this->coverage, $this->ball,
            $kind->isSurprise() ? $this->batter->startingAfter($motion->startSlap) : $this->batter, $runners, $this->policy, $this->throws, $this->cost,
        );
    }
}
