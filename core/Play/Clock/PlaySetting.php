<?php

declare(strict_types=1);

namespace FoxCorner\Core\Play\Clock;

use FoxCorner\Core\Field\Base;
use FoxCorner\Core\Field\Point;
use FoxCorner\Core\Field\RuleSet;
use FoxCorner\Core\Game\GameState;
use FoxCorner\Core\Game\Situation;
use FoxCorner\Core\Level\LevelProfile;
use FoxCorner\Core\People\Position;
use FoxCorner\Core\Play\Cast\BaseRunner;
use FoxCorner\Core\Play\Cast\BatterRunner;
use FoxCorner\Core\Play\Cast\Cast;
use FoxCorner\Core\Play\Cast\RunnerMind;
use FoxCorner\Core\Play\Worth\AfterThrow;
use FoxCorner\Core\Play\Worth\OutLines;
use FoxCorner\Core\Play\Worth\OutPolicy;
use FoxCorner\Core\Runs\PlayCost;

/** What the clock needs to know of a play before it begins, whatever kind it is: no ball, no coverage. */
final readonly class PlaySetting
{
    public RuleSet $rules;
    public Situation $situation;
    /** What follows a throw; null when nothing was asked of its cost. */
    public ?AfterThrow $after;
    /** @var array<int, Point> by the base's value */
    private array $bags;
    /** @var array<int, float> seconds at which a runner could be at a base, by the base's value, first base first */
    public array $threats;

    /**
     * @param list<BaseRunner>       $runners lead runner last
     * @param array<int, float>|null $threats null: by who runs
     */
    private function __construct(
        public GameState $state,
        public LevelProfile $level,
        public Cast $cast,
        public BatterRunner $batter,
        public array $runners,
        public OutPolicy $policy,
        public Throwing $throwing,
        public ?PlayCost $cost,
        ?array $threats = null,
        public OutLines $lines = new OutLines(),
    ) {
        [$this->rules, $this->situation] = [$state->rules, $state->situation];
        $this->after = null === $cost ? null : new AfterThrow($cost, $this->situation, self::held($runners));
        $diamond = $this->rules->diamond();
        $bags = [];
        foreach (Base::cases() as $base) {
            $bags[$base->value] = $diamond->at($base);
        }
        $this->bags = $bags;
        $this->threats = $threats ?? self::arrivals($batter, $runners, $this->rules->basePath);
    }

    public static function of(
        GameState $state,
        LevelProfile $level,
        Cast $cast,
        OutPolicy $policy,
        ?PlayCost $cost = null,
        OutLines $lines = new OutLines(),
    ): self {
        $batter = BatterRunner::of($state->context->batter, $state->rules, $level);
        $throwing = Throwing::at($level, $state->rules->sport);
        $runners = self::runnersOf($state, $level, static fn(Base $base): RunnerMind => RunnerMind::ReadsBunt);

        return new self($state, $level, $cast, $batter, $runners, $policy, $throwing, $cost, null, $lines);
    }

    /** The same with runners who see a ball on the ground: they go at once, or one who need not go stays. */
    public function onTheGround(?Base $staying = null): self
    {
        $runners = array_map(
            static fn(BaseRunner $runner): BaseRunner => $staying === $runner->base ? $runner->staying() : $runner,
            self::runnersOf($this->state, $this->level, RunnerMind::onTheGround(...)),
        );

        return $this->but(runners: $runners);
    }

    /**
     * The same but for what is given.
     *
     * @param list<BaseRunner>|null  $runners
     * @param array<int, float>|null $threats null: by who runs
     */
    private function but(
        ?Cast $cast = null,
        ?BatterRunner $batter = null,
        ?array $runners = null,
        ?array $threats = null,
    ): self {
        return new self(
            $this->state,
            $this->level,
            $cast ?? $this->cast,
            $batter ?? $this->batter,
            $runners ?? $this->runners,
            $this->policy,
            $this->throwing,
            $this->cost,
            $threats,
            $this->lines,
        );
    }

    /**
     * @param callable(Base): RunnerMind $mind of the runner on a base
     *
     * @return list<BaseRunner> lead runner last
     */
    private static function runnersOf(GameState $state, LevelProfile $level, callable $mind): array
    {
        $runners = [];
        foreach ($state->situation->bases->occupied() as $base) {
            $context = $state->context;
            $runners[] = BaseRunner::ofLevel(
                $base,
                $state->rules,
                $level,
                $context->runners,
                $mind($base),
                $context->times[$base->value] ?? null,
            );
        }

        return $runners;
    }

    /** The same nine, of whom nobody knew what was coming, and a batter who is on the way with the swing. */
    public function surprised(): self
    {
        $motion = $this->level->motion;
        $cast = $this->cast->surprised($motion->infieldReaction + $motion->surprise);
        $batter = $this->batter->startingAfter($motion->startSlap);

        return $this->but(cast: $cast, batter: $batter);
    }

    /** The same nine, who saw the batter square around: they lean the way they will go as the ball comes down. */
    public function expecting(): self
    {
        return $this->but(cast: $this->cast->sooner($this->level->motion->buntShown));
    }

    /** The same with the runners waiting whom nobody forces. */
    public function holding(): self
    {
        return $this->othersStaying(static fn(BaseRunner $forced): BaseRunner => $forced);
    }

    /** The same with runners who see a ball in the air for so long: whoever must go leaves then, others stay. */
    public function inTheAir(float $seconds): self
    {
        return $this->othersStaying(static fn(BaseRunner $forced): BaseRunner => $forced->later($seconds));
    }

    /** @param \Closure(BaseRunner): BaseRunner $forced what becomes of a runner who must go */
    private function othersStaying(\Closure $forced): self
    {
        $bases = $this->situation->bases;
        $runners = array_map(
            static fn(BaseRunner $runner): BaseRunner => $bases->forces($runner->base)
                ? $forced($runner)
                : $runner->staying(),
            $this->runners,
        );

        return $this->but(runners: $runners);
    }

    /** Whether a runner is on whom nobody forces. */
    public function hasChoice(): bool
    {
        foreach ($this->situation->bases->occupied() as $base) {
            if (!$this->situation->bases->forces($base)) {
                return true;
            }
        }

        return false;
    }

    /** The same, and what plays cost is asked. */
    public function costing(PlayCost $cost): self
    {
        return $this->valued($cost, $this->threats);
    }

    /** The same with the runner of a base gone with the pitch. */
    public function withRunnerGone(Base $from): self
    {
        $runners = array_map(
            static fn(BaseRunner $runner): BaseRunner => $from === $runner->base ? $runner->gone() : $runner,
            $this->runners,
        );

        return $this->but(runners: $runners);
    }

    /**
     * The same where other bases are in danger than those next to the runners.
     *
     * @param array<int, float> $threats s at which a runner could be at a base, by the base's value
     */
    public function threatened(array $threats): self
    {
        return $this->but(threats: $threats);
    }

    /** The same with one of the nine somewhere else before the pitch. */
    public function moved(Position $position, Point $to): self
    {
        return $this->but(cast: $this->cast->moved($position, $to), threats: $this->threats);
    }

    /**
     * The same while nobody has hit the ball: the batter waits, and what a throw costs is the play's own to say.
     *
     * @param array<int, float> $threats s at which a runner could be at a base, by the base's value
     */
    public function betweenPitches(array $threats): self
    {
        return $this->valued(null, $threats);
    }

    /** @param array<int, float> $threats */
    private function valued(?PlayCost $cost, array $threats): self
    {
        return new self(
            $this->state,
            $this->level,
            $this->cast,
            $this->batter,
            $this->runners,
            $this->policy,
            $this->throwing,
            $cost,
            $threats,
            $this->lines,
        );
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

    public function bag(Base $base): Point
    {
        return $this->bags[$base->value];
    }

    /**
     * @param list<BaseRunner> $runners
     *
     * @return int the bases whose runners wait, as a mask
     */
    private static function held(array $runners): int
    {
        $held = 0;
        foreach ($runners as $runner) {
            $held |= $runner->stays() ? 1 << ($runner->base->value - 1) : 0;
        }

        return $held;
    }

    /**
     * @param list<BaseRunner> $runners
     *
     * @return array<int, float>
     */
    private static function arrivals(BatterRunner $batter, array $runners, float $basePath): array
    {
        $threats = [Base::First->value => $batter->secondsFor($basePath)];
        foreach ($runners as $runner) {
            if ($runner->stays()) {
                continue;
            }
            for ($base = $runner->base->next(), $bases = 1; null !== $base; $base = $base->next(), ++$bases) {
                $threats[$base->value] = min($threats[$base->value] ?? \INF, $runner->secondsOver($bases));
            }
        }

        return $threats;
    }
}
