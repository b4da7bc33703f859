<?php

declare(strict_types=1);

namespace FoxCorner\Core\Play\Scene;

use FoxCorner\Core\Field\Base;
use FoxCorner\Core\Field\Point;
use FoxCorner\Core\Field\RuleSet;
use FoxCorner\Core\Game\GameState;
use FoxCorner\Core\Game\Situation;
use FoxCorner\Core\Level\LevelProfile;
use FoxCorner\Core\Play\Ball\Throwing;
use FoxCorner\Core\Play\Cast\BaseRunner;
use FoxCorner\Core\Play\Cast\BatterRunner;
use FoxCorner\Core\Play\Cast\Cast;
use FoxCorner\Core\Play\Cast\RunnerMind;
use FoxCorner\Core\Play\Choice\AfterThrow;
use FoxCorner\Core\Play\Choice\ThrowOption;

/** A scene in which it is known who runs, and what each waits for; no ball, no coverage. */
final readonly class PlaySetting
{
    public GameState $state;
    public LevelProfile $level;
    public Cast $cast;
    public RuleSet $rules;
    public Situation $situation;
    public Throwing $throwing;
    /** What follows a throw; null when nothing was asked of its cost. */
    public ?AfterThrow $after;
    /** @var array<int, float> seconds at which a runner could be at a base, by the base's value, first base first */
    public array $threats;

    /**
     * @param BatterRunner|null      $batter  null: he waits for the pitch
     * @param list<BaseRunner>       $runners lead runner last
     * @param array<int, float>|null $threats null: by who runs
     */
    private function __construct(
        public Scene $scene,
        public ?BatterRunner $batter,
        public array $runners,
        ?array $threats = null,
    ) {
        [$this->state, $this->level, $this->cast] = [$scene->state, $scene->level, $scene->cast];
        [$this->rules, $this->situation, $this->throwing] = [$scene->rules, $scene->situation, $scene->throwing];
        $this->after =
            null === $scene->after || (null === $batter && [] === $runners)
                ? null
                : new AfterThrow($scene->after, self::waiting($runners), null !== $batter);
        $this->threats = $threats ?? self::arrivals($batter, $runners, $this->rules->basePath);
    }

    /**
     * The ball is hit, and all run.
     *
     * @param callable(Base): RunnerMind $mind what the runner on a base waits for
     */
    public static function running(Scene $scene, callable $mind): self
    {
        return new self($scene, self::batterOf($scene), self::runnersOf($scene, $mind));
    }

    /**
     * The batter stays where he is, and the runners go for the next base.
     *
     * @param callable(Base): RunnerMind $mind what the runner on a base waits for
     */
    public static function runnersGoing(Scene $scene, callable $mind): self
    {
        return new self($scene, null, self::runnersOf($scene, $mind));
    }

    /** On the ground they go at once, or one who need not go stays. */
    public static function onTheGround(Scene $scene, ?Base $staying = null): self
    {
        $runners = [];
        foreach (self::runnersOf($scene, RunnerMind::onTheGround(...)) as $runner) {
            $runners[] = $staying === $runner->base ? $runner->staying() : $runner;
        }

        return new self($scene, self::batterOf($scene), $runners);
    }

    /**
     * Nobody has hit the ball: the batter waits, and what runners do is the play's own to say.
     *
     * @param array<int, float> $threats s at which a runner could be at a base, by the base's value
     */
    public static function betweenPitches(Scene $scene, array $threats = []): self
    {
        return new self($scene, null, [], $threats);
    }

    /** The same with a batter who is on the way so many s after contact, if he would not be sooner. */
    public function batterStarting(float $seconds): self
    {
        return $this->but(batter: $this->batter?->startingAfter($seconds));
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
        return new self($this->scene, $this->batter, $this->runners, $threats);
    }

    /** Whether nothing thrown costs less than that throw: an out hardly comes, and a throw may go astray. */
    public function isBetterHeld(ThrowOption $made): bool
    {
        return null !== $this->after && null !== $made->cost && $made->cost > $this->after->safe();
    }

    public function bag(Base $base): Point
    {
        return $this->scene->bag($base);
    }

    private static function batterOf(Scene $scene): BatterRunner
    {
        return BatterRunner::of($scene->state->context->batter, $scene->rules, $scene->level);
    }

    /**
     * @param callable(Base): RunnerMind $mind what the runner on a base waits for
     *
     * @return list<BaseRunner> lead runner last
     */
    private static function runnersOf(Scene $scene, callable $mind): array
    {
        $runners = [];
        foreach ($scene->situation->bases->occupied() as $base) {
            $runners[] = BaseRunner::inGame($base, $scene->state, $scene->level)->minding($mind($base));
        }

        return $runners;
    }

    /**
     * The same but for what is given; which bases are in danger follows from it.
     *
     * @param list<BaseRunner>|null $runners
     */
    private function but(?BatterRunner $batter = null, ?array $runners = null): self
    {
        return new self($this->scene, $batter ?? $this->batter, $runners ?? $this->runners);
    }

    /**
     * @param list<BaseRunner> $runners
     *
     * @return array<int, true> the bases whose runners wait
     */
    private static function waiting(array $runners): array
    {
        $waiting = [];
        foreach ($runners as $runner) {
            if ($runner->stays()) {
                $waiting[$runner->base->value] = true;
            }
        }

        return $waiting;
    }

    /**
     * @param list<BaseRunner> $runners
     *
     * @return array<int, float>
     */
    private static function arrivals(?BatterRunner $batter, array $runners, float $basePath): array
    {
        $threats = null === $batter ? [] : [Base::First->value => $batter->secondsFor($basePath)];
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
