<?php

declare(strict_types=1);

namespace FoxCorner\Core\Family\Outfield;

use FoxCorner\Core\Field\Base;
use FoxCorner\Core\Motion\Giving;
use FoxCorner\Core\Motion\Throws;
use FoxCorner\Core\People\Position;
use FoxCorner\Core\Play\Ball\Delivery;
use FoxCorner\Core\Play\Ball\Possession;
use FoxCorner\Core\Play\Errand\GotBy;
use FoxCorner\Core\Play\Scene\PlaySetting;
use FoxCorner\Core\Play\Scheme\Job;
use FoxCorner\Core\Play\Scheme\JobKind;
use FoxCorner\Core\Play\Scheme\Verb;

/** How a ball gets in from where an outfielder has it, to every base. */
final class WaysIn
{
    /** ft around himself in which a cutoff man moves his feet to a throw (ours). */
    private const CUT_REACH = 6.0;

    public readonly ?CutMan $cut;
    /** @var array<int, WayIn> by base, as far as asked */
    private array $direct = [];
    /** @var array<int, WayIn|null> over the cutoff man */
    private array $over = [];
    /** @var array<int, array{Position|null, float}> who covers a base, and when he is there */
    private array $covers = [];

    /** @param array<int, list<Job>> $jobs by position number */
    public function __construct(
        private readonly PlaySetting $setting,
        private readonly Possession $ball,
        private readonly array $jobs,
    ) {
        $this->cut = $this->cutMan();
    }

    /** The quicker of the ways to a base. */
    public function to(Base $base): WayIn
    {
        $direct = $this->straight($base);
        $over = $this->over($base);

        return null !== $over && $over->held() < $direct->held() ? $over : $direct;
    }

    public function straight(Base $base): WayIn
    {
        return $this->direct[$base->value] ??= $this->way($base, $this->thrown($base), null);
    }

    /** Over the cutoff man, wherever his line leads; null when there is none. */
    public function over(Base $base): ?WayIn
    {
        return $this->over[$base->value] ??= $this->overCut($base);
    }

    /** To the cutoff man where he is on the line to that base; else straight there, and not over another line. */
    public function ahead(Base $base): WayIn
    {
        return $this->cut?->base === $base ? $this->over($base) ?? $this->straight($base) : $this->straight($base);
    }

    /** The base that the outfielder throws toward, be it cut on the way and thrown to another. */
    public function lineOf(WayIn $way): Base
    {
        return $way->isCut() ? $this->cut->base ?? $way->base : $way->base;
    }

    /** A throw that is on its way to one base, and is cut, or thrown on from there, to another. */
    public function after(WayIn $first, Base $base): WayIn
    {
        if (null !== $this->cut && $this->cut->base === $first->base) {
            return $this->over($base) ?? $this->straight($base);
        }
        $motion = $this->setting->level->motion;
        $from = $this->setting->bag($first->base);
        $feet = $from->distanceTo($this->setting->bag($base));
        $arm = null === $first->cover ? $this->ball->by->arm : $this->setting->cast->at($first->cover)->arm;
        $again = $first->held() + $motion->exchangeSet;
        $throw = new Delivery($feet, $again, $again + $this->throws()->given($feet, $arm), 0.0);

        return $this->way($base, $throw, null);
    }

    /** Whether somebody who has been sent behind the throws there has one that gets by in time. */
    public function isBackedUp(WayIn $way): bool
    {
        $from = null !== $this->cut && $way->isCut() ? $this->cut->at : $this->ball->at;
        $gotBy = new GotBy($this->setting->scene, $from, $way->base);
        foreach ($this->jobs as $number => $own) {
            foreach ($own as $job) {
                $who = $this->setting->cast->at(Position::from($number));
                if ($job->isBehind($way->base) && $gotBy->isMet($who, $who->reaction, $way->arrives)) {
                    return true;
                }
            }
        }

        return false;
    }

    private function thrown(Base $base): Delivery
    {
        return $this->setting->throwing->fromFar($this->ball, $this->setting->bag($base));
    }

    private function overCut(Base $base): ?WayIn
    {
        if (null === $this->cut) {
            return null;
        }
        $cut = $this->cut;
        $first = $this->setting->throwing->fromFar($this->ball, $cut->at);
        $held = max($first->arrives, $cut->there);
        $again = $held + $cut->arms->relayExchange;
        $feet = $cut->at->distanceTo($this->setting->bag($base));
        $second = new Delivery($feet, $again, $again + $this->throws()->given($feet, $cut->who->arm), 0.0);

        return $this->way($base, $second, [$first, $held]);
    }

    /** @param array{Delivery, float}|null $cut the throw to the cutoff man, and when he has it */
    private function way(Base $base, Delivery $last, ?array $cut): WayIn
    {
        [$cover, $there] = $this->covers[$base->value] ??= $this->cover($base);
        $throwing = $this->setting->throwing;
        $caught = $throwing->caughtFromFar($last, Giving::reach($base));

        return new WayIn(
            $base,
            null === $cut ? $last->released : $cut[0]->released,
            $cut[1] ?? null,
            null === $cut ? null : $last->released,
            $last->arrives,
            $cover,
            $there,
            null === $cover
                ? 0.0
                : $caught * (null === $cut ? 1.0 : $throwing->caughtFromFar($cut[0], self::CUT_REACH)),
        );
    }

    /** @return array{Position|null, float} */
    private function cover(Base $base): array
    {
        $best = [null, \INF];
        foreach ($this->jobs as $number => $own) {
            foreach ($own as $job) {
                if (JobKind::Cover === $job->kind && $job->base === $base) {
                    $there = $this->setting->cast->at(Position::from($number))->secondsTo($this->setting->bag($base));
                    $best = $there < $best[1] ? [Position::from($number), $there] : $best;
                }
            }
        }

        return $best;
    }

    private function cutMan(): ?CutMan
    {
        foreach ($this->jobs as $number => $own) {
            foreach ($own as $job) {
                if (Verb::Cut === $job->verb && null !== $job->base) {
                    return CutMan::of(
                        $this->setting,
                        $this->setting->cast->at(Position::from($number)),
                        $job->base,
                        $this->ball,
                        $this->thrown($job->base)->released - $this->ball->seconds,
                    );
                }
            }
        }

        return null;
    }

    private function throws(): Throws
    {
        return $this->setting->throwing->throws;
    }
}
