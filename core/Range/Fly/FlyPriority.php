<?php

declare(strict_types=1);

namespace FoxCorner\Core\Range\Fly;

use FoxCorner\Core\People\Position;

/**
 * Who has a fly that several can reach: center over the corners of the outfield, outfield over infield,
 * shortstop over second, middle over corners, corners over the catcher, anybody over the pitcher.
 */
final class FlyPriority
{
    private const ORDER = [
        Position::CenterField,
        Position::LeftField,
        Position::RightField,
        Position::Shortstop,
        Position::SecondBase,
        Position::ThirdBase,
        Position::FirstBase,
        Position::Catcher,
        Position::Pitcher,
    ];

    /** @param non-empty-list<Position> $positions */
    public static function of(array $positions): Position
    {
        foreach (self::ORDER as $position) {
            if (\in_array($position, $positions, true)) {
                return $position;
            }
        }

        return $positions[0];
    }
}
