<?php

declare(strict_types=1);

namespace FoxCorner\Core\People;

enum PositionGroup: string
{
    case Battery = 'battery';
    case Corners = 'corners';
    case Middle = 'middle';
    case Outfield = 'outfield';

    /** @return non-empty-list<Position> */
    public function positions(): array
    {
        return match ($this) {
            self::Battery => [Position::Pitcher, Position::Catcher],
            self::Corners => [Position::FirstBase, Position::ThirdBase],
            self::Middle => [Position::SecondBase, Position::Shortstop],
            self::Outfield => [Position::LeftField, Position::CenterField, Position::RightField],
        };
    }
}
