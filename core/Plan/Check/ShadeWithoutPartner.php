<?php

declare(strict_types=1);

namespace FoxCorner\Core\Plan\Check;

use FoxCorner\Core\Alignment\Depth\DepthSpot;
use FoxCorner\Core\Alignment\Depth\Shade;
use FoxCorner\Core\Alignment\Spot;
use FoxCorner\Core\Field\Point;
use FoxCorner\Core\People\Position;
use FoxCorner\Core\Plan\SituationPlan;
use FoxCorner\Core\Play\Check\Finding;
use FoxCorner\Core\Play\Grid\Spray;

/** Somebody shades and opens a hole where this batter hits, and the neighbour on that side does not close it. */
final class ShadeWithoutPartner implements AlignmentCheck
{
    /** From left to right. */
    private const INFIELD = [Position::ThirdBase, Position::Shortstop, Position::SecondBase, Position::FirstBase];
    /** Steps by which the hole must have grown. */
    private const WIDER = 0.9;
    /**
     * Of the batter's ground balls between the corners, as a share of an even third: less is no hole to worry about
     * (ours).
     */
    private const HIT_THERE = 0.9;

    public function findings(SituationPlan $plan): array
    {
        $findings = [];
        for ($left = 0; $left < 3; ++$left) {
            $finding = $this->between(
                $plan->alignment->spot(self::INFIELD[$left]),
                $plan->alignment->spot(self::INFIELD[$left + 1]),
                $plan,
            );
            if (null !== $finding) {
                $findings[] = $finding;
            }
        }

        return $findings;
    }

    private function between(Spot $left, Spot $right, SituationPlan $plan): ?Finding
    {
        $step = Shade::STEP * $plan->state->rules->basePath;
        $grown =
            self::gap($left->placement->point(), $right->placement->point()) -
            self::gap(self::unshaded($left, $plan), self::unshaded($right, $plan));
        if ($grown < self::WIDER * $step || $this->shareHit($left, $right, $plan) < self::HIT_THERE) {
            return null;
        }
        [$shading, $partner] = abs($left->steps()) > abs($right->steps()) ? [$left, $right] : [$right, $left];
        $hole = $left->position->value . '–' . $right->position->value;

        return new Finding(
            'shade-alone',
            "$hole hole left open",
            \sprintf(
                '%d shades %s and the %s hole grows by %.0f ft, where this batter hits; %d does not move with him.',
                $shading->position->value,
                1 === abs($shading->steps()) ? 'a step' : abs($shading->steps()) . ' steps',
                $hole,
                $grown,
                $partner->position->value,
            ),
            \sprintf(
                'Let %d close it, %.0f %s toward %d, or take the shade back.',
                $partner->position->value,
                max(1.0, round($grown / $step)),
                $grown < 1.5 * $step ? 'step' : 'steps',
                $shading->position->value,
            ),
            $shading->position,
            null,
            (0.04 * $grown) / $step,
        );
    }

    /** The share of ground balls through the gap, against an even third of those between the corners. */
    private function shareHit(Spot $left, Spot $right, SituationPlan $plan): float
    {
        $spray = Spray::of($plan->state->context);
        $density = static fn(Spot $from, Spot $to): float => $spray->density(
            ($from->placement->point()->sprayDegrees() + $to->placement->point()->sprayDegrees()) / 2,
        );
        $all = 0.0;
        for ($index = 0; $index < 3; ++$index) {
            $all += $density(
                $plan->alignment->spot(self::INFIELD[$index]),
                $plan->alignment->spot(self::INFIELD[$index + 1]),
            );
        }

        return (3 * $density($left, $right)) / $all;
    }

    private static function gap(Point $left, Point $right): float
    {
        $home = Point::home();

        return (deg2rad($right->sprayDegrees() - $left->sprayDegrees()) *
            ($left->distanceTo($home) + $right->distanceTo($home))) /
            2;
    }

    private static function unshaded(Spot $spot, SituationPlan $plan): Point
    {
        $rules = $plan->state->rules;
        $feet = array_sum(array_map(static fn(Shade $shade): float => $shade->feet($rules->basePath), $spot->shades));
        if (0.0 === $feet) {
            return $spot->placement->point();
        }
        $now = DepthSpot::at($spot->position, $spot->placement->point(), $rules->diamond());

        return DepthSpot::of($spot->position, $now->off - $feet, $now->back, $rules->diamond())->point();
    }
}
