<?php

declare(strict_types=1);

namespace FoxCorner\Core\Plan\Audit;

use FoxCorner\Core\Alignment\Depth\NamedDepth;
use FoxCorner\Core\Field\Base;
use FoxCorner\Core\Field\Paces;
use FoxCorner\Core\Field\Point;
use FoxCorner\Core\People\Position;
use FoxCorner\Core\People\PositionGroup;
use FoxCorner\Core\Plan\SituationPlan;
use FoxCorner\Core\Play\Check\Finding;
use FoxCorner\Core\Range\ReactionCaution;

/**
 * Looks for a start of the fielder who is late from which he is not: half a pace after the other toward the bag, as far
 * as the rules and the caution let him.
 */
final readonly class Mender
{
    /** Half paces that a fielder can be moved without giving up the position (ours). */
    private const FARTHEST = 8;

    /** ft from home inside which nobody is moved. */
    private float $closest;

    public function __construct(private SituationPlan $plan)
    {
        $this->closest = ReactionCaution::closest($plan->level, $plan->state->rules->sport);
    }

    /** @param \Closure(Position, Point): bool $isGone whether the fault is gone when that one starts there */
    public function of(Finding $finding, \Closure $isGone): ?Mend
    {
        $position = $finding->position;
        if (!$finding->isClose || null === $position || null === $finding->base || !$this->canMove($position)) {
            return null;
        }
        $who = $this->plan->lineup->at($position);
        $start = $this->plan->alignment->spot($position)->placement->point();
        $bag = $this->plan->state->rules->diamond()->at($finding->base);
        for ($half = 1; $half <= self::FARTHEST; ++$half) {
            $feet = ($half * $who->traits->pace()) / 2;
            $to = $start->toward($bag, $feet);
            if ($feet >= $start->distanceTo($bag) || $to->distanceTo(Point::home()) < $this->closest) {
                return null;
            }
            if ($isGone($position, $to)) {
                return new Mend($position, $to, self::words($who->name, $feet, $who->traits->pace(), $finding->base));
            }
        }

        return null;
    }

    /** Neither the battery, nor an outfielder for a bag, nor whoever holds a runner. */
    private function canMove(Position $position): bool
    {
        return !\in_array($position->group(), [PositionGroup::Battery, PositionGroup::Outfield], true) &&
            NamedDepth::Hold !== $this->plan->alignment->spot($position)->depth;
    }

    private static function words(string $name, float $feet, float $pace, Base $base): string
    {
        $paces = Paces::inFeet($feet, $pace);

        return \sprintf(
            'Start %s %s %s nearer %s.',
            $name,
            $paces->count(),
            $paces->count > 1.0 ? 'paces' : 'pace',
            $base->word(),
        );
    }
}
