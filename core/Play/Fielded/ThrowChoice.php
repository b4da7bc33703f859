<?php

declare(strict_types=1);

namespace FoxCorner\Core\Play\Fielded;

use FoxCorner\Core\Field\Base;
use FoxCorner\Core\Game\Outs;
use FoxCorner\Core\Motion\Giving;
use FoxCorner\Core\Motion\OutChance;
use FoxCorner\Core\People\Position;
use FoxCorner\Core\Play\Ball\Delivery;
use FoxCorner\Core\Play\Ball\Hands;
use FoxCorner\Core\Play\Ball\Possession;
use FoxCorner\Core\Play\Choice\AfterThrow;
use FoxCorner\Core\Play\Choice\Odds;
use FoxCorner\Core\Play\Choice\Race;
use FoxCorner\Core\Play\Choice\ThrowOption;
use FoxCorner\Core\Play\Clock\Timeline;
use FoxCorner\Core\Play\Errand\Errands;
use FoxCorner\Core\Play\Scene\PlaySetting;

/** Somebody has the ball: the throws that are there, against every runner who wants the next base. */
final readonly class ThrowChoice
{
    /** Chance from which on he takes the bag himself when that is surer (ours). */
    private const A_CHANCE = 0.05;

    public function __construct(private PlaySetting $setting, private Possession $ball, private Errands $errands) {}

    /** @return non-empty-list<ThrowOption> lead base first, first base last where the batter runs */
    public function all(): array
    {
        $options = [];
        $batterRuns = null !== $this->setting->batter;
        foreach (array_reverse($this->setting->runners) as $runner) {
            if ($runner->stays()) {
                continue;
            }
            $isForced = $batterRuns && $this->setting->situation->bases->forces($runner->base);
            $options[] = $this->at($runner->base->next() ?? Base::Home, $isForced, $runner->secondsOver(1));
        }
        if ($batterRuns) {
            $options[] = $this->at(Base::First, true, $this->setting->threats[Base::First->value]);
        }

        return [] === $options ? throw new \LogicException('Somebody runs.') : $options;
    }

    private function at(Base $base, bool $isForce, float $runnerThere): ThrowOption
    {
        $motion = $this->setting->level->motion;
        $throwing = $this->setting->throwing;
        [$taker, $there] = [$this->errands->taker($base), $this->errands->takenFrom($base)];
        $bag = $this->setting->bag($base);
        [$tag, $exact] = $isForce ? [0.0, $motion->forceSpread] : [$motion->tag, $motion->tagSpread];
        $isKnown = Base::First === $base && null !== $this->setting->state->context->batter->homeToFirst;
        $spread = OutChance::spread($exact, $this->setting->level->scatter, $isKnown);
        [$throw, $caught, $inHand] = $this->thrown($base, $there, $runnerThere - $tag, $spread);
        $onTime = $runnerThere - $throw->arrives - $tag;
        // Who is late takes the ball late, and tags then.
        $outAt = max($throw->arrives, $there) + $tag;
        $isTaken = null !== $taker;
        $inHand = $isTaken ? $inHand : 0.0;
        $carried = $throwing->carried($this->ball, $bag)->arrives;
        $onFoot = OutChance::ofMargin($runnerThere - $carried - $tag, $spread);
        if ($onFoot > max($inHand, self::A_CHANCE)) {
            $race = Race::to($carried, $carried, $carried, $isForce ? null : $tag, $runnerThere);

            return $this->onFoot($base, $race, $onFoot);
        }
        $chance = $this->ball->clean * $inHand;
        $after = $this->setting->after;
        $then = $isForce && null !== $taker ? $this->onward($base, $taker, $outAt) : null;

        $tagged = $isForce ? null : $tag;
        $race = Race::to($throw->released, $throw->arrives, $there, $tagged, $runnerThere);
        $odds = new Odds(
            $chance,
            $this->ball->clean * $caught * OutChance::ofMargin($onTime, $spread),
            $inHand,
            null === $then ? 0.0 : $chance * $then->inHand,
        );
        $cost =
            null === $after
                ? null
                : self::cost(
                    $after,
                    $base,
                    $chance,
                    $isTaken ? $this->ball->clean * (1 - $caught) : 0.0,
                    $isTaken && $this->errands->isBackedUp($base, $throw->arrives),
                    $then->inHand ?? 0.0,
                );

        return new ThrowOption($base, $taker, $race, $odds, $cost, $then);
    }

    /** Whoever has made a force goes on to first; null where that is not worth a throw. */
    private function onward(Base $from, Position $by, float $seconds): ?ThrowOption
    {
        $first = $this->errands->taker(Base::First);
        if (
            Base::First === $from ||
            Outs::Two === $this->setting->situation->outs ||
            null === $first ||
            null === $this->setting->batter
        ) {
            return null;
        }
        $level = $this->setting->level;
        $pivot = Possession::atBag(
            $this->setting->cast->at($by),
            $this->setting->bag($from),
            $seconds,
            $level->motion->exchangePivot,
        );
        $throw = $this->setting->throwing->to($pivot, $this->setting->bag(Base::First));
        $outAt = max($throw->arrives, $this->errands->takenFrom(Base::First));
        $runnerThere = $this->setting->threats[Base::First->value];
        $isKnown = null !== $this->setting->state->context->batter->homeToFirst;
        $spread = OutChance::spread($level->motion->forceSpread, $level->scatter, $isKnown);
        $chance =
            OutChance::ofMargin($runnerThere - $outAt, $spread) *
            $this->setting->throwing->clean($throw, Base::First) *
            Hands::pivotKept($level->skills);

        return $first === $by || $chance < Timeline::TWO_FROM
            ? null
            : new ThrowOption(
                Base::First,
                $first,
                Race::to($throw->released, $throw->arrives, $this->errands->takenFrom(Base::First), null, $runnerThere),
                Odds::sure($chance),
            );
    }

    /**
     * @param float $there s at which whoever takes it is there
     * @param float $until s until which the ball has to be held
     *
     * @return array{Delivery, float, float} the throw, the chance that it is caught, and of the out
     */
    private function thrown(Base $base, float $there, float $until, float $spread): array
    {
        [$throwing, $ball] = [$this->setting->throwing, $this->ball];
        $bag = $this->setting->bag($base);
        $throw = $throwing->to($ball, $bag);
        if ($throw->feet > 0.0) {
            $across = ($bag->x - $ball->at->x) / $throw->feet;
            $throw = $throw->later(
                Giving::handTurn($ball->by->player->traits->throws->armSide(), $across, $throw->feet),
            );
        }
        $caught = $throwing->clean($throw, $base);

        return [$throw, $caught, OutChance::ofMargin($until - max($throw->arrives, $there), $spread) * $caught];
    }

    /** He takes the bag himself, and nothing can be thrown away. */
    private function onFoot(Base $base, Race $race, float $inHand): ThrowOption
    {
        $chance = $this->ball->clean * $inHand;
        $after = $this->setting->after;

        $cost = null === $after ? null : self::cost($after, $base, $chance, 0.0, true);
        $odds = new Odds($chance, $chance, $inHand);

        return new ThrowOption($base, $this->ball->by->position, $race, $odds, $cost);
    }

    /** What the try costs on average: the out, a second one after it, the throw that goes astray, everybody safe. */
    private static function cost(
        AfterThrow $after,
        Base $base,
        float $chance,
        float $missed,
        bool $isBackedUp,
        float $then = 0.0,
    ): float {
        $astray = min(Giving::PAST * $missed, 1 - $chance);
        $both = $then > 0.0 ? $then * $after->both($base) : 0.0;

        return $chance * ($both + (1 - $then) * $after->out($base)) +
            $astray * $after->astray($isBackedUp ? 1 : 2) +
            (1 - $chance - $astray) * $after->safe();
    }
}
