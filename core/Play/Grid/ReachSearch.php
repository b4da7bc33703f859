<?php

declare(strict_types=1);

namespace FoxCorner\Core\Play\Grid;

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
    /** Looks after the first at which he can be there from which the hill is climbed; of several outs one is early. */
    private const LATER = 2;
    private const LATER_OF_SEVERAL = 1;
    private const NEXT_TO_NOTHING = 1e-9;

    private readonly OutsFrom $outs;
    private readonly float $reach;
    /** 0: nothing is misplayed. */
    private readonly float $hands;
    /** s by which he may be late. */
    private readonly float $dives;
    /** What an out is worth where most can be saved. */
    public readonly float $most;
    private float $sine = 0.0;
    private float $cosine = 1.0;
    /** @var array<int, float> by look that all ways share: s from contact until he can be there */
    private array $needs = [];
    /** @var array<int, list<float>> likewise: {@see OutsFrom::throws()} */
    private array $throws = [];

    public function __construct(public readonly GroundFielder $who, GroundSetting $setting)
    {
        $this->outs = OutsFrom::of($who, $setting);
        $this->most = $this->outs->most;
        $this->reach = $setting->level->motion->reach;
        $this->dives = Hands::latest($setting->level->skills);
        $this->hands = $setting->level->skills->perfect ? 0.0 : $who->hands;
    }

    /**
     * @param array<int, BallWay> $ways from the slowest ball to the fastest, all in one direction
     *
     * @return array<int, array{float, float, float}> for each: ft from home, {@see GroundReach::NEVER}; what he saves
     *                                                there; s from contact of the earliest throw thought of
     */
    public function along(array $ways, float $sine, float $cosine): array
    {
        [$this->sine, $this->cosine, $this->needs, $this->throws] = [$sine, $cosine, [], []];
        $aside = abs($this->who->x * $cosine - $this->who->y * $sine);
        $beside = $this->who->x * $sine + $this->who->y * $cosine;
        // Nowhere along this way he is nearer to it.
        $need = $this->who->reaction + $this->who->run->seconds($aside - $this->reach);
        $nearest = $need - $this->dives;
        $isClose = $beside > 0.0 && $aside < self::CLOSE;
        $leaves = $beside + ($aside < $this->reach ? sqrt($this->reach ** 2 - $aside ** 2) : 0.0);
        $throws = $isClose ? $this->throws($leaves) : [];
        $later = $this->outs->areSeveral ? self::LATER_OF_SEVERAL : self::LATER;
        $found = [];
        $lo = 0;
        $isCatcher = 2 === $this->who->number;
        foreach ($ways as $index => $way) {
            $this->outs->soonest = \INF;
            $last = \count($way->along) - 1;
            // The catcher is behind whatever rolls on.
            if (!$way->rests && ($isCatcher || $nearest > $way->seconds[$last])) {
                $found[$index] = [GroundReach::NEVER, 0.0, \INF];
                continue;
            }
            $first = $this->first($way, $lo, $last, $nearest, $beside);
            $lo = min($first, $way->even);
            if ($first === $last && !$isClose && !$way->rests && !$this->isThere($way, $last)) {
                $found[$index] = [GroundReach::NEVER, 0.0, \INF];
                continue;
            }
            if ($way->seconds[$first] > $this->outs->latest) {
                $isNever =
                    \INF === $this->need($way, $first) ||
                    (!($way->rests && $first === $last) && !$this->isThere($way, $first));
                $found[$index] = $isNever
                    ? [GroundReach::NEVER, 0.0, \INF]
                    : [$way->along[$first], self::NEXT_TO_NOTHING, \INF];
                continue;
            }
            [$look, $saved] = $this->climb($way, $first, $last, min($last, $first + $later), -1, 0.0);
            if (0 !== $way->slow && $look < $way->slow) {
                [$look, $saved] = $this->climb($way, $first, $last, max($first, $way->slow), $look, $saved);
            }
            $along = $look < 0 ? GroundReach::NEVER : $way->along[$look];
            if ($isClose && $leaves < $way->along[$last]) {
                $there = $way->ball->secondsTo($leaves) ?? \INF;
                [$at, $value] = [$leaves, $this->worthAt($way, $there, $need, $throws)];
                $farther =
                    $aside > $this->reach && $there < $need ? $this->farther($way, $aside, $beside, $there) : \INF;
                if ($farther < $way->along[$last]) {
                    $late = $this->worthAt(
                        $way,
                        $way->ball->secondsTo($farther) ?? \INF,
                        $this->needFor($farther),
                        $this->throws($farther),
                    );
                    [$at, $value] = $late > $value ? [$farther, $late] : [$at, $value];
                }
                if ($value > $saved) {
                    [$along, $saved] = [$at, $value];
                    $start = max($first, min($last, (int) round($at / $way->step) - BallWay::FIRST));
                    [$look, $saved] = $this->climb($way, $first, $last, $start, -1, $saved);
                    $along = $look < 0 ? $along : $way->along[$look];
                }
            }
            $found[$index] = [$along, $saved, $this->outs->soonest];
        }

        return $found;
    }

    /**
     * From one look on, uphill in both directions. It is asked some thousand times for a map, so that it calls little.
     *
     * @return array{int, float} the best look, and what is saved there
     */
    private function climb(BallWay $way, int $first, int $last, int $start, int $best, float $saved): array
    {
        $exchange = $this->who->exchange;
        $scoops = $exchange * ($this->who->slowExchange - 1);
        $hands = $this->hands;
        // Where nothing is misplayed nobody is late.
        $fades = $hands > 0.0 ? Hands::STRETCH - $this->dives : -\INF;
        $along = $way->along;
        $times = $way->seconds;
        $even = $way->even;
        $isUp = false;
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
                    $own = $exchange + $way->scooped[$look] * $scoops;
                    $runs = 1.0;
                    if ($spare < 0.0) {
                        $own -= $spare * Hands::DIVE_COSTS;
                    } else {
                        $runs = $spare < Hands::SET ? 1 - $spare / Hands::SET : 0.0;
                    }
                    $value = $this->outs->saved(
                        $seconds,
                        $own,
                        $runs,
                        $look < $even
                            ? ($this->throws[$look] ??= $this->throws($along[$look]))
                            : $this->throws($along[$look]),
                    );
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
                $look += $step;
            } elseif (1 === $step && !$isUp) {
                $step = -1;
                $look = $start - 1;
            } else {
                return [$best, $saved];
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

    /** ft from home where a diver has most time for a ball that goes by: farther on it gains on him. */
    private function farther(BallWay $way, float $aside, float $beside, float $there): float
    {
        $run = $this->who->run;
        $foot = $run->seconds($aside - $this->reach + 1.0) - $run->seconds($aside - $this->reach);
        $ball = $way->ball->speedAfter($there);

        return $beside + $aside / max(1.0, sqrt(max(1.0, ($foot * $ball) ** 2 - 1)));
    }

    /** s from contact until he can be so many ft from home. */
    private function needFor(float $along): float
    {
        $dx = $along * $this->sine - $this->who->x;
        $dy = $along * $this->cosine - $this->who->y;

        return $this->who->reaction + $this->who->run->seconds(sqrt($dx * $dx + $dy * $dy) - $this->reach);
    }

    private function need(BallWay $way, int $look): float
    {
        if ($look < $way->even && isset($this->needs[$look])) {
            return $this->needs[$look];
        }
        $need = $this->needFor($way->along[$look]);
        if ($look < $way->even) {
            $this->needs[$look] = $need;
        }

        return $need;
    }

    /**
     * What he saves when he takes it somewhere.
     *
     * @param float       $seconds from contact until the ball is there
     * @param float       $need    the same until he can be
     * @param list<float> $throws  from there, {@see OutsFrom::throws()}
     */
    private function worthAt(BallWay $way, float $seconds, float $need, array $throws): float
    {
        $spare = $seconds - $need;
        if ($spare < -$this->dives || $seconds > $this->outs->latest) {
            return 0.0;
        }
        $speed = $way->ball->speedAfter($seconds);
        $saved = $this->outs->saved(
            $seconds,
            $this->who->exchangeOff($speed) + max(0.0, -$spare) * Hands::DIVE_COSTS,
            1 - min(1.0, max(0.0, $spare) / Hands::SET),
            $throws,
        );

        return $saved * ($this->hands > 0.0 ? Hands::clean($this->hands, $speed, $seconds, $spare) : 1.0);
    }

    /** @return list<float> {@see OutsFrom::throws()} */
    private function throws(float $along): array
    {
        return $this->outs->throws($along * $this->sine, $along * $this->cosine);
    }
}
