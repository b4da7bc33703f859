<?php

declare(strict_types=1);

namespace FoxCorner\Core\Play\Grid;

use FoxCorner\Core\Field\Base;
use FoxCorner\Core\Field\Point;
use FoxCorner\Core\Field\RuleSet;
use FoxCorner\Core\Game\GameState;
use FoxCorner\Core\Level\LevelProfile;
use FoxCorner\Core\Motion\Ball;
use FoxCorner\Core\Motion\OutChance;
use FoxCorner\Core\Motion\Throws;
use FoxCorner\Core\People\Position;
use FoxCorner\Core\Play\Ball\Through;
use FoxCorner\Core\Play\Cast\BaseRunner;
use FoxCorner\Core\Play\Cast\BatterRunner;
use FoxCorner\Core\Play\Cast\Cast;
use FoxCorner\Core\Play\Cast\RunnerMind;
use FoxCorner\Core\Play\Scene\Scene;
use FoxCorner\Core\Runs\PlateAppearance;

/** What all ground balls of a situation share: who runs and how fast, who fields and covers, what can be wanted. */
final readonly class GroundSetting
{
    /** How often a runner on first with second free is gone with the pitch, fewer than two out (ours). */
    private const GONE = 0.08;

    public RuleSet $rules;
    /** How often the runner on first is gone with the pitch. */
    public float $gone;
    /** @var array<int, float> s from contact at which a runner is at a base that he may want, by the base's value */
    public array $arrivals;
    /** @var array<int, float> s, how sharp out and safe are told apart there, on a force */
    public array $spreads;
    /** @var array<int, float> likewise, on a tag */
    public array $tagSpreads;
    /** @var array<int, Point> */
    public array $bags;
    public Covering $covering;
    /** What becomes of a ball that is through. */
    public Through $through;
    /** @var array<int, GroundFielder> by position number */
    public array $fielders;

    /** @param array<int, GroundFielder> $known by position number; those are not made again */
    private function __construct(
        public GameState $state,
        public LevelProfile $level,
        public Aims $aims,
        public BatterRunner $batter,
        private Cast $cast,
        ?Covering $covering = null,
        array $known = [],
        ?float $batterAt = null,
        ?Through $through = null,
    ) {
        $this->rules = $state->rules;
        $this->gone =
            !$level->skills->perfect && $this->rules->steals && $state->firstIsAlone() && $state->hasFewerThanTwoOuts()
                ? self::GONE
                : 0.0;
        $diamond = $this->rules->diamond();
        $bags = [];
        foreach (Base::cases() as $base) {
            $bags[$base->value] = $diamond->at($base);
        }
        $this->bags = $bags;
        $this->covering = $covering ?? Covering::of($cast, $diamond, $level->motion, $this->rules->sport);
        $isKnown = null !== $state->context->batter->homeToFirst;
        $this->through = $through ?? Through::of($cast, $this->rules, $level, $batter, $isKnown);
        $throws = Throws::of(Ball::for($this->rules->sport));
        $fielders = $tables = [];
        foreach ($known as $fielder) {
            $tables[(string) $fielder->who->legs->topSpeed] = $fielder->run;
        }
        foreach (Position::INFIELD as $position) {
            $who = $cast->at($position);
            $fielders[$position->value] =
                $known[$position->value] ??
                new GroundFielder(
                    $who,
                    $level,
                    $throws,
                    $level->handsAt($position),
                    $tables[(string) $who->legs->topSpeed] ??= RunTable::of($who->legs),
                );
        }
        $this->fielders = $fielders;
        [$arrivals, $spreads] = self::running($state, $level, $batter);
        if (null !== $batterAt) {
            $arrivals[Base::First->value] = $batterAt;
            $spreads[Base::First->value] = OutChance::spread($level->motion->forceSpread, $level->scatter, true);
        }
        [$this->arrivals, $this->spreads] = [$arrivals, $spreads];
        $wider = $level->motion->tagSpread - $level->motion->forceSpread;
        $this->tagSpreads = array_map(static fn(float $spread): float => $spread + $wider, $spreads);
    }

    /** @param Covering|null $covering who takes throws where; null: as is usual */
    public static function of(Scene $scene, ?Covering $covering = null): self
    {
        [$state, $level] = [$scene->state, $scene->level];

        return new self(
            $state,
            $level,
            new Aims($scene->worth(), $state->situation, new PlateAppearance($level->rates, $level->advancement())),
            BatterRunner::of($state->context->batter, $state->rules, $level),
            $scene->cast,
            $covering,
        );
    }

    /** The same against a batter who is at first so many seconds after contact. */
    public function against(float $seconds): self
    {
        return new self(
            $this->state,
            $this->level,
            $this->aims,
            $this->batter,
            $this->cast,
            $this->covering,
            $this->fielders,
            $seconds,
            $this->through,
        );
    }

    /** The same with one fielder somewhere else. */
    public function moved(Cast $cast, Position $position): self
    {
        return new self(
            $this->state,
            $this->level,
            $this->aims,
            $this->batter,
            $cast,
            // Who covers may be another then, and the batter is the usual one.
            covering: null,
            batterAt: null,
            known: array_diff_key($this->fielders, [$position->value => true]),
            through: \in_array($position, Position::OUTFIELD, true) ? null : $this->through,
        );
    }

    /**
     * From when on the bags that count for throws by one of the fielders are covered as in another setting: what comes
     * to them later is as it was.
     *
     * @return float|null s from contact, 0 when nothing differs; null: somebody else covers one of them
     */
    public function covered(self $other, int $fielder): ?float
    {
        $covered = 0.0;
        foreach ($this->aims->all as $aim) {
            foreach (null === $aim->then ? [$aim->bag] : [$aim->bag, $aim->then] as $base) {
                [$cover, $at] = $this->covering->there[$base->value][$fielder];
                [$before, $then] = $other->covering->there[$base->value][$fielder];
                if ($cover !== $before) {
                    return null;
                }
                $covered = $at === $then ? $covered : max($covered, $at, $then);
            }
        }

        return $covered;
    }

    /** @return array{array<int, float>, array<int, float>} arrivals and spreads by base */
    private static function running(GameState $state, LevelProfile $level, BatterRunner $batter): array
    {
        $rules = $state->rules;
        $exact = $level->motion->forceSpread;
        $arrivals = [Base::First->value => $batter->secondsFor($rules->basePath)];
        $spreads = [
            Base::First->value => OutChance::spread(
                $exact,
                $level->scatter,
                null !== $state->context->batter->homeToFirst,
            ),
        ];
        foreach ($state->situation->bases->occupied() as $base) {
            $next = ($base->next() ?? Base::Home)->value;
            $runner = BaseRunner::inGame($base, $state, $level)->minding(RunnerMind::onTheGround($base));
            $arrivals[$next] = $runner->secondsOver(1);
            $isKnown = isset($state->context->times[$base->value]);
            $spreads[$next] = OutChance::spread($exact, $level->scatter, $isKnown);
        }

        return [$arrivals, $spreads];
    }
}
