<?php

declare(strict_types=1);

namespace FoxCorner\Tests\Core\Practice;

use FoxCorner\Core\Family\ShippedFamilies;
use FoxCorner\Core\Field\Diamond;
use FoxCorner\Core\Field\ShippedRuleSets;
use FoxCorner\Core\Level\Level;
use FoxCorner\Core\People\RosterPlayer;
use FoxCorner\Core\Plan\Audit\AuditedPlay;
use FoxCorner\Core\Plan\Audit\JobAsked;
use FoxCorner\Core\Plan\Audit\PlannedPlay;
use FoxCorner\Core\Plan\PlanBook;
use FoxCorner\Core\Practice\Build\FieldPart;
use FoxCorner\Core\Practice\Build\Helpers;
use FoxCorner\Core\Practice\Build\Placement;
use FoxCorner\Core\Practice\Build\StationChoice;
use FoxCorner\Core\Practice\Drill\Shipped\ShippedDrills;
use FoxCorner\Core\Practice\Need\Demand;
use FoxCorner\Core\Practice\Need\JobNeed;
use FoxCorner\Core\Practice\Need\JobNeeds;
use FoxCorner\Core\Practice\Need\PlanDemand;
use FoxCorner\Core\Practice\Need\Record;
use FoxCorner\Core\Practice\Need\StandingDemand;
use FoxCorner\Core\Practice\Need\Taught;
use FoxCorner\Core\Practice\Schedule\KeptTurn;
use FoxCorner\Core\Practice\Schedule\PracticeRequest;
use FoxCorner\Core\Practice\Time\TimePlan;
use FoxCorner\Core\Runs\RunChain;
use FoxCorner\Tests\Core\Teams;

/** Practices that tests start from: the shipped drills, the plan of an ordinary team. */
final class Practices
{
    public const SHED = ['bucket of balls' => 4, 'bag' => 3, 'net' => 1, 'screen' => 1, 'helmet' => 4, 'cone' => 12];

    public static function audited(PlannedPlay $play): AuditedPlay
    {
        return new AuditedPlay($play, $play->report());
    }

    /**
     * @param list<RosterPlayer> $players
     * @param list<Taught>       $taught
     *
     * @return list<JobNeed>
     */
    public static function needs(array $players, array $taught = []): array
    {
        return JobNeeds::of(
            [
                ...PlanDemand::of(JobAsked::of([self::audited(Teams::bunt())])),
                ...StandingDemand::of(ShippedRuleSets::get('fastpitch-43')),
            ],
            $players,
            Record::of($taught, ShippedDrills::all()),
        );
    }

    /**
     * @param list<RosterPlayer> $players
     * @param list<KeptTurn>     $kept
     */
    public static function request(
        array $players,
        int $helpers = 3,
        int $minutes = 70,
        ?Diamond $diamond = null,
        FieldPart $part = FieldPart::Whole,
        array $kept = [],
        int $seed = 1,
    ): PracticeRequest {
        $diamond ??= Diamond::of(60, 43);
        $help = Helpers::of($helpers);
        $needs = self::needs($players);
        $drills = (new StationChoice($players, $help, self::SHED, $part, $diamond))->of($needs, ShippedDrills::all());

        return PracticeRequest::of(
            $players,
            $help,
            self::SHED,
            TimePlan::within($minutes),
            $drills,
            Placement::of($drills, $diamond, $part),
            $needs,
            $kept,
            $seed,
        );
    }

    /** @return list<Demand> what the shipped plan of a level asks over all situations, and every game besides */
    public static function demands(string $rules, Level $level): array
    {
        $plays = [];
        foreach (RunChain::situations() as $situation) {
            $plan = Teams::plan(Teams::state($rules, $situation->key()), $level);
            foreach (ShippedFamilies::all()->all() as $family) {
                $play = PlannedPlay::of($plan, $family, PlanBook::shipped($plan->state->rules));
                if (null !== $play->coverage) {
                    $plays[] = self::audited($play);
                }
            }
        }

        return [...PlanDemand::of(JobAsked::of($plays)), ...StandingDemand::of(ShippedRuleSets::get($rules))];
    }
}
