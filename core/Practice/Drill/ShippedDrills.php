<?php

declare(strict_types=1);

namespace FoxCorner\Core\Practice\Drill;

use FoxCorner\Core\InvalidValue;
use FoxCorner\Core\Practice\Drill;

/** The drills that come with the program: one line each. */
final class ShippedDrills
{
    /** @return array<string, Drill> by key */
    public static function all(): array
    {
        $drills = array_map(
            static fn(ShippedDrill $shipped): Drill => $shipped->drill(),
            [new ChargeAndThrow(), new TurnBackToThird(), new CoverFirstOnTheRun(), new StretchAtSecond(), new BehindTheBag()],
        );

        return array_column($drills, null, 'key');
    }

    /** @throws InvalidValue */
    public static function get(string $key): Drill
    {
        $all = self::all();

        return $all[$key] ?? throw InvalidValue::notOneOf('drill', $key, array_keys($all));
    }
}
