<?php

declare(strict_types=1);

namespace FoxCorner\Core\Known;

use FoxCorner\Core\Family\ShippedFamilies;
use FoxCorner\Core\Field\Base;
use FoxCorner\Core\Motion\RollingBall;
use FoxCorner\Core\Motion\Speed;
use FoxCorner\Core\Plan\Audit\PlannedPlay;
use FoxCorner\Core\Plan\PlanBook;
use FoxCorner\Core\Plan\SituationPlan;
use FoxCorner\Core\Runs\PlayCost;

/** What a bunt with a runner on first and nobody out comes to, over the bunts that bunters lay down (ours). */
final readonly class Sacrifice
{
    /** Degrees from straight away, to both sides: they are meant to go between the pitcher and a line. */
    private const DIRECTIONS = [-40.0, -30.0, -20.0, -10.0, 0.0, 10.0, 20.0, 30.0, 40.0];
    private const MEANT = 28.0;
    private const AROUND = 14.0;
    /** mph off the bat. */
    private const SPEEDS = [12.0, 15.0, 18.0, 21.0, 24.0, 27.0, 30.0, 33.0, 36.0, 39.0];
    private const SOFT = 22.0;
    private const SPREAD = 6.0;

    /** The chances: the batter out, the runner out, everybody safe. */
    private function __construct(public float $batter, public float $lead, public float $safe) {}

    public static function of(SituationPlan $plan, PlayCost $cost): self
    {
        $rules = $plan->state->rules;
        $family = ShippedFamilies::all()->get(ShippedFamilies::BUNTS);
        $play = PlannedPlay::of($plan, $family, PlanBook::shipped($rules));
        $batter = $lead = $whole = 0.0;
        foreach (self::DIRECTIONS as $degrees) {
            foreach (self::SPEEDS as $mph) {
                $weight = exp(
                    -(((abs($degrees) - self::MEANT) / self::AROUND) ** 2 + (($mph - self::SOFT) / self::SPREAD) ** 2) /
                        2,
                );
                $feet = RollingBall::bunt(Speed::ofMph($mph), $rules->buntSurface(), $degrees)->restDistance();
                $called = $play
                    ->run($family->trial(['degrees' => $degrees, 'feet' => $feet], $plan->scene()), $cost)
                    ->called();
                $whole += $weight;
                $batter += Base::First === $called->base ? $weight * $called->chance : 0.0;
                $lead += Base::First === $called->base ? 0.0 : $weight * $called->chance;
            }
        }

        return new self($batter / $whole, $lead / $whole, 1 - ($batter + $lead) / $whole);
    }
}
