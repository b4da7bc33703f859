<?php

declare(strict_types=1);

namespace FoxCorner\Core\Play\Fielding;

use FoxCorner\Core\Field\Base;
use FoxCorner\Core\Level\Skills;
use FoxCorner\Core\Motion\Giving;

/** What whoever has a ground ball can make of it: every aim, by hand or on his own feet, with what it costs. */
final class GroundPlays
{
    /** ft; farther from a bag nobody runs there with the ball. */
    public const CARRIES = 75.0;
    /** Chance of the first out that nobody gives up to take the bag himself. */
    private const GIVEN_UP = 0.3;
    /** Pivots that come to a throw: e^(−.14 bag) (fitted to the level's twos). */
    private const PIVOT_LOST = 0.14;

    private readonly float $pivotKept;
    /** @var array<int, array<int, array<int, Onward>>> by aim, fielder and whoever throws on */
    private array $onward = [];

    public function __construct(private readonly GroundSetting $setting)
    {
        $this->pivotKept = self::pivotKept($setting->level->skills);
    }

    public static function pivotKept(Skills $skills): float
    {
        return $skills->perfect ? 1.0 : exp(-self::PIVOT_LOST * $skills->bag);
    }

    /**
     * @param float $delay s lost in picking up a ball that was misplayed
     *
     * @return non-empty-list<Attempt> in the order of the aims, first base first
     */
    public function attempts(Met $met, float $delay = 0.0): array
    {
        $attempts = [];
        foreach ($this->setting->aims->all as $index => $aim) {
            if (!$aim->isFor($met->by->number)) {
                continue;
            }
            $attempts[] = $this->attempt($met, $index, $aim, $delay);
        }

        return [] === $attempts ? throw new \LogicException('First base is always there.') : $attempts;
    }

    private function attempt(Met $met, int $index, Aim $aim, float $delay): Attempt
    {
        $setting = $this->setting;
        $by = $met->by;
        $motion = $setting->level->motion;
        $bag = $setting->bags[$aim->bag->value];
        [$x, $y] = [$bag->x - $met->at->x, $bag->y - $met->at->y];
        $feet = sqrt($x * $x + $y * $y);
        $runner = $setting->arrivals[$aim->bag->value];
        $tag = $aim->isForce ? 0.0 : $motion->tag;
        $spread = ($aim->isForce ? $setting->spreads : $setting->tagSpreads)[$aim->bag->value];

        [$number, $coverAt] = $setting->covering->there[$aim->bag->value][$by->number];
        $moving = $delay > 0.0 ? 0.0 : $met->moving;
        $ahead = $feet > 0.0 ? ($met->onX * $x + $met->onY * $y) / $feet : 1.0;
        $exchange = $met->exchange * ($feet <= Giving::FEED_UP_TO ? Giving::FEED_EXCHANGE : 1.0);
        $released =
            $met->seconds +
            $delay +
            $exchange +
            ($motion->turnThrow * $moving * (1 - $ahead)) / 2 +
            ($feet > 0.0 ? $by->handTurn($x / $feet, $feet) : 0.0);
        $ball = $released + $by->flight($feet);
        $outAt = ($ball > $coverAt ? $ball : $coverAt) + $tag;
        $caught = $by->caught($aim->bag, $feet, $moving);
        $first = $caught / (1 + exp(($outAt - $runner) / $spread));
        $throw =
            0 === $number || \INF === $outAt
                ? $this->ending($index, $aim, $by->number, false, $feet, $released, $ball, 0, \INF, \INF, 0.0, 0.0)
                : $this->ending(
                    $index,
                    $aim,
                    $by->number,
                    false,
                    $feet,
                    $released,
                    $ball,
                    $number,
                    $coverAt,
                    $outAt,
                    $first,
                    (1 - $caught) * Giving::PAST,
                );
        if ($feet >= self::CARRIES) {
            return $throw;
        }
        $runs = $met->seconds + $delay;
        $own = $runs + $by->run->seconds($feet);
        $alone = 1 / (1 + exp(($own + $tag - $runner) / $spread));
        if ($alone < $first - self::GIVEN_UP) {
            return $throw;
        }
        $carried = $this->ending(
            $index,
            $aim,
            $by->number,
            true,
            0.0,
            $runs,
            $own,
            $by->number,
            $own,
            $own + $tag,
            $alone,
            0.0,
        );

        return $carried->costs[1] < $throw->costs[1] ? $carried : $throw;
    }

    /** With the first out so likely: whether the ball goes on, and what it all costs. */
    private function ending(
        int $index,
        Aim $aim,
        int $fielder,
        bool $carried,
        float $feet,
        float $released,
        float $there,
        int $cover,
        float $coverAt,
        float $outAt,
        float $first,
        float $past,
    ): Attempt {
        [$again, $second, $both, $receiver, $wild] =
            null === $aim->then || $first < 1e-6
                ? [0.0, 0.0, 0.0, 0, 0.0]
                : $this->second($index, $aim, $fielder, $cover, $carried, $outAt);
        $both *= $first;
        $wild *= $first;
        // He throws on only when that costs less than to hold the ball.
        [, $one, $two] = $aim->costs[1];
        if ($two * $both + $aim->wild[1][1] * $wild >= $one * ($both + $wild)) {
            [$again, $second, $both, $receiver, $wild] = [0.0, 0.0, 0.0, 0, 0.0];
        }
        $costs = [];
        foreach ([0, 1] as $goes) {
            [$none, $one, $two] = $aim->costs[$goes];
            $costs[] =
                $two * $both +
                $aim->wild[$goes][1] * $wild +
                $one * ($first - $both - $wild) +
                $aim->wild[$goes][0] * $past +
                $none * (1 - $first - $past);
        }

        return new Attempt(
            $aim,
            $carried,
            $feet,
            $released,
            $there,
            $cover,
            $coverAt,
            $first,
            $past,
            $again,
            $second,
            $both,
            $receiver,
            [$costs[0], $costs[1]],
        );
    }

    /** @return array{float, float, float, int, float} released, there; chance of the out; who takes it; goes past */
    private function second(int $index, Aim $aim, int $fielder, int $pivot, bool $carried, float $heldAt): array
    {
        $on = $this->onward[$index][$fielder][$pivot] ?? $this->onward($index, $aim, $fielder, $pivot);
        if (0 === $on->receiver) {
            return [0.0, 0.0, 0.0, 0, 0.0];
        }
        $again = $heldAt + ($carried ? $on->offTheBag : $on->pivot);
        $there = $again + $on->flight;
        $outAt = ($there > $on->coverAt ? $there : $on->coverAt) + $on->tag;
        $kept = $carried ? 1.0 : $this->pivotKept;

        return [
            $again,
            $there,
            ($kept * $on->caught) / (1 + exp(($outAt - $on->runnerAt) / $on->spread)),
            $on->receiver,
            $kept * (1 - $on->caught) * Giving::PAST,
        ];
    }

    private function onward(int $index, Aim $aim, int $fielder, int $pivot): Onward
    {
        return $this->onward[$index][$fielder][$pivot] = Onward::of($this->setting, $aim, $fielder, $pivot);
    }
}
