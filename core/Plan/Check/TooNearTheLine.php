<?php

declare(strict_types=1);

namespace FoxCorner\Core\Plan\Check;

use FoxCorner\Core\Alignment\Depth\NamedDepth;
use FoxCorner\Core\Alignment\Depth\Shade;
use FoxCorner\Core\Alignment\Spot;
use FoxCorner\Core\Field\Diamond;
use FoxCorner\Core\Field\Point;
use FoxCorner\Core\People\Position;
use FoxCorner\Core\Plan\SituationPlan;
use FoxCorner\Core\Play\Check\Finding;

/** A corner who plays so near the line that what he has on his backhand side is foul: he guards nothing by it. */
final class TooNearTheLine implements AlignmentCheck
{
    /** Outs in a hundred ground balls, roughly, for each step too near (ours). */
    private const EACH_STEP = 0.02;

    public function findings(SituationPlan $plan): array
    {
        $findings = [];
        foreach ([Position::FirstBase, Position::ThirdBase] as $position) {
            $spot = $plan->alignment->spot($position);
            // At the bag for a runner, or in for a bunt, he is not there for what goes down the line.
            if (!\in_array($spot->depth, [NamedDepth::Hold, NamedDepth::Bunt], true)) {
                array_push($findings, ...self::of($spot, $plan));
            }
        }

        return $findings;
    }

    /** @return list<Finding> */
    private static function of(Spot $spot, SituationPlan $plan): array
    {
        $point = $spot->placement->point();
        $off = sin(deg2rad(Diamond::FAIR - abs($point->sprayDegrees()))) * $point->distanceTo(Point::home());
        $step = Shade::STEP * $plan->state->rules->basePath;
        $covers = $plan->level->motion->reach + $step;
        if ($off >= $covers) {
            return [];
        }

        return [
            new Finding(
                'too-near-the-line',
                ucfirst($spot->position->person()) . ' guards foul ground',
                \sprintf(
                    '%d stands %.0f ft off the line; a step and his reach to that side are %.0f ft: the rest is foul.',
                    $spot->position->value,
                    max(0.0, $off),
                    $covers,
                ),
                \sprintf('Stand %.0f ft off it: nothing fair is given away there.', ceil($covers)),
                $spot->position,
                null,
                (self::EACH_STEP * ($covers - $off)) / $step,
            ),
        ];
    }
}
