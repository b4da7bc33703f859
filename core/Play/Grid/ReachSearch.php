<?php

declare(strict_types=1);

namespace FoxCorner\Core\Play\Grid;

use FoxCorner\Core\Motion\Giving;
use FoxCorner\Core\Play\Ball\Hands;

/**
 * Looks for the place on a ball's way where one fielder would best take it.
 *
 * Not as early as he can: sooner is nearer to the bag but hurried. Of the looks along the way the one counts at which
 * the outs that he can go for save most. That hill is climbed from a little after he first can be there. It can have
 * other tops, which are tried as well: where a ball comes to lie or slows down, where it leaves the circle that he
 * reaches standing, and beside him if else he would dive.
 */
final class ReachSearch
{
    /** ft beside the way within which looks can miss where he has most time. */
    private const CLOSE = 20.0;
    /** Looks after the first at which he can be there from which the hill is climbed. */
    private const LATER = 2;
    /** Who has it so late, in widths of the line between out and safe, has no out but holds the ball. */
    private const HOPELESS = 4.0;
    private const NEXT_TO_NOTHING = 1e-9;

    /** @var list<Goal> */
    private readonly array $goals;
    private readonly float $reach;
    private readonly float $turnThrow;
    private readonly float $slowBall;
    /** 0: nothing is misplayed. */
    private readonly float $hands;
    /** s by which he may be late. */
    private readonly float $dives;
    /** What an out is worth where most can be saved. */
    public readonly float $most;
    /** s from contact after which there is no out any more. */
    private readonly float $latest;
    private float $sine = 0.0;
    private float $cosine = 1.0;
    /** @var array<int, float> by look that all ways share: s from contact until he can be there */
    private array $needs = [];
    /** @var array<int, list<array{float, float, float, float, float, float}>> likewise: {@see ThrowsFrom} */
    private array $throws = [];

    public function __construct(public readonly GroundFielder $who, GroundSetting $setting)
    {
        $motion = $setting->level->motion;
        $this->goals = Goal::all($who, $setting);
        [$this->reach, $this->turnThrow, $this->slowBall] = [$motion->reach, $motion->turnThrow, $motion->slowBall];
        $latest = $most = 0.0;
        foreach ($this->goals as $goal) {
            $most = max($most, $goal->gain + $goal->more);
            $latest = max($latest, $goal->until + self::HOPELESS / $goal->sharp);
        }
        $this->most = $most;
        // Nobody gets rid of it sooner than that.
        $this->latest = $latest - $who->exchange * $who->slowExchange * Giving::FEED_EXCHANGE;
        $this->dives = Hands::latest($setting->level->skills);
        $this->hands = $setting->level->skills->perfect ? 0.0 : $who->hands;
    }

