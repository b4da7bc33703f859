<?php

declare(strict_types=1);

namespace FoxCorner\Core\Play\Scene;

use FoxCorner\Core\Field\Base;
use FoxCorner\Core\Field\Diamond;
use FoxCorner\Core\Field\Point;
use FoxCorner\Core\Field\RuleSet;
use FoxCorner\Core\Game\GameState;
use FoxCorner\Core\Game\Situation;
use FoxCorner\Core\Level\LevelProfile;
use FoxCorner\Core\People\Position;
use FoxCorner\Core\Play\Ball\Throwing;
use FoxCorner\Core\Play\Cast\Cast;
use FoxCorner\Core\Play\Choice\AfterPlay;
use FoxCorner\Core\Play\Choice\OutLines;
use FoxCorner\Core\Play\Choice\OutPolicy;
use FoxCorner\Core\Play\Choice\ThrowOption;
use FoxCorner\Core\Runs\PlayCost;
use FoxCorner\Core\Value\ButFor;

/** What is there before a play begins, whatever kind it is: the game, the level, the nine. Nobody runs yet. */
final readonly class Scene
{
    use ButFor;

    public RuleSet $rules;
    public Situation $situation;
    public Throwing $throwing;
    /** What follows a play; null when nothing was asked of its cost. */
    public ?AfterPlay $after;
    private Diamond $diamond;

    /** @param PlayCost|null $cost what plays cost; null when that was not asked */
    private function __construct(
        public GameState $state,
        public LevelProfile $level,
        public Cast $cast,
        public OutPolicy $policy,
        public OutLines $lines,
        public ?PlayCost $cost,
    ) {
        [$this->rules, $this->situation] = [$state->rules, $state->situation];
        $this->after = null === $cost ? null : new AfterPlay($cost, $state->situation);
        $this->throwing = Throwing::at($level, $state->rules->sport);
        $this->diamond = $state->rules->diamond();
    }

    /** By the numbers, with the ordinary lines. */
    public static function of(GameState $state, LevelProfile $level, Cast $cast, ?PlayCost $cost = null): self
    {
        return new self($state, $level, $cast, OutPolicy::Numbers, new OutLines(), $cost);
    }

    /** The same where the coach wants another out. */
    public function wanting(OutPolicy $policy, OutLines $lines = new OutLines()): self
    {
        return $this->but(policy: $policy, lines: $lines);
    }

    /** The same, and what plays cost is asked. */
    public function costing(PlayCost $cost): self
    {
        return $this->but(cost: $cost);
    }

    /** The same with one of the nine somewhere else before the pitch. */
    public function moved(Position $position, Point $to): self
    {
        return $this->but(cast: $this->cast->moved($position, $to));
    }

    /** The same with the nine as they are otherwise. */
    public function with(Cast $cast): self
    {
        return new self($this->state, $this->level, $cast, $this->policy, $this->lines, $this->cost);
    }

    /** By what both sides decide: as it was asked, or by the level's runs. */
    public function worth(): PlayCost
    {
        return $this->cost ?? PlayCost::inRuns($this->level->chain());
    }

    public function bag(Base $base): Point
    {
        return $this->diamond->at($base);
    }

    /**
     * What the coach wants of all that could be done.
     *
     * @param non-empty-list<ThrowOption> $options lead base first, first base last
     */
    public function choose(array $options): ThrowOption
    {
        return $this->policy->choose($options, $this->lines);
    }
}
