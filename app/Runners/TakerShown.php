<?php

declare(strict_types=1);

namespace FoxCorner\App\Runners;

use FoxCorner\Core\Field\Base;
use FoxCorner\Core\Field\Point;
use FoxCorner\Core\People\Position;
use FoxCorner\Core\Plan\SituationPlan;
use FoxCorner\Core\Play\Cast\CastMember;
use FoxCorner\Core\Play\Running\BatterSide;
use FoxCorner\Core\Play\Running\PickRace;

/** Whoever takes a throw behind a runner: where he stands, and when he is at the bag. */
final readonly class TakerShown
{
    private function __construct(
        public CastMember $who,
        public Point $at,
        public float $feet,
        public float $reach,
        public float $there,
    ) {}

    /** @param float|null $stands ft from the bag; null: within reach of it */
    public static function of(Base $base, SituationPlan $plan, ?PickRace $pick, ?float $stands): self
    {
        $who = $plan->cast->at(self::position($base, $plan));
        $bag = $plan->state->rules->diamond()->at($base);
        $away = $who->start->distanceTo($bag);
        $reach = null === $pick ? $away : $pick->withinReach($who->legs);
        $feet = $stands ?? min($away, $reach);
        $breaks = $pick?->kind->breaks();

        return new self(
            $who,
            $bag->toward($who->start, $feet),
            $feet,
            $reach,
            null === $breaks ? 0.0 : $breaks + $who->legs->secondsFor(max(0.0, $feet - 2.0)),
        );
    }

    /** By the batter's side at second: the hole that he hits at stays filled. */
    public static function position(Base $base, SituationPlan $plan): Position
    {
        return match ($base) {
            Base::First => Position::FirstBase,
            Base::Second => BatterSide::Left === BatterSide::of($plan->state->context->batter)
                ? Position::Shortstop
                : Position::SecondBase,
            default => Position::ThirdBase,
        };
    }
}