    /**
     * @param list<BallWay> $ways from the slowest ball to the fastest, all in one direction
     *
     * @return list<array{float, float}> for each: ft from home, and what he saves there; {@see GroundReach::NEVER}
     */
    public function along(array $ways, float $sine, float $cosine): array
    {
        [$this->sine, $this->cosine, $this->needs, $this->throws] = [$sine, $cosine, [], []];
        $aside = abs($this->who->x * $cosine - $this->who->y * $sine);
        $beside = $this->who->x * $sine + $this->who->y * $cosine;
        // Nowhere along this way he is nearer to it.
        $nearest = $this->who->reaction + $this->who->run->seconds($aside - $this->reach) - $this->dives;
        $isClose = $beside > 0.0 && $aside < self::CLOSE;
        $found = [];
        $lo = 0;
        $isCatcher = 2 === $this->who->number;
        foreach ($ways as $way) {
            $last = \count($way->along) - 1;
            // The catcher is behind whatever rolls on.
            if (!$way->rests && ($isCatcher || $nearest > $way->seconds[$last])) {
                $found[] = [GroundReach::NEVER, 0.0];
                continue;
            }
            $first = $this->first($way, $lo, $last, $nearest, $beside);
            $lo = min($first, $way->even);
            if ($first === $last && !$isClose && !$way->rests && !$this->isThere($way, $last)) {
                $found[] = [GroundReach::NEVER, 0.0];
                continue;
            }
            if ($way->seconds[$first] > $this->latest) {
                $isNever =
                    \INF === $this->need($way, $first) ||
                    (!($way->rests && $first === $last) && !$this->isThere($way, $first));
                $found[] = $isNever ? [GroundReach::NEVER, 0.0] : [$way->along[$first], self::NEXT_TO_NOTHING];
                continue;
            }
            [$look, $saved, $dives] = $this->climb($way, $first, $last, min($last, $first + self::LATER), -1, 0.0);
            if ($dives) {
                $start = max(0, (int) round($beside / $way->step) - BallWay::FIRST);
                [$look, $saved] = $this->climb($way, $first, $last, max($first, min($last, $start)), $look, $saved);
            }
            if (0 !== $way->slow && $look < $way->slow) {
                [$look, $saved] = $this->climb($way, $first, $last, max($first, $way->slow), $look, $saved);
            }
            $along = $look < 0 ? GroundReach::NEVER : $way->along[$look];
            if ($isClose && $beside < $way->along[$last] && ($look < 0 || $dives)) {
                [$leaves, $there, $spare] = MostTime::of($this->who, $this->reach, $way, $aside, $beside);
                $value = $spare < -$this->dives ? 0.0 : $this->worthAnywhere($way, $leaves, $there, $spare);
                [$along, $saved] = $value > $saved ? [$leaves, $value] : [$along, $saved];
            }
            $found[] = [$along, $saved];
        }

        return $found;
    }

    /**
     * From one look on, uphill in both directions. It is asked some thousand times for a map, so that it calls little.
     *
     * @return array{int, float, bool} the best look, what is saved there, and whether he dives for it
     */
    private function climb(BallWay $way, int $first, int $last, int $start, int $best, float $saved): array
    {
        $exchange = $this->who->exchange;
        $slow = $exchange * $this->who->slowExchange;
        $hands = $this->hands;
        // Where nothing is misplayed nobody is late.
        $fades = $hands > 0.0 ? Hands::STRETCH - $this->dives : -\INF;
        $along = $way->along;
        $times = $way->seconds;
        $even = $way->even;
        $goals = $this->goals;
        $dives = $isUp = false;
        $step = 1;
        $look = $start;
        while (true) {
            $value = $spare = -1.0;
            if ($look >= $first && $look <= $last) {
                $need = $this->needs[$look] ?? null;
                if (null === $need || $look >= $even) {
                    $need = $this->need($way, $look);
                }
                $seconds = $times[$look];
                if ($look === $last && $need > $seconds && $way->rests) {
                    $seconds = $need;
                }
                $spare = $seconds - $need;
                if ($spare >= -$this->dives) {
                    $own = $way->speeds[$look] < $this->slowBall ? $slow : $exchange;
                    $runs = 1.0;
                    if ($spare < 0.0) {
                        $own -= $spare * Hands::DIVE_COSTS;
                    } else {
                        $runs = $spare < Hands::SET ? 1 - $spare / Hands::SET : 0.0;
                    }
                    $moving = $this->turnThrow * $runs;
                    $throws =
                        $look < $even
                            ? ($this->throws[$look] ??= $this->throws($along[$look]))
                            : $this->throws($along[$look]);
                    $value = 0.0;
                    foreach ($goals as $index => $goal) {
                        $throw = $throws[$index];
                        $at = $seconds + $own * $throw[0] + $throw[1] + $moving * $throw[2];
                        $caught = $goal->caught[(int) ($throw[3] + $runs * $throw[5])] ?? 0.0;
                        if ($at < $goal->coverAt) {
                            $at = $goal->coverAt;
                        }
                        if ($seconds + $throw[4] < $at) {
                            $at = $seconds + $throw[4];
                            $caught = 1.0;
                        }
                        $save = $goal->gain;
                        if ($goal->more > 0.0) {
                            $save += $goal->more / (1 + exp(($at - $goal->onward) * $goal->moreSharp));
                        }
                        $save *= $caught / (1 + exp(($at - $goal->until) * $goal->sharp));
                        if ($save > $value) {
                            $value = $save;
                        }
                    }
                    if ($spare < $fades) {
                        $value *= ($spare + $this->dives) / Hands::STRETCH;
                    }
                    if ($hands > 0.0) {
                        $value *= exp(
                            -$hands * ($way->hop[$look] + $way->hurried[$look] * exp(-$spare / Hands::HURRY_FADES)),
                        );
                    }
                }
            }
            if ($value > $saved) {
                $isUp = $isUp || $look > $start;
                $best = $look;
                $saved = $value;
                $dives = $spare < 0.0;
                $look += $step;
            } elseif (1 === $step && !$isUp) {
                $step = -1;
                $look = $start - 1;
            } else {
                return [$best, $saved, $dives];
            }
        }
    }

