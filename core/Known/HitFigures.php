<?php

declare(strict_types=1);

namespace FoxCorner\Core\Known;

use FoxCorner\Core\Family\ShippedFamilies;
use FoxCorner\Core\Field\Base;
use FoxCorner\Core\Game\GameState;
use FoxCorner\Core\Game\Outs;
use FoxCorner\Core\Plan\Audit\PlannedPlay;
use FoxCorner\Core\Plan\PlanBook;
use FoxCorner\Core\Plan\SituationPlan;
use FoxCorner\Core\Play\Clock\Play;
use FoxCorner\Core\Play\Clock\Timeline;
use FoxCorner\Core\Play\Contract\PlayFamily;
use FoxCorner\Core\Play\Scene\Scene;
use FoxCorner\Core\Play\Scheme\Trial;
use FoxCorner\Core\Runs\Advancement;

/**
 * What runners make of a level's balls to the outfield: how many bases they take, and how often they are thrown out.
 * Runners are slow, ordinary and quick, as they are at the level.
 */
final class HitFigures
{
    /** Standard deviations of a runner's time from the level's, and the weights: five points of a bell. */
    private const RUNNERS = [
        [-2.857, 0.01126],
        [-1.3556, 0.22208],
        [0.0, 0.53332],
        [1.3556, 0.22208],
        [2.857, 0.01126],
    ];
    /** Of outs in the air those that an outfielder catches; on the others nobody moves (ours). */
    public const OUTFIELDERS = 0.85;
    /** Of the published share of runners who score on a double, what the few of a level may differ by (calibration). */
    private const BELIEVED = 0.15;
    private const SECOND = 'R2';
    private const FIRST = 'R1';
    private const THIRD = 'R3';
    private const BATTER = 'batter';

    /** @var array<string, array<string, array<string, float>>> by situation: what the ball was, what became of whom */
    private array $found = [];

    /** @var list<array{float, Trial, string}>|null once asked for */
    private ?array $balls = null;

    public function __construct(private readonly LevelFigures $level) {}

    /** A runner on second on a single: the share that scores. */
    public function secondScores(Outs $outs): float
    {
        return $this->share("R2-$outs->value", 'single', self::SECOND . Base::Home->value);
    }

    /** The share of them that is out at home. */
    public function outAtHome(Outs $outs): float
    {
        return $this->share("R2-$outs->value", 'single', self::SECOND . 'out');
    }

    /** A runner on first on a single: the share that has third, or more. */
    public function firstToThird(Outs $outs): float
    {
        return $this->share("R1-$outs->value", 'single', self::FIRST . Base::Third->value) +
            $this->share("R1-$outs->value", 'single', self::FIRST . Base::Home->value);
    }

    public function firstScoresOnDouble(Outs $outs): float
    {
        return $this->share("R1-$outs->value", 'double', self::FIRST . Base::Home->value);
    }

    /** A runner on third on an out in the air, wherever it is caught: the share that scores, fewer than two out. */
    public function thirdScoresOnAir(): float
    {
        return (self::OUTFIELDERS *
            ($this->share('R3-0', 'caught', self::THIRD . Base::Home->value) +
                $this->share('R3-1', 'caught', self::THIRD . Base::Home->value))) /
            2;
    }

    public function secondToThirdOnAir(): float
    {
        return (self::OUTFIELDERS *
            ($this->share('R2-0', 'caught', self::SECOND . Base::Third->value) +
                $this->share('R2-1', 'caught', self::SECOND . Base::Third->value))) /
            2;
    }

    /**
     * All of it, as the chain of runs takes it; what it needs besides is as published. Doubles are so few that their
     * share is believed near the published one only.
     */
    public function advancement(): Advancement
    {
        $published = new Advancement();

        return new Advancement(
            firstScoresOnDouble: self::byOuts(
                fn(Outs $outs): float => max(
                    $published->firstScoresOnDouble($outs) - self::BELIEVED,
                    min($published->firstScoresOnDouble($outs) + self::BELIEVED, $this->firstScoresOnDouble($outs)),
                ),
            ),
            secondScoresOnSingle: self::byOuts($this->secondScores(...)),
            firstToThirdOnSingle: self::byOuts($this->firstToThird(...)),
            thirdScoresOnAir: $this->thirdScoresOnAir(),
            secondToThirdOnAir: $this->secondToThirdOnAir(),
        );
    }

