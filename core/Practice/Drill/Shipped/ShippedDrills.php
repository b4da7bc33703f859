<?php

declare(strict_types=1);

namespace FoxCorner\Core\Practice\Drill\Shipped;

use FoxCorner\Core\Practice\Drill\Drill;
use FoxCorner\Core\Problem\Problem;
use FoxCorner\Core\Problem\Unknown;

/** The drills that come with the program: one line a family. */
final class ShippedDrills
{
    /** @return array<string, Drill> by key */
    public static function all(): array
    {
        /** @var array<string, Drill>|null $all */
        static $all = null;

        return $all ??= array_column(
            array_merge(
                ...array_map(static fn(DrillFamily $family): array => $family->drills(), [
                    new DailyDrills(),
                    new DailyFeedDrills(),
                    new GroundBallDrills(),
                    new PitcherDrills(),
                    new FeedDrills(),
                    new PivotDrills(),
                    new TagDrills(),
                    new BuntDrills(),
                    new BuntTeamDrills(),
                    new HoldingDrills(),
                    new RelayDrills(),
                    new FlyDrills(),
                    new RunnerDrills(),
                    new SmallGroupDrills(),
                    new FinerDrills(),
                    new TeamDrills(),
                ]),
            ),
            null,
            'key',
        );
    }

    /** @throws Problem */
    public static function get(string $key): Drill
    {
        return self::all()[$key] ?? throw Unknown::notOneOf('drill', $key, array_keys(self::all()));
    }
}
