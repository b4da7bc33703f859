<?php

declare(strict_types=1);

namespace FoxCorner\App\Runners;

use FoxCorner\Core\Alignment\Depth\NamedDepth;
use FoxCorner\Core\Field\Base;
use FoxCorner\Core\People\Position;
use FoxCorner\Core\Plan\SituationPlan;
use FoxCorner\Core\Play\Running\PickRace;
use FoxCorner\Core\Range\RangeMap;
use FoxCorner\Core\Runs\PlayCost;

/** The ways to hold a runner, and what each costs in range: of whoever holds, where he then stands. */
final class Holds
{
    /** Of the way back to his spot that whoever dances in and out has gone when the ball is hit (ours). */
    private const BACK = 0.4;

    /** @return list<HoldCost> */
    public static function of(Base $base, SituationPlan $plan, PlayCost $cost, ?PickRace $pick): array
    {
        return match ($base) {
            Base::First => self::first($plan, $cost),
            Base::Second => null === $pick ? [] : self::second($plan, $cost, $pick),
            default => [],
        };
    }

    /** @return list<HoldCost> */
    private static function second(SituationPlan $plan, PlayCost $cost, PickRace $pick): array
    {
        $map = $plan->range($cost);
        $holds = [];
        foreach ([Position::SecondBase, Position::Shortstop] as $position) {
            $who = $plan->cast->at($position);
            $bag = $plan->state->rules->diamond()->at(Base::Second);
            $away = $who->start->distanceTo($bag);
            $reach = min($away, $pick->withinReach($who->legs));
            foreach (
                [
                    ['Stands still', 'within reach, reads the runner', $reach],
                    [
                        'In and out',
                        'pushes him back, is on the way to his place',
                        $reach + self::BACK * ($away - $reach),
                    ],
                ] as [$how, $words, $feet]
            ) {
                $moved = $plan->cast->moved($position, $bag->toward($who->start, $feet));
                $holds[] = new HoldCost(
                    $position,
                    $how,
                    $words,
                    $feet,
                    self::lost($map, $map->moved($moved, $position)),
                );
            }
        }

        return $holds;
    }

    /** @return list<HoldCost> */
    private static function first(SituationPlan $plan, PlayCost $cost): array
    {
        if (!$plan->state->firstIsHeld()) {
            return [];
        }
        $bag = $plan->state->rules->diamond()->at(Base::First);
        $behind = $plan->atDepths([Position::FirstBase->value => NamedDepth::Normal], 'Plays behind the runner.');
        $held = $plan->range($cost);
        $away = $behind->range($cost);

        return [
            new HoldCost(
                Position::FirstBase,
                'Holds, then shuffles',
                'heel at the corner of the bag; along the line with the pitch, not forward',
                $plan->cast->at(Position::FirstBase)->start->distanceTo($bag),
                self::lost($away, $held),
            ),
            new HoldCost(
                Position::FirstBase,
                'Plays behind him',
                'gives the lead, keeps the hole',
                $behind->cast->at(Position::FirstBase)->start->distanceTo($bag),
                0.0,
            ),
        ];
    }

    private static function lost(RangeMap $before, RangeMap $after): float
    {
        return 100 * ($before->summary->outsPerBall - $after->summary->outsPerBall);
    }
}