    /**
     * The first look at which he can be there, if need be by a dive; the last one when there is none.
     *
     * Up to where the ball is beside him he has the more time the farther it goes: there the first is closed in on.
     *
     * @param int   $low     no look before it is one
     * @param float $nearest s before which he cannot be anywhere along the way
     * @param float $beside  ft along the way where he is nearest to it
     */
    private function first(BallWay $way, int $low, int $last, float $nearest, float $beside): int
    {
        $high = min($way->even - 1, (int) ($beside / $way->step) - BallWay::FIRST);
        if ($low <= $high && $this->isThere($way, $high)) {
            while ($low < $high) {
                $middle = intdiv($low + $high, 2);
                [$low, $high] = $this->isThere($way, $middle) ? [$low, $middle] : [$middle + 1, $high];
            }

            return $high;
        }
        $look = min($last, max($low, $high + 1));
        for (; $look < $last; ++$look) {
            if ($way->seconds[$look] >= $nearest) {
                $there = $this->need($way, $look) - $this->dives;
                if ($way->seconds[$look] >= $there) {
                    break;
                }
                // Beyond him he needs the longer the farther it goes.
                $nearest = $way->along[$look] > $beside ? $there : $nearest;
            }
        }

        return $look;
    }

    private function isThere(BallWay $way, int $look): bool
    {
        return $way->seconds[$look] >= ($this->needs[$look] ?? $this->need($way, $look)) - $this->dives;
    }

    private function need(BallWay $way, int $look): float
    {
        if ($look < $way->even && isset($this->needs[$look])) {
            return $this->needs[$look];
        }
        $dx = $way->along[$look] * $this->sine - $this->who->x;
        $dy = $way->along[$look] * $this->cosine - $this->who->y;
        $need = $this->who->reaction + $this->who->run->seconds(sqrt($dx * $dx + $dy * $dy) - $this->reach);
        if ($look < $way->even) {
            $this->needs[$look] = $need;
        }

        return $need;
    }

    /** What he saves when he takes it between two looks. */
    private function worthAnywhere(BallWay $way, float $along, float $seconds, float $spare): float
    {
        $speed = $way->ball->speedAfter($seconds);
        $own =
            $this->who->exchange * ($speed < $this->slowBall ? $this->who->slowExchange : 1.0) +
            max(0.0, -$spare) * Hands::DIVE_COSTS;
        $most = 0.0;
        $runs = 1 - min(1.0, max(0.0, $spare) / Hands::SET);
        $moving = $this->turnThrow * $runs;
        foreach ($this->throws($along) as $index => [$feed, $flight, $turn, $far, $run, $farther]) {
            $goal = $this->goals[$index];
            $caught = $goal->caught[(int) ($far + $runs * $farther)] ?? 0.0;
            $at = max($seconds + $own * $feed + $flight + $moving * $turn, $goal->coverAt);
            [$at, $caught] = $seconds + $run < $at ? [$seconds + $run, 1.0] : [$at, $caught];
            $most = max($most, $goal->saves($at, $caught));
        }

        return $most * ($this->hands > 0.0 ? Hands::clean($this->hands, $speed, $seconds, $spare) : 1.0);
    }

    /** @return list<array{float, float, float, float, float, float}> {@see ThrowsFrom} */
    private function throws(float $along): array
    {
        return ThrowsFrom::of($this->who, $this->goals, $along * $this->sine, $along * $this->cosine);
    }
}
