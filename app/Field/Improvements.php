<?php

declare(strict_types=1);

namespace FoxCorner\App\Field;

use FoxCorner\App\Club\Team;
use FoxCorner\App\Plan\Address\SituationAddress;
use FoxCorner\App\Plan\Codec\Fingerprint;
use FoxCorner\App\Plan\PlanReader;
use FoxCorner\App\Plan\RunTables;
use FoxCorner\App\Shared\Kept\Figures;
use FoxCorner\Core\Alignment\Depth\NamedDepth;
use FoxCorner\Core\Alignment\Spot;
use FoxCorner\Core\Game\Context;
use FoxCorner\Core\People\Position;
use FoxCorner\Core\Plan\SituationPlan;

/**
 * The best small moves. They take seconds: a worker looks for them, and what he has found is kept where every process
 * of the house finds it.
 */
final readonly class Improvements
{
    public function __construct(private PlanReader $plans, private RunTables $tables, private Figures $figures) {}

    public function planAt(Team $team, SituationAddress $address): SituationPlan
    {
        return $this->plans->read($team, $address->situation, $address->context, $address->moved)->plan;
    }

    /**
     * A mark of all that the answer depends on.
     *
     * @param SituationPlan $plan at the address
     */
    public function mark(Team $team, SituationPlan $plan, Context $context, float $reach, bool $isJoint): string
    {
        $plan = $plan->unnamed();

        return Fingerprint::of([
            $plan->state,
            $plan->level,
            $plan->cast,
            $plan->alignment,
            $this->tables->cost($team, $context),
            $reach,
            $isJoint,
        ]);
    }

    /** @return FoundStep|null null when nobody has looked yet */
    public function known(string $mark): ?FoundStep
    {
        return $this->figures->known(FoundStep::class, $mark);
    }

    /** @param float $reach paces that a fielder may be asked to go */
    public function look(Team $team, SituationAddress $address, float $reach, bool $isJoint): void
    {
        $plan = $this->planAt($team, $address);
        $improver = $plan->improver(
            $plan->range($this->tables->cost($team, $address->context)),
            self::fixed($plan),
            (int) round(2 * $reach),
        );
        $mark = $this->mark($team, $plan, $address->context, $reach, $isJoint);
        $this->figures->keep(FoundStep::class, [
            $mark => new FoundStep($isJoint ? $improver->joint() : $improver->single()),
        ]);
    }

    /** @return list<Position> whom somebody put there, who hold a runner or wait for a bunt */
    private static function fixed(SituationPlan $plan): array
    {
        return array_values(
            array_map(
                static fn(Spot $spot): Position => $spot->position,
                array_filter(
                    $plan->alignment->spots(),
                    static fn(Spot $spot): bool => $spot->byHand ||
                        \in_array($spot->depth, [NamedDepth::Hold, NamedDepth::Bunt], true),
                ),
            ),
        );
    }
}
