<?php

declare(strict_types=1);

namespace FoxCorner\Core\People;

enum PositionGroup: string
{
    case Battery = 'battery';
    case Corners = 'corners';
    case Middle = 'middle';
    case Outfield = 'outfield';

    /** @return list<Position> */
    public function positions(): array
    {
        return array_values(array_filter(Position::cases(), fn(Position $position): bool => $position->group() === $this));
    }
}
