<?php

declare(strict_types=1);

namespace FoxCorner\Core\Game;

use FoxCorner\Core\Field\Base;

/**
 * How likely a batter does each of the things that a bunt defence must reckon with, in this situation and count.
 *
 * All shares are ours: nobody publishes them. A coach weighs each of them up or down.
 */
final readonly class IntentMix
{
    /** Of batters who show a bunt: what they then do. The rest of the one is bunted. */
    private const PUSH = 0.06;
    private const SWING = 0.12;
    private const PULL_BACK = 0.18;
    private const FAKE_AND_GO = 0.08;
    /** Of the bunts with a runner on third whom nobody forces: a squeeze. */
    private const SQUEEZE = 0.4;
    /** Of those who show nothing: a drag for a hit, by the kind of batter; and a slapper's slap. */
    private const DRAG = 0.01;
    private const DRAG_QUICK = 0.04;
    private const DRAG_BUNTS = 0.07;
    private const DRAG_SLAPS = 0.12;
    private const SLAP = 0.4;
    /** Of those drags, with two strikes: a foul would be the out. */
    private const DRAG_TWO_STRIKES = 0.3;

    /** @param array<string, float> $shares by the intent's value; together 1 */
    private function __construct(private array $shares) {}

    public static function of(GameState $state): self
    {
        $shown = $state->hasFewerThanTwoOuts() ? BuntOutlook::of($state)->chance() : 0.0;
        $weights = [];
        $points = $state->setting(BuntPoints::class);
        foreach ([...self::shown($state, $shown), ...self::hidden($state, 1 - $shown)] as $intent => $share) {
            $weights[$intent] = $share * $points->factor(Intent::from($intent));
        }
        $whole = array_sum($weights);

        return $whole > 0.0
            ? new self(array_map(static fn(float $one): float => $one / $whole, $weights))
            : new self([Intent::Away->value => 1.0]);
    }

    public function share(Intent $intent): float
    {
        return $this->shares[$intent->value] ?? 0.0;
    }

    /** @return list<Intent> that can come at all */
    public function intents(): array
    {
        return array_values(array_filter(Intent::cases(), fn(Intent $intent): bool => $this->share($intent) > 0.0));
    }

    /** The chance that the ball is bunted. */
    public function bunted(): float
    {
        $sum = 0.0;
        foreach (Intent::cases() as $intent) {
            $sum += $intent->isBunt() ? $this->share($intent) : 0.0;
        }

        return $sum;
    }

    /**
     * @param float $chance that a bunt is shown
     *
     * @return array<string, float>
     */
    private static function shown(GameState $state, float $chance): array
    {
        $context = $state->context;
        $batter = $context->batter;
        // One who means to bunt seldom does anything else; a power hitter who squares around seldom means it.
        $swing =
            self::SWING *
            match (true) {
                $batter->is(BatterTrait::Power) => 2.0,
                $batter->is(BatterTrait::Bunts) => 0.5,
                default => 1.0,
            };
        // Ahead in the count he waits for his pitch; with two strikes he cannot.
        $pullBack =
            self::PULL_BACK *
            match (true) {
                $context->count->hasTwoStrikes() => 0.3,
                $context->count->balls >= 3 => 1.8,
                default => 1.0,
            };
        $go =
            self::goer($state) && $state->rules->steals
                ? self::FAKE_AND_GO * (RunnerSpeed::Quick === $context->runners ? 2.0 : 1.0)
                : 0.0;
        $down = 1 - self::PUSH - $swing - $pullBack - $go;
        $squeeze = self::canSqueeze($state->situation->bases) ? self::SQUEEZE : 0.0;

        return array_map(static fn(float $one): float => $chance * $one, [
            Intent::Bunt->value => $down * (1 - $squeeze),
            Intent::Push->value => self::PUSH,
            Intent::Squeeze->value => $down * $squeeze,
            Intent::Swing->value => $swing,
            Intent::PullBack->value => $pullBack,
            Intent::FakeAndGo->value => $go,
        ]);
    }

    /**
     * @param float $chance that nothing is shown
     *
     * @return array<string, float>
     */
    private static function hidden(GameState $state, float $chance): array
    {
        $batter = $state->context->batter;
        $slaps = $batter->is(BatterTrait::Slaps);
        $drag = match (true) {
            $slaps => self::DRAG_SLAPS,
            $batter->is(BatterTrait::Bunts) => self::DRAG_BUNTS,
            $batter->is(BatterTrait::Quick) => self::DRAG_QUICK,
            default => self::DRAG,
        };
        $drag *= $state->context->count->hasTwoStrikes() && !$slaps ? self::DRAG_TWO_STRIKES : 1.0;
        $slap = $slaps ? self::SLAP : 0.0;

        return array_map(static fn(float $one): float => $chance * $one, [
            Intent::Drag->value => $drag,
            Intent::Slap->value => $slap,
            Intent::Away->value => 1 - $drag - $slap,
        ]);
    }

    /** Whether a runner could go behind a fake: one on first or second, with nobody in front who would have to. */
    private static function goer(GameState $state): bool
    {
        $bases = $state->situation->bases;

        return \in_array($bases, [Bases::First, Bases::Second, Bases::FirstSecond, Bases::FirstThird], true);
    }

    private static function canSqueeze(Bases $bases): bool
    {
        return $bases->has(Base::Third) && Bases::Loaded !== $bases;
    }
}
