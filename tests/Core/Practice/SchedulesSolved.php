<?php

declare(strict_types=1);

namespace FoxCorner\Tests\Core\Practice;

use FoxCorner\Core\Field\Diamond;
use FoxCorner\Core\People\RosterPlayer;
use FoxCorner\Core\Practice\Build\FieldPart;
use FoxCorner\Core\Practice\Build\Helpers;
use FoxCorner\Core\Practice\Build\Placement;
use FoxCorner\Core\Practice\Drill\Shipped\ShippedDrills;
use FoxCorner\Core\Practice\Schedule\KeptTurn;
use FoxCorner\Core\Practice\Schedule\PracticeRequest;
use FoxCorner\Core\Practice\Schedule\Schedule;
use FoxCorner\Core\Practice\Schedule\Scheduler;
use FoxCorner\Core\Practice\Time\TimePlan;
use FoxCorner\Tests\Core\Teams;

/** Schedules of an ordinary evening. */
trait SchedulesSolved
{
    /** @param list<KeptTurn> $kept */
    private static function pivots(int $nets, int $helpers, int $players, array $kept = []): Schedule
    {
        $drills = ['pivots-second' => ShippedDrills::get('pivots-second')];

        return Scheduler::solve(
            PracticeRequest::of(
                array_map(static fn(int $number): RosterPlayer => Teams::player($number, 4), range(1, $players)),
                Helpers::of($helpers),
                ['bucket of balls' => 1, 'net' => $nets],
                TimePlan::within(60),
                $drills,
                Placement::of($drills, Diamond::of(60, 43), FieldPart::Whole),
                [],
                $kept,
            ),
        );
    }
}