    /**
     * @param \Closure(Outs): float $share
     *
     * @return array{float, float, float}
     */
    private static function byOuts(\Closure $share): array
    {
        return [$share(Outs::None), $share(Outs::One), $share(Outs::Two)];
    }

    /** Of hits, nobody on: doubles and triples. */
    public function extraBases(): float
    {
        $all = $this->of('none-0');
        $hits = array_sum(
            array_map(static fn(string $hit): float => $all[$hit]['all'] ?? 0.0, ['single', 'double', 'triple']),
        );

        return $hits > 0.0 ? 1 - ($all['single']['all'] ?? 0.0) / $hits : 0.0;
    }

    private function share(string $situation, string $hit, string $what): float
    {
        $of = $this->of($situation)[$hit] ?? [];

        return ($of['all'] ?? 0.0) > 0.0 ? ($of[$what] ?? 0.0) / $of['all'] : 0.0;
    }

    /** @return array<string, array<string, float>> */
    private function of(string $situation): array
    {
        return $this->found[$situation] ??= $this->reckoned($this->level->plan($situation));
    }

    /** @return array<string, array<string, float>> */
    private function reckoned(SituationPlan $plan): array
    {
        $found = [];
        foreach (self::RUNNERS as [$deviations, $share]) {
            $play = $this->plays($plan, $deviations);
            foreach ($this->balls() as [$weight, $ball, $hit]) {
                self::add($found, $hit, $play($ball)->timeline(), $share * $weight);
            }
        }

        return $found;
    }

    /**
     * A ball is a double by what the batter makes of it with nobody on: on a throw at somebody else he may have more.
     *
     * @return list<array{float, Trial, string}> how often it is hit, and what it is
     */
    private function balls(): array
    {
        if (null === $this->balls) {
            $plan = $this->level->plan('none-0');
            $play = $this->plays($plan, 0.0);
            $this->balls = array_map(static function (array $hit) use ($play): array {
                [$weight, $ball] = $hit;

                return [
                    $weight,
                    $ball,
                    match ($play($ball)->timeline()->ends[self::BATTER] ?? 0) {
                        0 => 'caught',
                        Base::First->value => 'single',
                        Base::Second->value => 'double',
                        default => 'triple',
                    },
                ];
            }, HitBalls::of($plan, self::family(), $this->level->cost));
        }

        return $this->balls;
    }

    private static function family(): PlayFamily
    {
        return ShippedFamilies::all()->get(ShippedFamilies::OUTFIELD);
    }

    /** @return \Closure(Trial): Play what becomes of a ball with runners so many deviations slower than the level's */
    private function plays(SituationPlan $plan, float $deviations): \Closure
    {
        $state = $plan->state;
        $seconds = $plan->level->homeToFirstOver($state->rules->basePath) + $deviations * $plan->level->scatter;
        $times = [];
        foreach ($state->situation->bases->occupied() as $base) {
            $times[$base->value] = $seconds;
        }
        $coverage = PlannedPlay::of($plan, self::family(), PlanBook::shipped($state->rules))->coverage;

        return self::family()->against(
            Scene::of(
                GameState::of($state->rules, $state->situation, $state->context->withTimes($times)),
                $plan->level,
                $plan->cast,
                $this->level->cost,
            ),
            $coverage ?? throw new \LogicException('Balls to the outfield are covered everywhere.'),
        );
    }

    /** @param array<string, array<string, float>> $found is added to */
    private static function add(array &$found, string $hit, Timeline $play, float $weight): void
    {
        $found[$hit]['all'] = ($found[$hit]['all'] ?? 0.0) + $weight;
        foreach ($play->ends as $name => $end) {
            $out = $play->thrownAt === $name ? $play->called()->chance : 0.0;
            foreach ([$name . $end => 1 - $out, $name . 'out' => $out] as $what => $chance) {
                $found[$hit][$what] = ($found[$hit][$what] ?? 0.0) + $weight * $chance;
            }
        }
    }
}
